<?php

declare(strict_types=1);

use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\EventKind;
use Core\Line\Seating\DoubleShift;
use Core\Line\Seating\Roster;
use Core\Line\Seating\Seat;
use Core\Line\Seating\Seats;
use Core\Line\Seating\Shift;
use Core\Units\Duration;
use Tests\Core\Line\Day;

/** @param  list<array{int, string|null, int}>  $shifts  chair, painter, seconds */
function roster(array $shifts): Roster
{
    return new Roster(array_map(static fn (array $shift): Shift => new Shift($shift[0], $shift[1], Day::at($shift[2])), $shifts));
}

it('has whoever began their shift last', function (): void {
    $roster = roster([[1, 'tobi', 600], [1, 'ines', 0], [2, null, 900], [2, 'ada', 100]]);

    expect($roster->painterAt(1, Day::at(599), new Seats))->toBe('ines')
        ->and($roster->painterAt(1, Day::at(600), new Seats))->toBe('tobi')
        ->and($roster->painterAt(2, Day::at(99), new Seats))->toBeNull()
        ->and($roster->painterAt(2, Day::at(899), new Seats))->toBe('ada')
        ->and($roster->painterAt(2, Day::at(900), new Seats))->toBeNull()
        ->and($roster->painterAt(3, Day::at(900), new Seats))->toBeNull();
});

it('goes by what was tapped, until the next shift', function (): void {
    $roster = roster([[1, 'ines', 0], [1, 'tobi', 600]]);
    $tapped = static fn (?string $painter, ?int $since): Seats => new Seats([1 => new Seat(
        $painter,
        $since === null ? null : Day::at($since),
    )]);

    expect($roster->painterAt(1, Day::at(300), $tapped('ada', 300)))->toBe('ada')
        ->and($roster->painterAt(1, Day::at(600), $tapped('ada', 300)))->toBe('tobi')
        ->and($roster->painterAt(1, Day::at(700), $tapped('ada', 650)))->toBe('ada')
        ->and($roster->painterAt(1, Day::at(700), $tapped(null, null)))->toBe('tobi');
});

it('assumes that the first chair is the first painter\'s, and so on', function (): void {
    $assumed = Roster::assumed(['ines', 'tobi', 'ada'], 2);

    expect(array_map(static fn (Shift $shift): array => [$shift->chair, $shift->painter], $assumed))->toBe([[1, 'ines'], [2, 'tobi']])
        ->and(Roster::assumed(['ines'], 3))->toHaveCount(1)
        ->and(Roster::assumed([], 3))->toBe([]);
});

it('refuses that somebody sits at two chairs at once, and says where', function (): void {
    roster([[1, 'ines', 0], [1, 'tobi', 600], [2, 'ines', 600]])->refuseDoubles();

    expect(fn () => roster([
        [1, 'ines', 0],
        [2, 'tobi', 0],
        [2, 'ines', 600],
    ])->refuseDoubles())->toThrow(DoubleShift::class, 'chairs 1 and 2');
});

it('knows who took a chair, who took it over, and who left another one for it', function (): void {
    $day = Day::open()->tap(EventKind::ChairTaken, chair: 1, painter: 'ines')->tap(EventKind::ChairTaken, chair: 2, painter: 'tobi');
    $over = (clone $day)->tap(EventKind::HandedOver, chair: 1, painter: 'tobi');

    expect($day->fold()->seats->at(1)?->painter)->toBe('ines')
        ->and($over->fold()->seats->at(1)?->painter)->toBe('tobi')
        ->and($over->fold()->seats->at(2))->toEqual(new Seat(null, Day::at(4)))
        ->and(roster([[2, 'tobi', 0]])->painterAt(2, Day::at(9), $over->fold()->seats))->toBeNull()
        ->and(roster([[3, 'tobi', 0]])->painterAt(3, Day::at(9), $over->fold()->seats))->toBeNull()
        ->and($over->undo()->fold()->seats->at(2)?->painter)->toBe('tobi');
});

it('sets aside what the chairs have no use for, and says why', function (EventKind $kind, array $more, string $why): void {
    $day = Day::open()->tap(EventKind::ChairTaken, chair: 1, painter: 'ines')->tap(EventKind::BreakBegan, chair: 2, until: Day::at(99));
    $line = $day->tap($kind, null, null, ...$more)->fold();

    expect(array_values($line->setAside))->toBe([$why]);
})->with([
    'a chair that is taken' => [
        EventKind::ChairTaken,
        ['chair' => 1, 'painter' => 'tobi'],
        'Somebody else sits at chair 1. Let them hand over.',
    ],
    'a second break' => [EventKind::BreakBegan, ['chair' => 2, 'until' => Day::at(120)], 'Chair 2 is on a break already.'],
    'back from no break' => [EventKind::BreakEnded, ['chair' => 1], 'Chair 1 is not on a break.'],
]);

