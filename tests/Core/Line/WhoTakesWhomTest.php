<?php

declare(strict_types=1);

use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\NextChild;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\Ahead\WhoTakesWhom;
use Core\Line\EventKind;
use Core\Line\Seating\Roster;
use Core\Line\Seating\Shift;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Line\Day;

/** Ines is slow at the octopus, Tobi at the seal. */
function two(Day $day, int $now, int $ines = 600, int $tobi = 600): Outlook
{
    return new Outlook(
        line: $day->fold(),
        planned: new PlannedTimes(
            ['seal' => Duration::ofSeconds(180), 'octopus' => Duration::ofSeconds(180), 'wave' => Duration::ofSeconds(180)],
            ['octopus' => ['ines' => Duration::ofSeconds($ines)], 'seal' => ['tobi' => Duration::ofSeconds($tobi)]],
        ),
        roster: new Roster([new Shift(1, 'ines', Day::at(0)), new Shift(2, 'tobi', Day::at(0))]),
        turnaround: Duration::ofSeconds(60),
        chairs: 2,
        now: Day::at($now),
    );
}

it('takes whoever stands in front where the painters are alike', function (): void {
    $day = Day::open()->join(1, design: 'octopus')->join(2, design: 'wave')->join(3, design: 'seal');

    expect(WhoTakesWhom::next(two($day, 60, 180, 180), 1))->toEqual(new NextChild('t1', 1))
        ->and(WhoTakesWhom::next(two(Day::open(), 60), 1))->toBeNull();
});

it('takes one of the next where that saves all of them more than anybody would notice', function (): void {
    // Tobi is free in a minute and quick at the octopus: Ines had better take the seal.
    $day = Day::open()->join(9)->join(1, design: 'octopus')->join(2, design: 'seal')->seat(9, 2, 10, [90]);
    $next = WhoTakesWhom::next(two($day, 40), 1);

    expect($next?->ticket)->toBe('t2')->and($next?->saves)->toBeGreaterThan(WhoTakesWhom::WORTH_MS);
});

it('lets nobody be passed for long, whatever it saves', function (): void {
    // Tobi is busy for ten minutes: whoever stands in front would wait for him.
    $day = Day::open()->join(9)->join(1, design: 'octopus')->join(2, design: 'seal')->seat(9, 2, 10, [600]);

    expect(WhoTakesWhom::next(two($day, 40, 380), 1)?->ticket)->toBe('t1');
});

it('leaves a child to the painter it wished for, as long as that one paints', function (): void {
    $day = Day::open()->tap(EventKind::Joined, 1, number: 1, design: 'wave', painter: 'tobi')->join(2);
    $alone = Day::open()->tap(EventKind::Joined, 1, number: 1, design: 'wave', painter: 'ada')->join(2);

    expect(WhoTakesWhom::next(two($day, 40), 1)?->ticket)->toBe('t2')
        ->and(WhoTakesWhom::next(two($day, 40), 2)?->ticket)->toBe('t1')
        ->and(WhoTakesWhom::next(two($alone, 40), 1)?->ticket)->toBe('t1');
});

it('passes over who was called and is not there, from five minutes on', function (): void {
    $day = Day::open()->join(1)->join(2)->tap(EventKind::Called, 1, 60);

    expect(WhoTakesWhom::next(two($day, 359), 1)?->ticket)->toBe('t1')
        ->and(WhoTakesWhom::next(two($day, 360), 1)?->ticket)->toBe('t2')
        ->and(WhoTakesWhom::next(two($day->tap(EventKind::Called, 1, 361), 500), 1)?->ticket)->toBe('t1')
        ->and(WhoTakesWhom::next(two(Day::open()->join(1)->tap(EventKind::Called, 1, 60), 900), 1)?->ticket)->toBe('t1');
});

it('never gains less than taking the first in line, on any line', function (): void {
    $chance = new Randomizer(new Mt19937(71));
    $jumped = 0;
    foreach (range(1, 300) as $_) {
        $day = Day::open();
        foreach (range(1, $chance->getInt(2, 8)) as $number) {
            $day->join($number, design: ['seal', 'octopus', 'wave'][$chance->getInt(0, 2)]);
        }
        $busy = $chance->getInt(0, 1);
        $day = $busy === 1 ? $day->join(99)->seat(99, 2, 20, [$chance->getInt(30, 200)]) : $day;
        $outlook = two($day, 60);
        $next = WhoTakesWhom::next($outlook, 1);
        assert($next !== null);
        $jumped += $next->saves > 0 ? 1 : 0;
        $usual = Forecast::of($outlook, new NextChild($outlook->line->queue()[0]->id, 1));

        expect($usual->waitedFor() - Forecast::of($outlook, $next)->waitedFor())->toBe($next->saves);
    }
    expect($jumped)->toBeGreaterThan(40);
});
