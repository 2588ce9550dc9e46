<?php

declare(strict_types=1);

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

// The database loses its power in the middle of writing, again and again, while somebody taps on.

const KILLS = 5;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/inch-timer-killed-'.bin2hex(random_bytes(6));
    mkdir($this->folder);
    $this->port = freePort();
    $this->started = new ArrayObject;
    $this->env = [
        'DB_HOST' => '127.0.0.1', 'DB_PORT' => (string) $this->port, 'DB_DATABASE' => 'inch_killed', 'DB_USERNAME' => 'inch',
        'DB_PASSWORD' => 'inch-test', 'DB_SOCKET' => '', 'QUEUE_CONNECTION' => 'sync', 'CACHE_STORE' => 'array',
        'DATA' => "{$this->folder}/data",
    ];
});

afterEach(function (): void {
    foreach ($this->started as $process) {
        $process->stop(0, SIGKILL);
    }
    File::deleteDirectory($this->folder);
});

function freePort(): int
{
    $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
    $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: ':0', 1);
    fclose($socket);

    return $port;
}

/** In the project's folder, with the database that is going to be killed. */
function inShell(string $command): Process
{
    $make = '. tools/database.sh; database_make "$DATA" "$DB_PORT"';
    $process = new Process(['bash', '-c', "{$make}; {$command}"], base_path(), test()->env);
    test()->started[] = $process;

    return $process->setTimeout(120);
}

/** As durable as it is in earnest. */
function databaseUp(): Process
{
    $database = inShell('database_run durable');
    $database->start();
    inShell('database_wait')->mustRun();

    return $database;
}

it('has every tap once that it said it kept, however often the database is killed', function (): void {
    $database = databaseUp();
    inShell('database_grant inch_killed inch inch-test; database_create inch_killed; php artisan migrate --force --quiet')->mustRun();
    $kept = "{$this->folder}/kept";
    $tapping = new Process(['php', __DIR__.'/tap-on.php', $kept], base_path(), $this->env);
    $this->started[] = $tapping;
    $tapping->setTimeout(120)->start();
    $taps = static fn (): array => is_file($kept) ? array_filter(explode("\n", (string) file_get_contents($kept))) : [];

    for ($kill = 0; $kill < KILLS; $kill++) {
        $before = count($taps());
        // Each time at another moment of a tap.
        for ($wait = 0; $wait < 400 && count($taps()) < $before + 5; $wait++) {
            usleep(20_000 + 1_700 * $kill);
        }
        expect($taps())->not->toHaveCount($before, $tapping->getErrorOutput());
        $database->signal(SIGKILL);
        $database->wait();
        $database = databaseUp();
    }
    $count = count($taps());
    for ($wait = 0; $wait < 400 && count($taps()) < $count + 5; $wait++) {
        usleep(20_000);
    }
    touch("{$kept}.stop");
    $tapping->wait();

    expect($tapping->getExitCode())->toBe(0, $tapping->getErrorOutput());
    $there = new PDO("mysql:host=127.0.0.1;port={$this->port};dbname=inch_killed", 'inch', 'inch-test');
    $asked = $there->query('select id from chair_events order by seq') ?: throw new RuntimeException('It does not answer.');
    $ids = $asked->fetchAll(PDO::FETCH_COLUMN);
    expect($ids)->toBe(array_values($taps()))->and(count($ids))->toBeGreaterThan(5 * KILLS);
});
