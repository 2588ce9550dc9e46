<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

// What keeps the database, the server and the worker running, tried with real processes and real kills.

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/inch-timer-keep-'.bin2hex(random_bytes(6));
    mkdir($this->folder);
    $this->started = new ArrayObject;
});

afterEach(function (): void {
    foreach ($this->started as $process) {
        $process->stop(5);
    }
    Illuminate\Support\Facades\File::deleteDirectory($this->folder);
});

/** Keeps a shell command running under that name. */
function kept(string $name, string $command): Process
{
    $process = new Process([base_path('tools/keep.sh'), test()->folder, $name, 'bash', '-c', $command]);
    $process->start();
    test()->started[] = $process;

    return $process;
}

function pidIn(string $file): int
{
    return (int) (is_file($file) ? file_get_contents($file) : 0);
}

/** Waits until it is so, or five seconds. */
function soon(callable $is): bool
{
    for ($tries = 0; $tries < 100 && ! $is(); $tries++) {
        usleep(50_000);
    }

    return $is();
}

it('starts what was killed again, and says so', function (): void {
    kept('pot', "echo \$\$ > {$this->folder}/child; exec sleep 300");
    expect(soon(fn (): bool => pidIn("{$this->folder}/child") > 0))->toBeTrue();
    $first = pidIn("{$this->folder}/child");
    posix_kill($first, SIGKILL);

    expect(soon(fn (): bool => ! in_array(pidIn("{$this->folder}/child"), [0, $first], true)))->toBeTrue()
        ->and(file_get_contents("{$this->folder}/kept.log"))->toContain('pot ended with 137 and is started again in 1 s');
});

it('waits longer each time what it starts ends at once', function (): void {
    kept('pot', 'exit 3');

    expect(soon(fn (): bool => str_contains((string) @file_get_contents("{$this->folder}/kept.log"), 'again in 2 s')))->toBeTrue()
        ->and(substr_count((string) file_get_contents("{$this->folder}/kept.log"), 'pot ended with 3'))->toBe(2);
});

it('ends with what it keeps', function (): void {
    $keeper = kept('pot', "echo \$\$ > {$this->folder}/child; exec sleep 300");
    soon(fn (): bool => pidIn("{$this->folder}/child") > 0);
    $child = pidIn("{$this->folder}/child");
    $keeper->stop(5);

    expect(soon(fn (): bool => ! posix_kill($child, 0)))->toBeTrue()->and(is_file("{$this->folder}/pot.pid"))->toBeFalse();
});

it('ends what an earlier start has left, and nothing else that has got its number since', function (): void {
    $left = new Process(['sleep', '301']);
    $left->start();
    $this->started[] = $left;
    $stop = fn (string $word): int => (new Process(
        ['bash', '-c', ". tools/kept.sh; stop_leftover {$this->folder}/left.pid {$word}"],
        base_path(),
    ))->run();
    file_put_contents("{$this->folder}/left.pid", (string) $left->getPid());

    expect($stop('mariadbd'))->toBe(0)->and($left->isRunning())->toBeTrue()
        ->and($stop('301'))->toBe(0)->and($left->isRunning())->toBeFalse()
        ->and($stop('301'))->toBe(0);
});
