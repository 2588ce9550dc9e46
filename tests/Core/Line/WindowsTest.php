<?php

declare(strict_types=1);

use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\Ahead\Spread;
use Core\Line\Ahead\Window;
use Core\Line\Ahead\Windows;
use Core\Line\EventKind;
use Core\Line\Seating\Roster;
use Core\Line\Seating\Shift;
use Core\Units\Duration;
use Core\Units\Instant;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Line\Day;
use Tools\stories\LikelyDay;

function outlook(Day $day, int $now, int $chairs = 1, ?Roster $roster = null): Outlook
{
    return new Outlook(
        line: $day->fold(),
        planned: new PlannedTimes(['wave' => Duration::ofSeconds(120), 'seal' => Duration::ofSeconds(240)]),
        roster: $roster ?? new Roster,
        turnaround: Duration::ofSeconds(60),
        chairs: $chairs,
        now: Day::at($now),
    );
}

/** @return list<int> seconds */
function seconds(?Window $window): array
{
    assert($window !== null);

    return array_map(
        static fn (Instant $at): int => intdiv($at->epochMilliseconds, 1000),
        [$window->from, $window->about, $window->until],
    );
}

it('holds 8 of 10 calls, on days that another model lived, by the hour and by the place in line too', function (): void {
    $chance = new Randomizer(new Mt19937(20261126));
    $kept = $all = $ofPlace = $ofHour = [];
    $width = $rule = 0.0;
    foreach (range(0, 35) as $number) {
        foreach ((new LikelyDay($chance, [1, 2, 4, 8][$number % 4], 5, every: 4))->live() as $promise) {
            if ($promise['called'] === null || $promise['until'] <= 0.0) {
                continue;
            }
            $isKept = $promise['called'] >= $promise['from'] && $promise['called'] <= $promise['until'];
            $all[] = $promise;
            $kept[] = $isKept ? 1 : 0;
            $ofPlace[min(3, intdiv((int) log($promise['place'], 2), 1))][] = $isKept ? 1 : 0;
            $ofHour[min(2, $promise['hour'])][] = $isKept ? 1 : 0;
            $width += $promise['until'] - $promise['from'];
        }
    }
    $share = static fn (array $kept): float => array_sum($kept) / count($kept);
    // A rule of thumb that holds as often: so many hundredths of the planned wait to either side, and two minutes at least.
    $holds = static fn (int $percent): float => $share(array_map(
        static fn (array $promise): int => abs($promise['called'] - $promise['planned']) <= max(120, $promise['planned'] * $percent / 100)
            ? 1 : 0,
        $all,
    ));
    $percent = 0;
    while ($holds($percent) < $share($kept)) {
        $percent++;
    }
    $rule = array_sum(array_map(static fn (array $promise): float => 2 * max(120, $promise['planned'] * $percent / 100), $all));

    expect(count($kept))->toBeGreaterThan(900)->and($share($kept))->toBeGreaterThan(0.77)->and($share($kept))->toBeLessThan(0.83)
        ->and($width)->toBeLessThan($rule);
    foreach ([...$ofPlace, ...$ofHour] as $group) {
        expect($share($group))->toBeGreaterThan(0.72)->and($share($group))->toBeLessThan(0.88);
    }
});

it('calls the first in line now where a chair is free, and knows less the farther back one stands', function (): void {
    $day = Day::open()->join(1)->join(2)->join(3)->join(4)->join(5);
    $windows = Windows::of(outlook($day, 100));
    $widths = array_map(static fn (Window $window): int => $window->until->since($window->from)->milliseconds, $windows);

    expect(seconds($windows['t1']))->toBe([100, 100, 100])->and(array_keys($windows))->toBe(['t1', 't2', 't3', 't4', 't5'])
        ->and($widths)->toBe(array_combine(array_keys($widths), array_values(array_unique($widths))))
        ->and($widths['t2'])->toBeLessThan($widths['t3'])->and($widths['t3'])->toBeLessThan($widths['t5']);
});

it('says the same twice, and nothing of an empty line', function (): void {
    $day = Day::open()->join(1)->join(2)->seat(1, at: 60)->join(3, 70);

    expect(Windows::of(outlook($day, 80)))->toEqual(Windows::of(outlook($day, 80)))->and(Windows::of(outlook(Day::open(), 5)))->toBe([]);
});

