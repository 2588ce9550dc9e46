<?php

declare(strict_types=1);

use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\EventKind;
use Core\Line\Seating\Roster;
use Core\Line\Seating\Seats;
use Core\Line\Seating\Shift;
use Core\Units\Duration;
use Tests\Core\Line\Day;

$shift = static fn (int $chair, ?string $painter, int $second): Shift => new Shift($chair, $painter, Day::at($second));

it('knows when nobody is meant to paint at a chair, later on', function (array $shifts, int $from, array $gaps): void {
    expect((new Roster($shifts))->gaps(1, Day::at($from), new Seats))->toBe($gaps);
})->with([
    'nothing is said' => [[], 0, []],
    'all day' => [[$shift(1, 'ines', 0)], 0, []],
    'lunch' => [[$shift(1, 'ines', 0), $shift(1, null, 600), $shift(1, 'ines', 900)], 100, [[500_000, 800_000]]],
    'lunch that is over' => [[$shift(1, 'ines', 0), $shift(1, null, 600), $shift(1, 'ines', 900)], 1000, []],
    'two breaks' => [
        [$shift(1, 'ines', 0), $shift(1, null, 60), $shift(1, 'tobi', 90), $shift(1, null, 120), $shift(1, 'ines', 180)],
        0,
        [[60_000, 90_000], [120_000, 180_000]],
    ],
    'home for good' => [[$shift(1, 'ines', 0), $shift(1, null, 600)], 0, [[600_000, Roster::NEVER]]],
    'another chair' => [[$shift(1, 'ines', 0), $shift(2, null, 600)], 0, []],
]);

it('takes somebody who sits down after all for there', function () use ($shift): void {
    $roster = new Roster([$shift(1, 'ines', 0), $shift(1, null, 600)]);
    $seats = Day::open()->tap(EventKind::ChairTaken, null, 700, chair: 1, painter: 'ada')->fold()->seats;

    expect($roster->gaps(1, Day::at(100), $seats))->toBe([]);
});

it('forecasts a wish by the wished painter, and lets others pass meanwhile', function () use ($shift): void {
    $day = Day::open()->join(9)->seat(9, 2, 5, [600])
        ->tap(EventKind::Joined, 1, 10, number: 1, design: 'wave', painter: 'tobi')->join(2, 11)->join(3, 12);
    $calls = Forecast::of(new Outlook(
        line: $day->fold(),
        planned: new PlannedTimes(['wave' => Duration::ofSeconds(60)]),
        roster: new Roster([$shift(1, 'ines', 0), $shift(2, 'tobi', 0)]),
        turnaround: Duration::ofSeconds(30),
        chairs: 2,
        now: Day::at(20),
    ))->calls;

    expect(array_map(static fn ($call): array => [$call->ticket->number, $call->chair, $call->callAt->epochMilliseconds / 1000], $calls))
        ->toBe([[1, 2, 635], [2, 1, 20], [3, 1, 110]]);
});

it('takes no time for who was called and is not there, until it is called again', function (): void {
    $day = Day::open()->join(1, 5)->join(2, 6)->tap(EventKind::Called, 1, 10);
    $calls = static fn (Day $day, int $now): array => array_map(
        static fn ($call): int => intdiv($call->callAt->epochMilliseconds, 1000),
        Forecast::of(new Outlook(
            line: $day->fold(),
            planned: new PlannedTimes(['wave' => Duration::ofSeconds(60)]),
            roster: new Roster,
            turnaround: Duration::ofSeconds(30),
            chairs: 1,
            now: Day::at($now),
        ))->calls,
    );

    expect($calls($day, 309))->toBe([309, 399])->and($calls($day, 310))->toBe([310, 310])
        ->and($calls($day->tap(EventKind::Called, 1, 311), 320))->toBe([320, 410]);
});
