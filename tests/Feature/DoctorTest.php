<?php

declare(strict_types=1);

use App\Operations\Health\HealthChecks;
use App\Operations\Health\InstalledFiles;
use Illuminate\Encryption\Encrypter;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Scene;

beforeEach(function (): void {
    $this->says = static fn (): string => implode("\n", app(HealthChecks::class)());
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
    DB::table('migrations')->where('migration', 'like', '%create_outlooks%')->delete();

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

it('tries to open one of each thing that is kept encrypted', function (): void {
    $scene = Scene::team();
    expect(($this->says)())->not->toContain('does not open');
    $elsewhere = new Encrypter(random_bytes(32), 'AES-256-CBC');
    DB::table('calendar_feeds')->insert([
        'user_id' => $scene->painter->id, 'token' => $elsewhere->encrypt('x', false), 'token_hash' => hash('sha256', 'x'),
    ]);
    expect(($this->says)())->toContain('What is kept encrypted does not open with the APP_KEY in .env: links to calendars.');
    // Nobody is answered with a fault.
    $this->actingAs($scene->painter)->getJson('/api/calendar/link')->assertStatus(503)
        ->assertJsonPath('message', 'This was locked with another key than this server has. Ask whoever runs it to run inch:doctor.');
});

it('finds a folder that is missing, and files of packages that were changed', function (): void {
    Scene::team();
    $folder = sys_get_temp_dir().'/inch-doctor-'.bin2hex(random_bytes(4));
    mkdir("{$folder}/vendor/some", recursive: true);
    file_put_contents("{$folder}/vendor/some/One.php", '<?php // as it was');
    file_put_contents("{$folder}/vendor/.manifest.json", json_encode(InstalledFiles::sums("{$folder}/vendor")));
    $changed = new InstalledFiles;
    expect($changed("{$folder}/vendor"))->toBe([]);
    file_put_contents("{$folder}/vendor/some/One.php", '<?php // as somebody wants it');
    file_put_contents("{$folder}/vendor/some/Two.php", '<?php // as somebody wants it');
    expect($changed("{$folder}/vendor"))->toBe(['some/One.php', 'some/Two.php']);

    mkdir("{$folder}/storage");
    $this->app->useStoragePath("{$folder}/storage");
    expect(($this->says)())->toContain('Folders are missing in ', 'framework/cache, framework/sessions, framework/views, logs');
    $this->app->useStoragePath(base_path('storage'));
    (new Filesystem)->deleteDirectory($folder);
});

it('finds a table that was dropped', function (): void {
    // In a database of its own: a table that goes takes the test's transaction along.
    $own = config('database.connections.mariadb');
    $pdo = new PDO("mysql:host=127.0.0.1;port={$own['port']}", $own['username'], $own['password']);
    $pdo->exec('drop database if exists inch_doctor');
    $pdo->exec('create database inch_doctor');
    foreach (DB::table('information_schema.tables')->whereRaw('table_schema = database()')->pluck('table_name') as $table) {
        $table === 'releases' || $pdo->exec("create table inch_doctor.{$table} like {$own['database']}.{$table}");
    }
    $pdo->exec("insert into inch_doctor.migrations (migration, batch) values ('x', 1)");
    config(['database.connections.other' => [...$own, 'database' => 'inch_doctor'], 'database.default' => 'other']);
    try {
        expect(($this->says)())->toContain('Tables are missing: releases. Bring back a backup');
    } finally {
        config(['database.default' => 'mariadb']);
        $pdo->exec('drop database inch_doctor');
    }
});

it('says when the data are of a newer release, and starts nothing then', function (): void {
    Scene::team();
    DB::table('migrations')->insert(['migration' => '2099_01_01_000000_from_tomorrow', 'batch' => 99]);
    DB::table('releases')->insert(['version' => '9.0.0']);
    expect(($this->says)())->toContain('The data are of a newer release than the program');
    $this->artisan('inch:data')->assertFailed()
        ->expectsOutputToContain('The data here were written by Inch Timer 9.0.0, which is newer than this');
});

it('carries the key in a backup where a passphrase is set, and gives it to nobody else', function (): void {
    $run = static function (string $script, array $with): Process {
        $tools = '. tools/setup.sh; . tools/database.sh; . tools/kept.sh; . tools/backup.sh; ';
        $process = new Process(['bash', '-c', $tools.$script], base_path(), [...$with, 'APP_KEY' => 'base64:the-key-of-the-sea']);
        $process->setInput('');
        $process->run();

        return $process;
    };
    $file = (string) tempnam(sys_get_temp_dir(), 'inch-backup-');
    $write = "{ key_locked; echo 'select 1;'; } | gzip > {$file}";
    $run($write, ['INCH_BACKUP_PASSPHRASE' => 'three words here']);
    expect((string) gzdecode((string) file_get_contents($file)))->not->toContain('the-key-of-the-sea')->toContain('inch-key: ')
        ->and($run("key_of {$file}", ['INCH_BACKUP_PASSPHRASE' => 'three words here'])->getOutput())->toBe("base64:the-key-of-the-sea\n")
        ->and($run("key_of {$file}", ['INCH_BACKUP_PASSPHRASE' => 'others'])->getExitCode())->not->toBe(0);
    $run($write, ['INCH_BACKUP_PASSPHRASE' => '']);
    expect((string) gzdecode((string) file_get_contents($file)))->toBe("select 1;\n")
        ->and($run("key_of {$file}", ['INCH_BACKUP_PASSPHRASE' => 'x'])->getExitCode())->not->toBe(0);
    unlink($file);
});
