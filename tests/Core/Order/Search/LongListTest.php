<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\Place\Placement;
use Core\Ladder\Internal\ToolChanges;
use Core\Order\BestOrder;
use Core\Order\Search\Internal\LongList;
use Core\Order\Search\Internal\Repair;
use Core\Order\Search\Lag;
use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Order\Search\Sequencer;
use Core\Order\Search\UntilFeasible;
use Core\Order\Search\WithinLabels;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Order\Search\RandomProblem;
use Tools\bench\GeneratedDesigns;

/** A problem that has an order, for its lags are those of one: half as many longest waits as steps, each a little longer than there. */
function planted(int $seed, int $steps, float $closing = 0.5): Problem
{
    $chance = new Randomizer(new Mt19937($seed));
    $order = $chance->shuffleArray(range(0, $steps - 1));
    $durations = array_map(static fn (): int => 1000 * $chance->getInt(5, 40), $order);
    $kinds = array_map(static fn (): int => $chance->getInt(0, 6), $order);
    $between = array_map(static fn (): array => array_map(static fn (): int => 1000 * $chance->getInt(2, 12), range(0, 6)), range(0, 6));
    $changeovers = array_map(
        static fn (int $one): array => array_map(static fn (int $other): int => $one === $other ? 0 : $between[$one][$other], $kinds),
        $kinds,
    );
    $free = Schedule::earliest(new Problem($durations, $changeovers, []), $order) ?? throw new LogicException('Nothing binds.');
    $lags = [];
    for ($pair = 0; $pair < (1 + $closing) * $steps; $pair++) {
        $at = $chance->getInt(0, $steps - 2);
        $to = min($steps - 1, $at + $chance->getInt(1, 7));
        $gap = $free->starts[$to] - $free->starts[$at] - $durations[$order[$at]];
        $lags["{$order[$at]} {$order[$to]}"] = $pair < $steps
            ? new Lag($order[$at], $order[$to], intdiv($gap * $chance->getInt(0, 9), 10))
            : new Lag($order[$at], $order[$to], 0, (int) (1.2 * $gap) + 1000);
    }

    return new Problem($durations, $changeovers, array_values($lags));
}

it('finds an order where many wet windows bind, and one that keeps them', function (int $steps): void {
    $found = 0;
    for ($seed = 1; $seed <= 6; $seed++) {
        $problem = planted($seed, $steps);
        $schedule = (new Repair($problem))->run(new UntilFeasible(PHP_INT_MAX));
        $found += $schedule === null ? 0 : 1;
        if ($schedule !== null) {
            expect(RandomProblem::makespan($problem, $schedule->order))->toBe($schedule->makespan);
        }
    }
    expect($found)->toBeGreaterThanOrEqual(5);
})->with([12, 20, 30]);

it('answers lists up to the longest a design may have, with an honest gap', function (int $steps, float $closing): void {
    $problem = planted($steps, $steps, $closing);
    $outcome = (new Sequencer)->solve($problem, new WithinLabels(400));

    expect($outcome->best)->not->toBeNull()->and($outcome->isProven)->toBeFalse()
        ->and($outcome->bound)->toBeGreaterThanOrEqual(array_sum($problem->durations))->toBeLessThanOrEqual($outcome->best->makespan ?? 0)
        ->and($outcome->gap())->toBeGreaterThan(0.0)->toBeLessThan(0.5)
        ->and(RandomProblem::makespan($problem, $outcome->best->order ?? []))->toBe($outcome->best?->makespan);
})->with([[63, 0.0], [65, 0.0], [80, 0.2], [120, 0.0]]);

it('shortens what it is given, and never below what trying every order finds', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $problem = RandomProblem::of(chance: $chance, steps: 7, linked: 0.3, lagged: 0.3, closing: 0.0, classes: true);
    $typed = Schedule::earliest($problem, range(0, 6)) ?? (new Repair($problem))->run(new UntilFeasible(PHP_INT_MAX));
    $outcome = (new LongList($problem))->improved($typed, new UntilFeasible(PHP_INT_MAX));
    $improved = (new LongList($problem))->improved($typed, new WithinLabels(PHP_INT_MAX));

    expect($outcome->best?->makespan)->toBeLessThanOrEqual($typed?->makespan)
        ->and($improved->best?->makespan)->toBeGreaterThanOrEqual((int) RandomProblem::bruteForce($problem))
        ->and($improved->bound)->toBeLessThanOrEqual((int) RandomProblem::bruteForce($problem));
})->with(range(1, 12));

it('puts a design of a hundred and twenty steps in order, no longer than typed', function (): void {
    $generated = new GeneratedDesigns(new Randomizer(new Mt19937(120)));
    $steps = [];
    foreach (range(0, 2) as $part) {
        foreach ($generated->design(40)->steps as $at => $step) {
            $steps[] = $step->withId("s{$part}-{$at}");
        }
    }
    $proposal = BestOrder::of(
        new Design('Long', Placement::FullFace, null, $steps),
        GeneratedDesigns::circumstances(),
    )->run(new WithinLabels(200));

    expect($proposal->best?->steps)->toHaveCount(count($steps))
        ->and($proposal->makespan()?->milliseconds)->toBeLessThanOrEqual($proposal->typedLawful?->milliseconds);
});

it('has all of the makespan as its gap where no order was found', function (): void {
    expect((new Outcome(null, 100, false, 5))->gap())->toBe(1.0)->and((new Outcome(null, 100, true, 5))->gap())->toBe(0.0);
});

it('bounds the changes of tool of more kinds than an integer has bits', function (): void {
    $kinds = 80;
    $changeovers = array_map(
        static fn (int $one): array => array_map(
            static fn (int $other): int => $one === $other ? 0 : 1000 + $one + $other,
            range(0, $kinds - 1),
        ),
        range(0, $kinds - 1),
    );
    $changes = new ToolChanges($changeovers);

    expect($changes->through(array_reduce($changes->kinds, static fn (int $bits, int $kind): int => $bits | $kind, 0)))
        ->toBeGreaterThan(0)->toBeLessThanOrEqual(array_sum(array_map(static fn (int $one): int => 1000 + $one, range(0, $kinds - 1))));
});
