<?php

declare(strict_types=1);

use Core\Line\Ahead\CallTime;
use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\Seating\Roster;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Line\Day;

function planned(): PlannedTimes
{
    return new PlannedTimes(['wave' => Duration::ofSeconds(60), 'seal' => Duration::ofSeconds(240)]);
}

/** @return list<string> such as "1@100>1", the number, the call and the chair */
function calls(Forecast $forecast): array
{
    return array_map(
        static fn (CallTime $call): string => "{$call->ticket->number}@".($call->callAt->epochMilliseconds / 1000).">{$call->chair}",
        $forecast->calls,
    );
}

it('calls the first in line now when the chair is free', function (): void {
    $line = Day::open()->join(1)->join(2)->fold();

    expect(calls(Forecast::of(new Outlook(
        line: $line,
        planned: planned(),
        roster: new Roster,
        turnaround: Duration::ofSeconds(30),
        chairs: 1,
        now: Day::at(100),
    ))))->toBe(['1@100>1', '2@190>1']);
});

it('calls after the face in the chair and its turnaround', function (): void {
    $line = Day::open()->join(1)->join(2)->seat(1, at: 90, seconds: [30, 20])->done(1, 's1', 118)->fold();
    $forecast = Forecast::of(new Outlook(
        line: $line,
        planned: planned(),
        roster: new Roster,
        turnaround: Duration::ofSeconds(30),
        chairs: 1,
        now: Day::at(120),
    ));

    expect(calls($forecast))->toBe(['2@168>1'])
        ->and($forecast->nextNameCalledAt())->toEqual(Day::at(258))
        ->and($forecast->clearAt())->toEqual(Day::at(258));
});

it('puts the call off as a step runs over', function (): void {
    $line = Day::open()->join(1)->join(2)->seat(1, at: 100, seconds: [30, 20])->fold();
    $at = static fn (int $now): array => calls(Forecast::of(new Outlook(
        line: $line,
        planned: planned(),
        roster: new Roster,
        turnaround: Duration::zero(),
        chairs: 1,
        now: Day::at($now),
    )));

    expect($at(110))->toBe(['2@150>1'])->and($at(130))->toBe(['2@150>1'])->and($at(200))->toBe(['2@220>1']);
});

it('sends each to the chair that is free first', function (): void {
    $line = Day::open()->join(1, design: 'seal')->join(2)->join(3)->join(4)->fold();

    expect(calls(Forecast::of(new Outlook(
        line: $line,
        planned: planned(),
        roster: new Roster,
        turnaround: Duration::zero(),
        chairs: 2,
        now: Day::at(0),
    ))))->toBe(['1@0>1', '2@0>2', '3@60>2', '4@120>2']);
});

it('counts how many more faces fit before closing', function (int $closesAt, int $faces): void {
    $forecast = Forecast::of(new Outlook(
        line: Day::open()->join(1)->fold(),
        planned: planned(),
        roster: new Roster,
        turnaround: Duration::ofSeconds(30),
        chairs: 1,
        now: Day::at(0),
    ));

    // The one in line is off at 90; each further one takes 60 and, but for the last, 30 to turn around.
    expect($forecast->facesUntil(
        Day::at($closesAt),
        static fn (): Duration => Duration::ofSeconds(60),
        Duration::ofSeconds(30),
    ))->toBe($faces);
})->with([[0, 0], [149, 0], [150, 1], [239, 1], [240, 2], [1000, 10]]);

it('calls in the order of the line, never two at once on a chair, and never lets a chair stand idle', function (): void {
    $chance = new Randomizer(new Mt19937(61));
    foreach (range(1, 200) as $_) {
        $line = Day::any($chance, 50)->fold();
        $planned = ['wave' => Duration::ofSeconds($chance->getInt(0, 300)), 'crab' => Duration::ofSeconds($chance->getInt(1, 300))];
        $turnaround = Duration::ofSeconds($chance->getInt(0, 90));
        $forecast = Forecast::of(new Outlook(
            line: $line,
            planned: new PlannedTimes($planned),
            roster: new Roster,
            turnaround: $turnaround,
            chairs: 2,
            now: Day::at(60),
        ));
        $free = [];

        expect(array_map(static fn (CallTime $call) => $call->ticket, $forecast->calls))->toEqual($line->queue());
        $last = 0;
        foreach ($forecast->calls as $call) {
            $at = $call->callAt->epochMilliseconds;
            expect($at)->toBeGreaterThanOrEqual($last)
                ->and($at)->toBe($free[$call->chair] ?? $at);
            $last = $at;
            $free[$call->chair] = $at + $planned[$call->ticket->design]->milliseconds + $turnaround->milliseconds;
        }
    }
});
