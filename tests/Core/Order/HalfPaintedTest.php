<?php

declare(strict_types=1);

use Core\Order\DesignFacts;
use Core\Order\HalfPainted;
use Core\Order\Quickest;
use Core\Order\Search\Lag;
use Core\Order\Search\Problem;
use Core\Order\Search\WithinLabels;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Order\Craft;
use Tools\bench\GeneratedDesigns;

/**
 * All orders of what is left, each from now on as soon as the paint allows: the long way.
 *
 * @param  list<int>  $done  places, the last one painted last
 * @param  array<int, int>  $since  milliseconds since their ends
 * @param  list<int>  $left
 */
function quickestByTrying(Problem $problem, array $done, array $since, array $left, int $last, int $now = 0): int
{
    if ($left === []) {
        return $now;
    }
    $best = PHP_INT_MAX;
    foreach ($left as $at => $step) {
        $ends = [];
        foreach ($problem->lags as $lag) {
            if ($lag->to === $step && in_array($lag->from, $left, true)) {
                continue 2;
            }
            if ($lag->to === $step) {
                $ends[] = $lag->least - $since[$lag->from];
            }
        }
        $start = max([$now + $problem->changeovers[$last][$step], ...$ends]);
        $end = $start + $problem->durations[$step];
        $rest = array_values(array_diff_key($left, [$at => true]));
        $best = min($best, quickestByTrying($problem, $done, $since + [$step => -$end], $rest, $step, $end));
    }

    return $best;
}

it('is what trying all orders of the rest gives', function (): void {
    $chance = new Randomizer(new Mt19937(77));
    $circumstances = GeneratedDesigns::circumstances();
    $waited = 0;
    for ($case = 0; $case < 60; $case++) {
        $design = (new GeneratedDesigns($chance))->design(6);
        $preparation = new DesignFacts($design, $circumstances);
        $problem = Quickest::of($preparation)->problem;
        $closing = array_filter($problem->lags, static fn (Lag $lag): bool => $lag->most !== null);
        // The first steps in a lawful order are those that nothing has to precede.
        $done = array_slice(array_keys(array_filter($problem->before, static fn (int $before): bool => $before === 0)), 0, 2);
        if ($closing !== [] || $done === []) {
            continue;
        }
        $ago = $chance->getInt(0, 40) * 1000;
        $since = [];
        foreach (array_reverse($done) as $place) {
            $since[$place] = $ago;
            $ago += $problem->durations[$place] + $chance->getInt(0, 9) * 1000;
        }
        $begun = new HalfPainted(array_combine(
            array_map(static fn (int $place): string => $design->steps[$place]->id, $done),
            array_map(static fn (int $place): int => $since[$place], $done),
        ));
        $outcome = Quickest::of($preparation, null, $begun)->search(new WithinLabels(200_000));
        $left = array_values(array_diff(range(0, 5), $done));
        $byTrying = quickestByTrying($problem, $done, $since, $left, $done[count($done) - 1]);

        expect($outcome->isProven)->toBeTrue()->and((int) $outcome->best?->makespan - $begun->before())->toBe($byTrying);
        $waited += $byTrying > array_sum(array_map(static fn (int $step): int => $problem->durations[$step], $left)) ? 1 : 0;
    }
    expect($waited)->toBeGreaterThan(10);
});

it('no longer asks for a wet window that is over, nor for an order that was not kept', function (): void {
    $design = Craft::face(
        'Base: half sponge deep blue cheek both sides, 0:30',
        'Glitter: loose glitter cheek both sides, 0:10',
        'Line: round 2 line white cheek both sides, 0:10',
    );
    $preparation = new DesignFacts($design, Craft::circumstances());
    $left = static fn (array $done): ?int => Quickest::of(
        $preparation,
        null,
        new HalfPainted($done),
    )->search(new WithinLabels(50_000))->best?->makespan;

    expect($left(['s1' => 2_000]))->not->toBeNull()->and($left(['s1' => 3_600_000]))->not->toBeNull()
        ->and($left(['s3' => 60_000, 's1' => 20_000]))->not->toBeNull();
});

it('changes nothing where nothing is painted', function (): void {
    $problem = new Problem([10, 20], [[0, 5], [5, 0]], [new Lag(0, 1, 7)]);

    expect(HalfPainted::not()->in($problem, []))->toBe($problem)->and(HalfPainted::not()->before())->toBe(0);
});

it('puts no wait before what is painted already, however long ago that was, and times it no more', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $circumstances = GeneratedDesigns::circumstances();
    $design = (new GeneratedDesigns($chance))->design(10);
    $preparation = new DesignFacts($design, $circumstances);
    // The first four as they were typed, with a break after each.
    $since = 0;
    $done = [];
    foreach (array_reverse(array_slice($design->steps, 0, 4)) as $step) {
        $done[$step->id] = $since += $chance->getInt(5, 200) * 1000;
    }
    $quickest = Quickest::of($preparation, null, new HalfPainted(array_reverse($done, true)));
    $best = $quickest->search(new WithinLabels(40_000))->best;

    expect($best)->not->toBeNull();
    $steps = $best === null ? [] : $quickest->inOrder($best)->steps;
    $ids = array_column($steps, 'id');
    expect(array_slice($ids, 0, 4))->toBe(array_column(array_slice($design->steps, 0, 4), 'id'))
        ->and(array_slice($steps, 0, 4))->toEqual(array_slice($design->steps, 0, 4));
})->with(range(1, 10));
