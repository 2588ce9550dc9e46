<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Feature\Killed\OwnDatabase;

// The database loses its power in the middle of writing, again and again, or finds no room, while somebody taps on.

/** Also on a machine that has other work; how long it took is told beside. */
const PATIENCE_SECONDS = 60;

/** A few in every run; hundreds by bin/torture. */
function kills(): int
{
    return max(5, (int) getenv('INCH_KILLS'));
}

/** Somebody who taps on, and what was said to be kept. */
function tappingOn(OwnDatabase $database): Process
{
    return $database->start(['php', __DIR__.'/tap-on.php', "{$database->folder}/kept"]);
}

/** @return list<string> ids, in the order they were kept */
function keptTaps(OwnDatabase $database): array
{
    $kept = "{$database->folder}/kept";

    return is_file($kept) ? array_values(array_filter(explode("\n", (string) file_get_contents($kept)))) : [];
}

/** Until so many more taps are kept, as long as that may take. */
function untilKept(OwnDatabase $database, Process $tapping, int $more, int $pause = 20_000): void
{
    $before = count(keptTaps($database));
    $until = microtime(true) + PATIENCE_SECONDS;
    while (count(keptTaps($database)) < $before + $more && $tapping->isRunning() && microtime(true) < $until) {
        usleep($pause);
    }
    expect(count(keptTaps($database)))->toBeGreaterThanOrEqual($before + $more, $tapping->isRunning()
        ? 'It was waited for long enough.'
        : "Whoever taps has ended: {$tapping->getErrorOutput()}");
}

/** All that were said to be kept are there, once each. */
function expectKept(OwnDatabase $database, Process $tapping): void
{
    touch("{$database->folder}/kept.stop");
    $tapping->wait();

    expect($tapping->getExitCode())->toBe(0, $tapping->getErrorOutput())
        ->and($database->column('select id from chair_events order by seq'))->toBe(keptTaps($database));
}

afterEach(function (): void {
    $this->database->remove();
});

it('has every tap once that it said it kept, however often the database is killed', function (): void {
    $this->database = new OwnDatabase;
    $running = $this->database->up();
    $this->database->make();
    $tapping = tappingOn($this->database);
    $longest = 0.0;
    for ($kill = 0; $kill < kills(); $kill++) {
        // Each time at another moment of a tap.
        untilKept($this->database, $tapping, 5, 20_000 + 1_700 * $kill);
        $running->signal(SIGKILL);
        $running->wait();
        $began = microtime(true);
        $running = $this->database->up();
        untilKept($this->database, $tapping, 1, 5_000);
        $longest = max($longest, microtime(true) - $began);
    }
    untilKept($this->database, $tapping, 5);
    expectKept($this->database, $tapping);
    // What came of it is told; at length, bin/torture judges by it.
    file_put_contents(base_path('storage/run/kills.json'), json_encode([
        'kills' => kills(), 'taps' => count(keptTaps($this->database)), 'longest_s' => round($longest, 2),
    ]));
    expect(count(keptTaps($this->database)))->toBeGreaterThan(5 * kills());
});

it('says of no tap that it is kept before a slow disk has it, and loses none when it is killed then', function (): void {
    $this->database = new OwnDatabase;
    $running = $this->database->up();
    $this->database->make();
    for ($time = 0; $time < 2; $time++) {
        $running->signal(SIGKILL);
        $running->wait();
        $running = $this->database->up(slowedMs: 150);
        $tapping ??= tappingOn($this->database);
        untilKept($this->database, $tapping, 2);
        [$before, $began] = [count(keptTaps($this->database)), microtime(true)];
        untilKept($this->database, $tapping, 6);
        $each = (microtime(true) - $began) / (count(keptTaps($this->database)) - $before);
        // It could not be known of any sooner; and whoever waits is not refused.
        expect($each)->toBeGreaterThan(0.15)
            ->and(is_file("{$this->database->folder}/kept.refused"))->toBe($time > 0);
    }
    expectKept($this->database, $tapping);
});

it('waits while the database stands still, and goes on when it does', function (): void {
    $this->database = new OwnDatabase;
    $running = $this->database->up();
    $this->database->make();
    $tapping = tappingOn($this->database);
    // A minute at length, moments in every run.
    $stands = min(60, intdiv(kills(), 5));
    foreach ([1, 2, 3] as $ignored) {
        untilKept($this->database, $tapping, 5);
        $running->signal(SIGSTOP);
        sleep($stands);
        $running->signal(SIGCONT);
    }
    untilKept($this->database, $tapping, 5);
    expectKept($this->database, $tapping);
});

it('refuses taps while the disk is full, keeps all that it said it kept, and goes on when there is room again', function (): void {
    $this->database = OwnDatabase::onSmallDisk();
    $running = $this->database->up();
    $this->database->make();
    $tapping = tappingOn($this->database);
    untilKept($this->database, $tapping, 5);
    $refused = fn (): int => strlen((string) @file_get_contents("{$this->database->folder}/kept.refused"));
    for ($time = 0; $time < 2; $time++) {
        $before = $refused();
        $this->database->fillDisk();
        for ($wait = 0; $wait < 900 && $refused() < $before + 3; $wait++) {
            usleep(20_000);
        }
        expect($refused())->toBeGreaterThanOrEqual($before + 3);
        $this->database->makeRoom();
        // It may have given up for want of room: then it is started again, as it is in earnest.
        usleep(500_000);
        $running = $running->isRunning() ? $running : $this->database->up();
        untilKept($this->database, $tapping, 5);
    }
    expectKept($this->database, $tapping);
});
