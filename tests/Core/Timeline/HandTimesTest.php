<?php

declare(strict_types=1);

use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\HandTimes;
use Core\Timeline\StepTime;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Timeline\TimeSource;
use Core\Timeline\Timing;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paint;
use Tools\bench\GeneratedDesigns;

/** @return list<array{float, float}> seconds of tool change and of painting, by step */
function parted(StepTimes $times, Step ...$steps): array
{
    $matrix = ChangeoverMatrix::starting();
    $hands = HandTimes::of(array_values($steps), $matrix, $times);

    return array_map(static fn (int $at): array => [
        $hands->change($at, $matrix->between($steps[$at - 1] ?? null, $steps[$at]))->seconds(), $hands->painting[$at]->duration->seconds(),
    ], array_keys(array_values($steps)));
}

// Common practice, no source: painters quote seconds from hand to hand, taking up and loading the tool included.
it('takes the change of tool out of what was typed, and never leaves under a third of it', function (): void {
    $steps = [
        Paint::step('a', 30),
        Paint::step('b', 20, Medium::Brush, 'round 3'),
        Paint::step('c', 3, Medium::Brush, 'round 5'),
        Paint::step('d', 12, Medium::Brush, 'round 5'),
    ];

    expect(parted(StepTimes::starting(), ...$steps))->toBe([[0.0, 30.0], [4.0, 16.0], [2.0, 1.0], [0.0, 12.0]])
        ->and(parted(
            StepTimes::starting()->timedBy(Timing::StrokesAlone),
            ...$steps,
        ))->toBe([[0.0, 30.0], [4.0, 20.0], [4.0, 3.0], [0.0, 12.0]]);
});

it('keeps what was logged, which is of the skin alone, and takes off as much for the tool', function (): void {
    $steps = [Paint::step('a', 30), Paint::step('b', 20, Medium::Brush, 'round 3')];
    $logged = [StepValues::way($steps[1]) => new StepTime(Duration::ofSeconds(25), TimeSource::Logged, 3)];

    expect(parted(StepTimes::starting()->knowing($logged), ...$steps))->toBe([[0.0, 30.0], [4.0, 25.0]]);
});

it('sums to what was typed in any design, and says anew what each step takes in another order', function (int $seed): void {
    $circumstances = GeneratedDesigns::circumstances();
    $chance = new Randomizer(new Mt19937($seed));
    $steps = (new GeneratedDesigns($chance))->design(12)->steps;
    $hands = HandTimes::of($steps, $circumstances->changeovers, $circumstances->times);
    $typed = array_sum(array_map(static fn (Step $step): int => $step->time->milliseconds ?? 0, $steps));
    $order = $chance->shuffleArray(array_keys($steps));
    $retimed = $sum = [];
    foreach ($order as $place => $at) {
        $usual = $circumstances->changeovers->between($steps[$order[$place - 1] ?? -1] ?? null, $steps[$at]);
        $retimed[] = $hands->retimed($at, $steps[$at], $usual);
        $sum[] = $hands->painting[$at]->duration->milliseconds + $hands->change($at, $usual)->milliseconds;
    }

    $bare = array_map(static fn (Step $step): Step => $step->withDryFor(Duration::zero()), $retimed);
    expect(array_sum(array_map(static fn (Step $step): int => $step->time->milliseconds ?? 0, $retimed)))->toBe(array_sum($sum))
        ->and(Timeline::of($bare, $circumstances->changeovers, $circumstances->times)->makespan()->milliseconds)->toBe(array_sum($sum))
        ->and(Timeline::of(
            array_map(static fn (Step $step): Step => $step->withDryFor(Duration::zero()), $steps),
            $circumstances->changeovers,
            $circumstances->times,
        )->makespan()->milliseconds)->toBe($typed);
})->with(range(1, 20));
