<?php

declare(strict_types=1);

use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\EventKind;
use Core\Line\Seating\Roster;
use Core\Units\Duration;
use Tests\Core\Line\Day;

/**
 * @param  list<int>  $seconds  of each face, in the order of the line
 * @return float seconds until the last face is finished
 */
function makespan(array $seconds, int $chairs): float
{
    $day = Day::open();
    $planned = [];
    foreach ($seconds as $index => $length) {
        $day->join($index + 1, design: "design {$index}");
        $planned["design {$index}"] = Duration::ofSeconds($length);
    }

    return Forecast::of(new Outlook(
        line: $day->fold(),
        planned: new PlannedTimes($planned),
        roster: new Roster,
        turnaround: Duration::zero(),
        chairs: $chairs,
        now: Day::at(0),
    ))->clearAt()->since(Day::at(0))->seconds();
}

// Source: R. L. Graham, "Bounds for certain multiprocessing anomalies" (1966): m(m-1) jobs of length 1 followed by one of
// length m take 2m-1 on m machines when each goes to the first free one, against m at best.
it('reaches the bound of list scheduling in the worst case', function (int $chairs): void {
    $faces = [...array_fill(0, $chairs * ($chairs - 1), 1), $chairs];

    expect(makespan($faces, $chairs))->toBe(2.0 * $chairs - 1);
})->with([2, 3, 4, 8]);

// Source: R. L. Graham, "Bounds on multiprocessing timing anomalies" (1969): on two machines the longest-first order of
// 3, 3, 2, 2, 2 takes 7, where 6 is possible.
it('gives the published makespan of the longest-first example', function (): void {
    expect(makespan([3, 3, 2, 2, 2], 2))->toBe(7.0)->and(makespan([3, 2, 2, 2, 3], 2))->toBe(7.0)
        ->and(makespan([3, 2, 3, 2, 2], 2))->toBe(7.0);
});

// Source: the deterministic batch: with one server the nth is called after n-1 services and turnarounds.
it('calls a batch of equal faces one service apart', function (): void {
    $day = Day::open();
    foreach (range(1, 14) as $number) {
        $day->join($number);
    }
    $forecast = Forecast::of(new Outlook(
        line: $day->fold(),
        planned: new PlannedTimes(['wave' => Duration::ofSeconds(200)]),
        roster: new Roster,
        turnaround: Duration::ofSeconds(60),
        chairs: 1,
        now: Day::at(0),
    ));

    foreach ($forecast->calls as $index => $call) {
        expect($call->callAt)->toEqual(Day::at(260 * $index));
    }
    expect($forecast->calls)->toHaveCount(14);
});

// Source: a birthday of 14 children in two hours leaves 8.57 minutes gross each (120 / 14): a face of 7:34 and a turnaround
// of one minute just fit, one of 7:35 does not.
it('fits a party into its hours as the division says', function (int $faceSeconds, int $faces): void {
    $forecast = Forecast::of(new Outlook(
        line: Day::open()->tap(EventKind::Closed)->fold(),
        planned: new PlannedTimes([]),
        roster: new Roster,
        turnaround: Duration::ofSeconds(60),
        chairs: 1,
        now: Day::at(0),
    ));
    $more = $forecast->facesUntil(Day::at(7200 - 60), static fn (): Duration => Duration::ofSeconds($faceSeconds), Duration::ofSeconds(60));

    expect($more)->toBe($faces);
})->with([[454, 14], [455, 13]]);
