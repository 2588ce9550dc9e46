<?php

declare(strict_types=1);

use Core\Line\Ahead\KeptPromise;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\EventKind;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\Seating\Roster;
use Core\Plan\Report\Change;
use Core\Plan\Report\DayReport;
use Core\Plan\Report\FaceTimes;
use Core\Units\Duration;
use Tests\Core\Line\Day;

/** A face of so many seconds of strokes and of tools, 20 s of asking and 60 s after it. */
function faceOf(string $design, int $painted, int $tools = 0, ?int $cents = null, ?int $promised = 120, bool $isFinished = true): FaceTimes
{
    return new FaceTimes(
        design: $design,
        painter: 'Ines',
        isFinished: $isFinished,
        greeted: 20_000,
        painted: $painted * 1000,
        tools: $tools * 1000,
        planned: 100_000,
        promised: $promised === null ? null : $promised * 1000,
        after: ['mirror' => 15_000, 'pay' => 10_000, 'clean' => 20_000, 'rest' => 15_000],
        over: [['Dots', ($painted - 80) * 1000]],
        cents: $cents,
    );
}

/** @return list<string> */
function words(DayReport $report): array
{
    return array_map(static fn (Change $change): string => $change->words, $report->changes());
}

it('loses no minute of the chairs', function (): void {
    $report = new DayReport(
        [faceOf('wave', 80, 10), faceOf('seal', 120, 20), faceOf('seal', 30, isFinished: false)],
        Duration::ofMinutes(20),
        Duration::ofSeconds(60),
    );
    $minutes = $report->minutes();

    expect(array_sum($minutes))->toBe(20 * 60_000)->and($minutes['painting'])->toBe(230_000)->and($minutes['tools'])->toBe(30_000)
        ->and($minutes['greeting'])->toBe(60_000)->and($minutes['pay'])->toBe(30_000)
        ->and($minutes['empty'])->toBe(20 * 60_000 - 230_000 - 30_000 - 60_000 - 180_000)->and($report->finished)->toHaveCount(2);
});

it('adds up designs and painters: how long each takes, what was kept, what an hour of the chair earns', function (): void {
    $report = new DayReport([
        faceOf('wave', 100, cents: 400), faceOf('wave', 140, cents: 400), faceOf('seal', 100, promised: null),
    ], Duration::ofMinutes(10), Duration::ofSeconds(60));
    [$wave, $seal] = $report->designs;

    // Two faces of 240 s in all, and twice 80 s between: 800 in 400 s of the chair.
    expect([$wave->name, count($wave->faces), $wave->mean(), $wave->kept(), $wave->cents()])->toBe(['wave', 2, 120_000, 1, 800])
        ->and($wave->centsAnHour())->toBe(800 * 3600 / 400)->and($seal->kept())->toBe(1)->and($seal->cents())->toBe(0)
        ->and($report->painters[0]->name)->toBe('Ines')->and($report->painters[0]->faces)->toHaveCount(3);
});

it('says what to promise where a promise was not kept, and nothing where it was', function (): void {
    $late = new DayReport(array_map(
        static fn (int $painted): FaceTimes => faceOf('wave', $painted),
        [110, 125, 130, 140, 150],
    ), Duration::ofMinutes(16), Duration::ofSeconds(80));
    $kept = new DayReport(array_fill(0, 5, faceOf('wave', 80)), Duration::ofMinutes(14), Duration::ofSeconds(80));

    expect(words($late))->toContain('Promise 2:30 for wave: 4 of 5 took longer than the 2:00 that were promised.')
        ->and(words($kept))->toBe([]);
});

it('names the steps that run over, worst first, with what they cost', function (): void {
    $report = new DayReport(array_fill(0, 4, faceOf('wave', 110)), Duration::ofMinutes(13), Duration::ofSeconds(80));

    expect($report->ranOver())->toBe([['wave', 'Dots', 4, 120_000]])->and($report->changes()[0]->gain)->toEqual(Duration::ofSeconds(120))
        ->and(words($report)[0])->toStartWith('“Dots” of wave took 0:30 longer than planned, 4 times');
});

it('names the design that earns least in an hour, with what the others would bring', function (): void {
    $report = new DayReport([
        ...array_fill(0, 3, faceOf('puffin', 300, cents: 500, promised: null)), ...array_fill(0, 3, faceOf('wave', 70, cents: 400)),
    ], Duration::ofMinutes(27), Duration::ofSeconds(80));
    $poor = array_values(array_filter($report->changes(), static fn (Change $change): bool => $change->cents !== null));

    // 500 in 380 s against 400 in 150 s: 1140 s of the chair at the difference.
    expect($poor)->toHaveCount(1)->and($poor[0]->words)->toStartWith('puffin earns least')
        ->and($poor[0]->cents)->toEqualWithDelta(1140 * (400 / 150 - 500 / 380), 2);
});

it('says when more goes between faces than was planned, and when chairs stood empty', function (): void {
    $faces = array_fill(0, 4, faceOf('wave', 80));
    $slow = new DayReport($faces, Duration::ofMinutes(11), Duration::ofSeconds(45));
    $empty = new DayReport($faces, Duration::ofMinutes(40), Duration::ofSeconds(80));

    expect(words($slow)[0])->toStartWith('Between two faces went 1:20 instead of the planned 0:45')
        ->and($slow->changes()[0]->gain)->toEqual(Duration::ofSeconds(140))
        ->and(words($empty))->toHaveCount(1)->and(words($empty)[0])->toStartWith('The chairs stood empty for 29:20');
});

it('says nothing of a handful of faces, and nothing breaks without any', function (): void {
    expect(words(new DayReport([faceOf('wave', 300), faceOf('wave', 300)], Duration::ofMinutes(13), Duration::ofSeconds(60))))->toBe([])
        ->and((new DayReport([], Duration::ofMinutes(5), Duration::ofSeconds(60)))->minutes()['empty'])->toBe(300_000);
});

it('lives the day through again to see who was called when it was said', function (): void {
    $day = Day::open()->join(1, 10)->join(2, 20)->seat(1, at: 30, seconds: [60])->done(1, 's1', 90)->tap(EventKind::Finished, 1, 120)
        ->seat(2, at: 125, seconds: [60])->join(3, 130)->tap(EventKind::Finished, 2, 200)->join(4, 210)->seat(3, at: 4_000);
    $kept = KeptPromise::ofDay($day->events, static fn (Line $line, LineEvent $event): Outlook => new Outlook(
        line: $line,
        planned: new PlannedTimes(['wave' => Duration::ofSeconds(60)]),
        roster: new Roster,
        turnaround: Duration::ofSeconds(30),
        chairs: 1,
        now: $event->at,
    ), 50);

    expect(array_map(static fn (KeptPromise $one): array => [$one->waited->seconds(), $one->isKept], $kept))
        ->toBe([[20.0, false], [105.0, true], [3870.0, false]]);
});
