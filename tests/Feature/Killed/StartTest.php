<?php

declare(strict_types=1);

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

// bin/start in folders and on ports of its own: masters, keepers and bin/start itself are killed; what it keeps is there again, or gone.

/** How long something may take on a machine that has other work. */
const START_PATIENCE_SECONDS = 60;

/** A folder with all of the project but its data; what is installed comes along. */
function copied(string $name): string
{
    $folder = sys_get_temp_dir()."/inch-timer-start-{$name}-".bin2hex(random_bytes(4));
    mkdir($folder);
    (new Process(['bash', '-c', 'set -e
        git ls-files -zco --exclude-standard | xargs -0 cp --parents -t "$0"
        cp -a vendor "$0/"
        cp -a public/build public/sw* "$0/public/"
        mkdir -p "$0"/storage/{framework/{cache/data,sessions,views},logs} "$0/node_modules"
        # As after a set-up: nothing is installed or built anew, least of all into what others use.
        cd "$0" && . tools/setup.sh
        printf %s "$(sum_of composer.json)" >vendor/.sum
        printf %s "$(sum_of package.json package-lock.json)" >node_modules/.sum
        printf %s "$(sum_of resources vite.config.ts svelte.config.js package-lock.json)" >public/build/.sum', $folder], base_path()))
        ->mustRun();

    return $folder;
}

function freePort(): int
{
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    assert($socket !== false);
    $port = (int) last(explode(':', (string) stream_socket_get_name($socket, false)));
    fclose($socket);

    return $port;
}

/** @param  array{int, int}  $ports  of the server and the database */
function started(string $folder, array $ports): Process
{
    // What these tests say of their own database is not said to it.
    $own = array_fill_keys(['DB_HOST', 'DB_PORT', 'DB_USERNAME', 'DB_PASSWORD', 'DB_DATABASE', 'DB_SOCKET', 'APP_ENV', 'APP_KEY',
        'APP_DEBUG', 'CACHE_STORE', 'QUEUE_CONNECTION', 'SESSION_DRIVER', 'LOG_CHANNEL', 'INCH_DEMO', 'APP_CONFIG_CACHE',
        'APP_ROUTES_CACHE',
        'APP_EVENTS_CACHE', 'BCRYPT_ROUNDS'], false);
    $process = new Process(['bin/start'], $folder, [...$own, 'INCH_PORT' => $ports[0], 'INCH_DB_PORT' => $ports[1]], timeout: null);
    $process->start();
    test()->started[] = $process;

    return $process;
}

function answers(int $port): bool
{
    return str_contains((string) @file_get_contents("http://127.0.0.1:{$port}/", context: stream_context_create(
        ['http' => ['timeout' => 2]],
    )), 'Inch Timer');
}

/** @param  string|Closure(): string  $what  is wrong where it does not come about */
function until(Closure $is, string|Closure $what): void
{
    for ($until = microtime(true) + START_PATIENCE_SECONDS; microtime(true) < $until; usleep(50_000)) {
        if ($is()) {
            return;
        }
    }
    test()->fail(is_string($what) ? $what : $what());
}

/** @return array<int, string> the command lines of all that runs in a folder, by number */
function runningIn(string $folder): array
{
    $running = [];
    foreach (glob('/proc/[0-9]*') ?: [] as $process) {
        $at = (string) @readlink("{$process}/cwd");
        $command = str_replace("\0", ' ', (string) @file_get_contents("{$process}/cmdline"));
        if ($command !== '' && ($at === $folder || str_starts_with($at, "{$folder}/"))) {
            $running[(int) basename($process)] = $command;
        }
    }

    return $running;
}

/** @return list<int> */
function pidsOf(string $folder, string $words): array
{
    return array_keys(array_filter(runningIn($folder), static fn (string $command): bool => str_contains($command, $words)));
}

/** As many of each as there are when nothing has happened: nobody was left behind. */
function expectWhole(string $folder): void
{
    until(static fn (): bool => array_map(static fn (string $words): int => count(pidsOf($folder, $words)), [
        'nginx: master', 'nginx: worker', 'fpm: master', 'fpm: pool', 'mariadbd --no', 'tools/keep.sh', 'queue:work', 'schedule:work',
    ]) === [1, 1, 4, 16, 1, 7, 4, 1], static fn (): string => 'Left behind, or missing: '.implode("\n", runningIn($folder)));
}

beforeEach(function (): void {
    $this->started = new ArrayObject;
    $this->folders = [$this->folder = copied('one')];
    $this->ports = [freePort(), freePort()];
});

afterEach(function (): void {
    foreach ($this->started as $process) {
        $process->stop(30);
    }
    foreach ($this->folders as $folder) {
        until(static fn (): bool => runningIn($folder) === [], static fn (): string => 'Left: '.implode("\n", runningIn($folder)));
        File::deleteDirectory($folder);
    }
});

it('has everything there again, whichever master or keeper is killed, and leaves nobody behind', function (): void {
    $start = started($this->folder, $this->ports);
    until(fn (): bool => answers($this->ports[0]), static fn (): string => "It does not come up: {$start->getErrorOutput()}");
    expectWhole($this->folder);
    $pidIn = fn (string $file): int => (int) file_get_contents("{$this->folder}/storage/{$file}");
    $kills = [
        ['nginx: master'], ['nginx: worker'], ['fpm: master'], ['fpm: master', 'tools/serve.sh'], ['mariadbd --no'], ['keep.sh '],
        ['queue:work'], ['tools/serve.sh'], ['keep.sh ', 'tools/serve.sh', 'nginx: master', 'fpm: master'],
        ['keep.sh ', 'mariadbd --no', 'schedule:work'],
    ];
    for ($round = 0; $round < max(1, intdiv((int) getenv('INCH_KILLS'), 100)); $round++) {
        foreach ($kills as $words) {
            $pids = array_merge(...array_map(fn (string $of): array => pidsOf($this->folder, $of), $words));
            expect($pids)->not->toBe([], implode(', ', $words));
            foreach ($pids as $pid) {
                posix_kill($pid, SIGKILL);
            }
            until(static fn (): bool => array_filter($pids, static fn (int $pid): bool => posix_kill($pid, 0)
                && ! str_contains((string) @file_get_contents("/proc/{$pid}/stat"), ') Z ')) === [], 'It does not die.');
            until(fn (): bool => answers($this->ports[0]), 'Down for good after '.implode(', ', $words));
            expectWhole($this->folder);
        }
    }
    expect($pidIn('mariadb/mariadbd.pid'))->toBeGreaterThan(1)->and($start->isRunning())->toBeTrue();
});

it('ends with all that it began when it is killed, also while it comes up, and starts again', function (): void {
    foreach ([200_000, 700_000, 1_500_000, 2_500_000, 4_000_000, 0] as $pause) {
        $start = started($this->folder, $this->ports);
        $says = static fn (): string => "It does not come up: {$start->getErrorOutput()}";
        $pause > 0 ? usleep($pause) : until(fn (): bool => answers($this->ports[0]), $says);
        expect($start->isRunning())->toBeTrue("It ended by itself: {$start->getErrorOutput()}");
        posix_kill((int) $start->getPid(), SIGKILL);
        if ($pause === 0) {
            until(fn (): bool => runningIn($this->folder) === [], fn (): string => 'Left behind: '.implode("\n", runningIn($this->folder)));
        }
    }
    $start = started($this->folder, $this->ports);
    until(fn (): bool => answers($this->ports[0]), static fn (): string => "Not again: {$start->getErrorOutput()}");
    expectWhole($this->folder);
});

it('leaves alone what a copy of its folder runs, and names who has its port', function (): void {
    started($this->folder, $this->ports);
    until(fn (): bool => answers($this->ports[0]), 'It does not come up.');
    expectWhole($this->folder);
    $lasting = fn (): array => array_merge(...array_map(fn (string $words): array => pidsOf($this->folder, $words), [
        'nginx: master', 'nginx: worker', 'fpm: ', 'mariadbd', 'keep.sh', 'artisan',
    ]));
    $before = $lasting();
    // With all that lies in it, as somebody copies a folder.
    $this->folders[] = $copy = "{$this->folder}-copy";
    (new Process(['cp', '-a', $this->folder, $copy]))->mustRun();
    foreach (glob("{$copy}/storage/mariadb/*.pid") ?: [] as $file) {
        expect((int) file_get_contents($file))->toBeGreaterThan(1);
    }

    $refused = started($copy, $this->ports);
    expect($refused->wait())->toBe(1)
        ->and($refused->getErrorOutput())->toContain(
            "Port {$this->ports[0]} is used by nginx (process ",
            "in {$this->folder})",
            'INCH_PORT=8400',
        );
    $beside = [freePort(), freePort()];
    $second = started($copy, $beside);
    until(fn (): bool => answers($beside[0]), static fn (): string => "Not the copy: {$second->getErrorOutput()}");
    $second->stop(30);

    expect(array_diff($before, $lasting()))->toBe([])->and(answers($this->ports[0]))->toBeTrue();
});
