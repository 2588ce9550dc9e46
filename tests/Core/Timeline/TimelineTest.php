<?php

declare(strict_types=1);

use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\Span;
use Core\Timeline\SpanKind;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Timeline\Timing;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paint;

/** @return list<string> such as "painting a 0+30" */
function spansOf(Step ...$steps): array
{
    return array_map(
        static fn (Span $span): string => "{$span->kind->value} {$span->step->id} {$span->start->seconds()}+{$span->length->seconds()}",
        Timeline::of(array_values($steps), ChangeoverMatrix::starting(), StepTimes::starting()->timedBy(Timing::StrokesAlone))->spans,
    );
}

it('lays steps end to end with a changeover where the tool changes', function (): void {
    expect(spansOf(Paint::step('a', 30), Paint::step('b', 20, Medium::Brush, 'round 3')))
        ->toBe(['painting a 0+30', 'changeover b 30+4', 'painting b 34+20']);
});

it('waits for dry paint below, and lets the change of tool run meanwhile', function (): void {
    expect(spansOf(Paint::step('a', 30), Paint::step('b', 20, Medium::Brush, 'round 3', dryFor: 20)))
        ->toBe(['painting a 0+30', 'changeover b 30+4', 'drying b 34+16', 'painting b 50+20']);
});

it('does not wait where other work filled the time', function (): void {
    expect(spansOf(
        Paint::step('a', 30, zones: [Zone::Cheek]),
        Paint::step('b', 40, zones: [Zone::Chin]),
        Paint::step('c', 10, zones: [Zone::Cheek], dryFor: 40),
    ))->toBe(['painting a 0+30', 'painting b 30+40', 'painting c 70+10']);
});

it('waits for the newest paint below, not for paint elsewhere', function (): void {
    expect(spansOf(
        Paint::step('a', 30, zones: [Zone::Cheek]),
        Paint::step('b', 10, zones: [Zone::Cheek]),
        Paint::step('c', 50, zones: [Zone::Forehead]),
        Paint::step('d', 10, zones: [Zone::Cheek], dryFor: 60),
    ))->toBe(['painting a 0+30', 'painting b 30+10', 'painting c 40+50', 'drying d 90+10', 'painting d 100+10']);
});

/**
 * The same starts, found another way: the earliest start of each step is the longest path to it in the graph of
 * "not before" constraints (critical path method: Kelley and Walker 1959).
 *
 * @param  list<Step>  $steps
 * @return list<int> milliseconds
 */
function longestPathStarts(array $steps): array
{
    $starts = array_fill(0, count($steps), 0);
    do {
        $changed = false;
        foreach ($steps as $later => $step) {
            for ($earlier = 0; $earlier < $later; $earlier++) {
                $end = $starts[$earlier] + StepTimes::starting()->timedBy(Timing::StrokesAlone)
                    ->of($steps[$earlier])->duration->milliseconds;
                $lag = $steps[$earlier]->touches($step) ? $step->dryFor->milliseconds : 0;
                $change = $earlier === $later - 1 ? ChangeoverMatrix::starting()->between($steps[$earlier], $step)->milliseconds : 0;
                $notBefore = $end + max($lag, $change);
                if ($notBefore > $starts[$later]) {
                    $starts[$later] = $notBefore;
                    $changed = true;
                }
            }
        }
    } while ($changed);

    return $starts;
}

it('starts each step when the critical path method does, for any design', function (): void {
    $chance = new Randomizer(new Mt19937(17));
    foreach (range(1, 300) as $_) {
        $steps = Paint::anySteps($chance, $chance->getInt(1, 14));
        $painting = array_values(array_filter(
            Timeline::of($steps, ChangeoverMatrix::starting(), StepTimes::starting()->timedBy(Timing::StrokesAlone))->spans,
            static fn (Span $span): bool => $span->kind === SpanKind::Painting,
        ));

        expect(array_map(static fn (Span $span): int => $span->start->milliseconds, $painting))->toBe(longestPathStarts($steps));
    }
});

it('has no gap and no overlap, and its parts add up, for any design', function (): void {
    $chance = new Randomizer(new Mt19937(23));
    foreach (range(1, 300) as $_) {
        $steps = Paint::anySteps($chance, $chance->getInt(1, 20));
        $timeline = Timeline::of($steps, ChangeoverMatrix::starting(), StepTimes::starting()->timedBy(Timing::StrokesAlone));
        $now = Duration::zero();
        foreach ($timeline->spans as $span) {
            expect($span->start)->toEqual($now);
            $now = $span->end();
        }
        $sum = array_reduce(
            SpanKind::cases(),
            static fn (Duration $sum, SpanKind $kind): Duration => $sum->plus($timeline->total($kind)),
            Duration::zero(),
        );
        $taps = array_reduce(
            $timeline->tapToTap(),
            static fn (Duration $all, Duration $one): Duration => $all->plus($one),
            Duration::zero(),
        );

        expect($timeline->makespan())->toEqual($now)->and($sum)->toEqual($now)->and($taps)->toEqual($now)
            ->and(array_keys($timeline->tapToTap()))->toBe(array_column($steps, 'id'));
    }
});

it('never gets longer when a step needs less drying', function (): void {
    $chance = new Randomizer(new Mt19937(29));
    foreach (range(1, 200) as $_) {
        $steps = Paint::anySteps($chance, 8);
        $quicker = array_map(
            static fn (Step $step): Step => new Step(...[...get_object_vars($step), 'dryFor' => Duration::zero()]),
            $steps,
        );
        $matrix = ChangeoverMatrix::starting();

        expect(Timeline::of(
            $quicker,
            $matrix,
            StepTimes::starting()->timedBy(Timing::StrokesAlone),
        )->makespan()->isLongerThan(Timeline::of(
            $steps,
            $matrix,
            StepTimes::starting()->timedBy(Timing::StrokesAlone),
        )->makespan()))->toBeFalse();
    }
});