it('takes back only the newest tap of the roster', function (): void {
    $day = Day::open()->tap(EventKind::ChairTaken, chair: 1, painter: 'ines')->tap(EventKind::ChairTaken, chair: 2, painter: 'tobi');

    expect($day->fold()->undoable(1))->toBe([])
        ->and($day->fold()->undoable(2))->toBe(['e0002'])
        ->and(array_values((clone $day)->undo(1)->fold()->setAside))->toBe(['Something happened since. Undo the later tap first.']);
});

it('knows who began each face and who painted each step of it', function (): void {
    $roster = roster([[1, 'ines', 0]]);
    $day = Day::open()->join(1)->seat(1, at: 10)->done(1, 's1', 40)->tap(
        EventKind::HandedOver,
        null,
        50,
        chair: 1,
        painter: 'tobi',
    )->done(1, 's2', 70);
    $ticket = $day->ticket(1);

    expect($roster->painterOf($ticket))->toBe('ines')
        ->and(array_column($ticket->face->runs ?? [], 'painter'))->toBe([null, 'tobi'])
        ->and($roster->painterOf($day->join(2)->ticket(2)))->toBeNull();
});

it('forecasts each chair by its own painter', function (): void {
    $planned = new PlannedTimes(['wave' => Duration::ofSeconds(60)], ['wave' => ['tobi' => Duration::ofSeconds(150)]]);
    $day = Day::open()->join(1, 1)->join(2, 1)->join(3, 1)->join(4, 1);
    $forecast = Forecast::of(new Outlook(
        line: $day->fold(),
        planned: $planned,
        roster: roster([[1, 'ines', 0], [2, 'tobi', 0]]),
        turnaround: Duration::zero(),
        chairs: 2,
        now: Day::at(0),
    ));

    // By hand: chair 1 takes a minute a face, chair 2 two and a half.
    expect(calls($forecast))->toBe(['1@0>1', '2@0>2', '3@60>1', '4@120>1'])
        ->and($forecast->clearAt())->toEqual(Day::at(180))
        ->and($forecast->facesUntil(
            Day::at(480),
            static fn (?string $painter): Duration => $planned->of('wave', $painter),
            Duration::zero(),
        ))->toBe(5 + 2);
});

it('calls nobody to a chair that is on a break or empty, as long as there is another', function (): void {
    $planned = new PlannedTimes(['wave' => Duration::ofSeconds(60)]);
    $day = Day::open()->join(1, 1)->join(2, 1)->join(3, 1);
    $away = (clone $day)->tap(EventKind::BreakBegan, null, 1, chair: 1, until: Day::at(100));
    $calls = static fn (Day $day, Roster $roster): array => calls(Forecast::of(new Outlook(
        line: $day->fold(),
        planned: $planned,
        roster: $roster,
        turnaround: Duration::zero(),
        chairs: 2,
        now: Day::at(0),
    )));

    expect($calls($away, new Roster))->toBe(['1@0>2', '2@60>2', '3@100>1'])
        ->and($calls(
            (clone $day)->tap(EventKind::ChairTaken, null, 1, chair: 1, painter: 'ines')->tap(
                EventKind::ChairTaken,
                null,
                1,
                chair: 2,
                painter: 'ines',
            ),
            new Roster,
        ))->toBe(['1@0>2', '2@60>2', '3@120>2'])
        ->and(calls(Forecast::of(new Outlook(
            line: (clone $day)->tap(EventKind::ChairTaken, null, 1, chair: 1, painter: 'ines')->tap(
                EventKind::ChairTaken,
                null,
                1,
                chair: 2,
                painter: 'ines',
            )->fold(),
            planned: $planned,
            roster: new Roster,
            turnaround: Duration::zero(),
            chairs: 1,
            now: Day::at(1),
        ))))->toBe(['1@1>1', '2@61>1', '3@121>1'])
        ->and($calls($day, roster([[1, null, 0], [1, 'ines', 90]])))->toBe(['1@0>2', '2@60>2', '3@90>1'])
        ->and($calls($day, roster([[1, null, 0]])))->toBe(['1@0>2', '2@60>2', '3@120>2'])
        ->and($calls($day, roster([[1, null, 0], [2, null, 0]])))->toBe(['1@0>1', '2@0>2', '3@60>1'])
        ->and($calls($day, roster([[2, null, 30]])))->toBe(['1@0>1', '2@0>2', '3@60>1']);
});