it('learns from the faces that are done how the day runs', function (int $seconds, bool $isSlower): void {
    $day = Day::open();
    $at = 10;
    foreach (range(1, 12) as $number) {
        $day->join($number, $at)->seat($number, at: $at, seconds: [120])->done($number, 's1', $at + $seconds)
            ->tap(EventKind::Finished, $number, $at + $seconds + 60);
        $at += $seconds + 61;
    }
    $usual = Day::open()->join(1)->join(2)->join(3)->join(4);
    $day->join(21, $at)->join(22, $at)->join(23, $at)->join(24, $at);
    [, $about] = seconds(Windows::of(outlook($day, $at))['t24']);
    [, $planned] = seconds(Windows::of(outlook($usual, 100))['t4']);

    expect(($about - $at) > ($planned - 100))->toBe($isSlower)
        ->and(Spread::ofDay(outlook($day, $at))[1])->toBeLessThan(Spread::ofDay(outlook($usual, 100))[1]);
})->with(['slower' => [170, true], 'quicker' => [80, false]]);

it('calls nobody while nobody paints', function (): void {
    $roster = new Roster([
        new Shift(1, 'ines', Day::at(0)), new Shift(1, null, Day::at(300)), new Shift(1, 'ines', Day::at(1500)),
    ]);
    $windows = Windows::of(outlook(Day::open()->join(1)->join(2)->join(3)->join(4), 100, 1, $roster));

    expect(seconds($windows['t4'])[0])->toBeGreaterThanOrEqual(1500)->and(seconds($windows['t2'])[1])->toBeLessThan(500);
});

it('waits for a wished painter, but for nobody who is not there', function (): void {
    $roster = new Roster([new Shift(1, 'ines', Day::at(0)), new Shift(2, 'tobi', Day::at(0))]);
    $day = static fn (string $wish): Day => Day::open()->join(1)->tap(
        EventKind::Seated, 1, 5, chair: 1, plan: Day::plan([600]),
    )->tap(EventKind::Joined, 2, 6, number: 2, design: 'wave', painter: $wish);

    expect(seconds(Windows::of(outlook($day('ines'), 10, 2, $roster))['t2'])[0])->toBeGreaterThan(300)
        ->and(seconds(Windows::of(outlook($day('tobi'), 10, 2, $roster))['t2']))->toBe([10, 10, 10])
        ->and(seconds(Windows::of(outlook($day('ada'), 10, 2, $roster))['t2']))->toBe([10, 10, 10]);
});

/** The standard normal distribution function by the expansion 26.2.17 of Abramowitz and Stegun; their error is below 7.5e-8. */
function normalShare(float $z): float
{
    $t = 1 / (1 + 0.2316419 * abs($z));
    $tail = exp(-$z * $z / 2) / sqrt(2 * M_PI) * $t
        * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

    return $z < 0 ? $tail : 1 - $tail;
}

it('spreads log-normally: its tables are that distribution\'s points', function (array $table, float $deviation, bool $keepsMean): void {
    $mean = $keepsMean ? array_sum($table) / count($table) : 1000;
    $centre = exp(array_sum(array_map(log(...), $table)) / count($table));

    expect(count($table))->toBe(32)->and(round($mean))->toBe(1000.0);
    foreach ($table as $at => $share) {
        expect(normalShare(log($share / $centre) / $deviation))->toEqualWithDelta(($at + 0.5) / 32, 0.003);
    }
})->with([
    'a face' => [Spread::FACE, Spread::FACE_SD, true],
    'a step' => [Spread::SHORT, Spread::SHORT_SD, true],
    'a painter' => [Spread::PAINTER, Spread::PAINTER_SD, false],
    'a day' => [Spread::DAY, Spread::DAY_SD, false],
]);

it('expects little of a step that runs over, and never less than nothing', function (): void {
    foreach ([0, 50_000, 120_000, 200_000, 900_000] as $elapsed) {
        $rests = array_map(static fn (int $chance): int => Spread::rest(Spread::FACE, 120_000, $elapsed, $chance), range(0, 499));
        expect(min($rests))->toBeGreaterThanOrEqual(0);
        $means[] = array_sum($rests) / count($rests);
    }

    expect($means[0])->toEqualWithDelta(120_000, 3_000)->and($means[1])->toBeGreaterThan($means[2])->and($means[4])->toBeLessThan(24_000);
});
