<?php

declare(strict_types=1);

use App\Queries\Operations\WhatAilsIt;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Tests\Scene;

beforeEach(function (): void {
    $this->says = static fn (): string => implode("\n", app(WhatAilsIt::class)());
});

it('says in sentences what is wrong with an installation', function (): void {
    config(['app.key' => '', 'app.debug' => true, 'app.url' => 'http://faces.example', 'app.demo' => true]);
    DB::table('jobs')->insert([
        'queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => time() - 900, 'created_at' => time() - 900,
    ]);
    DB::table('failed_jobs')->insert([
        'uuid' => 'x', 'connection' => 'database', 'queue' => 'default', 'payload' => '{}', 'exception' => 'e', 'failed_at' => now(),
    ]);
    Scene::team();
    DB::table('migrations')->where('migration', 'like', '%create_invitations%')->delete();

    expect(($this->says)())->toContain('APP_KEY in .env is empty')->toContain('APP_DEBUG in .env is on')
        ->toContain('Nothing has taken up what is to be done for 15 minutes')->toContain('1 pieces of work failed')
        ->toContain('The data are of an older release. Run bin/upgrade.')
        ->toContain('Letters lie in storage/outbox', 'APP_URL in .env does not begin with https')
        ->toContain('The demo, whose password everybody knows');
});

it('says nothing of what is well', function (): void {
    config(['app.key' => 'base64:x', 'app.debug' => false, 'app.url' => 'http://127.0.0.1:8321', 'app.demo' => true]);

    $said = ($this->says)();
    $all = ['APP_KEY', 'APP_DEBUG', 'older release', 'MariaDB', 'STRICT_TRANS', 'seconds apart', 'of work', 'demo', 'https', 'outbox'];
    foreach ($all as $words) {
        expect(str_contains($said, $words))->toBeFalse($words);
    }
});

it('misses the backups where there has never been one', function (): void {
    $this->app->useStoragePath(sys_get_temp_dir().'/inch-bare-'.bin2hex(random_bytes(4)));
    mkdir(storage_path('backups'), recursive: true);
    expect(($this->says)())->toContain('There is no backup of the last two days');

    touch(storage_path('backups/inch-1.sql.gz'));
    expect(($this->says)())->not->toContain('There is no backup');
    (new Filesystem)->deleteDirectory(storage_path());
});

it('says so when the database does not answer', function (): void {
    config([
        'database.connections.nowhere' => [...config('database.connections.mariadb'), 'port' => '1', 'unix_socket' => '/nowhere'],
        'database.default' => 'nowhere',
    ]);
    try {
        expect(($this->says)())->toContain('The database does not answer, or is empty');
        $this->artisan('inch:doctor')->assertExitCode(1);
    } finally {
        // What this test wrote is rolled back on the connection that it was written on.
        config(['database.default' => 'mariadb']);
    }
});
