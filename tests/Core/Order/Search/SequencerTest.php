<?php

declare(strict_types=1);

use Core\Order\DesignFacts;
use Core\Order\Quickest;
use Core\Order\Search\Lag;
use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Order\Search\Sequencer;
use Core\Order\Search\UntilFeasible;
use Core\Order\Search\Watch;
use Core\Order\Search\WithinLabels;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Order\Search\RandomProblem;
use Tools\bench\GeneratedDesigns;

/** @param  list<int>|null  $typed */
function solved(Problem $problem, ?array $typed = null, int $labels = 2_000_000): Outcome
{
    return (new Sequencer)->solve($problem, new WithinLabels($labels), $typed);
}

// 60 cases each for 10 kinds of problems, of 1 to 8 steps: linked or free, lagged, with longest waits loose and tight,
// changeovers by tool or any numbers (which break the triangle inequality), zero durations and ties in all of them.
it('finds what trying every order finds, or that there is none', function (
    int $seed,
    float $linked,
    float $lagged,
    float $closing,
    bool $classes,
    bool $grouped,
): void {
    $chance = new Randomizer(new Mt19937($seed));
    $infeasible = 0;
    for ($case = 0; $case < 60; $case++) {
        $problem = RandomProblem::of(
            chance: $chance,
            steps: 1 + $case % ($linked < 0.3 ? 6 : 8),
            linked: $linked,
            lagged: $lagged,
            closing: $closing,
            classes: $classes,
            grouped: $grouped,
        );
        $best = RandomProblem::bruteForce($problem);
        $outcome = solved($problem);
        $infeasible += $best === null ? 1 : 0;

        expect($outcome->isProven)->toBeTrue()
            ->and($outcome->best?->makespan)->toBe($best, "case {$case} of seed {$seed}");
        if ($outcome->best !== null) {
            expect(RandomProblem::makespan(
                $problem,
                $outcome->best->order,
            ))->toBe($best)->and($outcome->bound)->toBe($best)->and($outcome->gap())->toBe(0.0);
        }
    }
    expect($infeasible)->toBeLessThan(60);
})->with([
    'free, by tool' => [1, 0.0, 0.0, 0.0, true, false],
    'free, any changeovers' => [2, 0.0, 0.0, 0.0, false, false],
    'free, together' => [3, 0.0, 0.0, 0.0, false, true],
    'linked' => [4, 0.35, 0.0, 0.0, true, false],
    'drying' => [5, 0.35, 0.7, 0.0, true, false],
    'drying, any changeovers' => [6, 0.35, 0.7, 0.0, false, false],
    'wet windows' => [7, 0.35, 0.4, 0.3, true, false],
    'tight wet windows' => [8, 0.4, 0.6, 0.7, true, false],
    'tight wet windows, any changeovers' => [9, 0.4, 0.6, 0.7, false, false],
    'everything, together' => [10, 0.35, 0.5, 0.3, false, true],
]);

it('says for some of them that no order is feasible', function (): void {
    $chance = new Randomizer(new Mt19937(11));
    $impossible = 0;
    for ($case = 0; $case < 120; $case++) {
        $problem = RandomProblem::of(chance: $chance, steps: 5, linked: 0.5, lagged: 0.6, closing: 0.7, classes: true);
        $outcome = solved($problem);
        $impossible += $outcome->best === null && $outcome->isProven ? 1 : 0;
        expect($outcome->best === null)->toBe(RandomProblem::bruteForce($problem) === null);
    }
    expect($impossible)->toBeGreaterThan(20);
});

it('holds a source back so that its longest wait is kept', function (): void {
    // 0 dries for 60 before 2; 1 must be followed by 2 within 5.
    $problem = new Problem([10, 10, 10], [[0, 0, 0], [0, 0, 0], [0, 0, 0]], [new Lag(0, 2, 60), new Lag(1, 2, 0, 5)]);
    $outcome = solved($problem);

    expect($outcome->best?->order)->toBe([0, 1, 2])->and($outcome->best->makespan)->toBe(80)
        ->and($outcome->best->starts)->toBe([0, 55, 70])
        ->and($outcome->best->idleBefore($problem, 1))->toBe(45);
});

it('lets a change of tool run while paint dries', function (): void {
    $problem = new Problem([10, 10], [[0, 8], [8, 0]], [new Lag(0, 1, 12)]);

    expect(solved($problem)->best?->starts)->toBe([0, 22])->and(solved($problem)->best?->idleBefore($problem, 1))->toBe(4);
});

it('is never worse than the typed order', function (): void {
    $chance = new Randomizer(new Mt19937(12));
    for ($case = 0; $case < 60; $case++) {
        $problem = RandomProblem::of(chance: $chance, steps: 12, linked: 0.25, lagged: 0.5, closing: 0.1, classes: true);
        $typed = range(0, 11);
        $lawful = Schedule::earliest($problem, $typed);
        // Cut short at once, so that the typed order may be all there is.
        $outcome = solved($problem, $typed, 1);
        if ($lawful !== null) {
            expect($outcome->best?->makespan)->toBeLessThanOrEqual($lawful->makespan);
        }
    }
})->throwsNoExceptions();

it('says an honest bound and gap when it is cut short', function (): void {
    $chance = new Randomizer(new Mt19937(13));
    $gaps = 0;
    for ($case = 0; $case < 12; $case++) {
        $problem = RandomProblem::of(chance: $chance, steps: 14, linked: 0.1, lagged: 0.4, closing: 0.05, classes: false);
        $short = solved($problem, labels: 1500);
        $long = solved($problem);
        expect($long->isProven)->toBeTrue();
        if ($long->best === null) {
            continue;
        }
        expect($short->bound)->toBeLessThanOrEqual($long->best->makespan);
        if ($short->best !== null && ! $short->isProven) {
            $gaps++;
            expect($short->best->makespan)->toBeGreaterThanOrEqual($long->best->makespan)
                ->and($short->gap())->toEqualWithDelta(1 - $short->bound / $short->best->makespan, 1e-12);
        }
    }
    expect($gaps)->toBeGreaterThan(2);
});

it('gives the same answer each time', function (): void {
    $problem = RandomProblem::of(
        chance: new Randomizer(new Mt19937(14)),
        steps: 14,
        linked: 0.1,
        lagged: 0.4,
        closing: 0.05,
        classes: true,
    );

    expect(solved($problem, labels: 3000))->toEqual(solved($problem, labels: 3000));
});

it('tells its watch how far it is, and stops when that says so', function (): void {
    $watch = new class implements Watch
    {
        /** @var list<Outcome> */
        public array $told = [];

        public function goesOn(Outcome $soFar): bool
        {
            $this->told[] = $soFar;

            return count($this->told) < 15;
        }
    };
    $outcome = (new Sequencer)->solve(
        RandomProblem::of(chance: new Randomizer(new Mt19937(15)), steps: 16, linked: 0.0, lagged: 0.0, closing: 0.0, classes: false),
        $watch,
    );

    // It may be asked once more on its way out.
    expect(count($watch->told))->toBeGreaterThanOrEqual(15)->toBeLessThan(18)->and($outcome->isProven)->toBeFalse()
        ->and($watch->told[14]->labels)->toBeGreaterThan($watch->told[0]->labels)
        ->and($outcome->best)->not->toBeNull()->and($outcome->bound)->toBeGreaterThan(0);
});

it('can be asked for any feasible order only', function (): void {
    $problem = RandomProblem::of(
        chance: new Randomizer(new Mt19937(16)),
        steps: 14,
        linked: 0.1,
        lagged: 0.4,
        closing: 0.0,
        classes: false,
    );
    $outcome = (new Sequencer)->solve($problem, new UntilFeasible(100_000));

    expect($outcome->best)->not->toBeNull()->and($outcome->labels)->toBeLessThan(100_000);
});

it('proves a free order of fourteen steps, whatever their changeovers', function (bool $classes): void {
    $problem = RandomProblem::of(
        chance: new Randomizer(new Mt19937(17)),
        steps: 14,
        linked: 0.0,
        lagged: 0.0,
        closing: 0.0,
        classes: $classes,
    );

    expect(solved($problem)->isProven)->toBeTrue();
})->with([true, false]);

it('takes nothing and one step as they are', function (): void {
    expect(solved(new Problem([], [], []))->isProven)->toBeTrue()
        ->and(solved(new Problem([7], [[0]], []))->best?->makespan)->toBe(7)
        ->and(solved(new Problem([0, 0], [[0, 0], [0, 0]], []))->best?->makespan)->toBe(0);
});

it('knows a circle of precedences for impossible', function (): void {
    $circle = new Problem([1, 1, 1], array_fill(0, 3, [0, 0, 0]), [new Lag(0, 1), new Lag(1, 2), new Lag(2, 0)]);

    expect(solved($circle)->best)->toBeNull()->and(solved($circle)->isProven)->toBeTrue()
        ->and(Schedule::earliest($circle, [0, 1, 2]))->toBeNull();
});

// Where typed seconds hold the change of tool, a change is no longer than its step has room for: so each step is its own way in.
it('finds the best where changes of tool are cut short by the step they lead to', function (
    int $seed,
    float $linked,
    float $closing,
): void {
    $chance = new Randomizer(new Mt19937($seed));
    for ($case = 0; $case < 60; $case++) {
        $by = RandomProblem::of(chance: $chance, steps: 1 + $case % 8, linked: $linked, lagged: 0.4, closing: $closing, classes: true);
        $room = array_map(static fn (): int => $chance->getInt(0, 12), $by->durations);
        $problem = new Problem(
            $by->durations,
            array_map(static fn (array $row): array => array_map(min(...), $row, $room), $by->changeovers),
            $by->lags,
        );
        $outcome = solved($problem);

        expect($outcome->isProven)->toBeTrue()->and($outcome->best?->makespan)->toBe(
            RandomProblem::bruteForce($problem),
            "case {$case} of seed {$seed}",
        );
    }
})->with([[21, 0.1, 0.0], [22, 0.35, 0.0], [23, 0.5, 0.3]]);

it('proves the best order of designs with hardly any order in them', function (int $steps, int $proven, int $within): void {
    $generated = new GeneratedDesigns(new Randomizer(new Mt19937($steps)));
    $circumstances = GeneratedDesigns::circumstances();
    $count = $close = 0;
    for ($design = 0; $design < 20; $design++) {
        $outcome = Quickest::of(new DesignFacts($generated->loose($steps), $circumstances))->search(new WithinLabels(20_000));
        $count += $outcome->isProven ? 1 : 0;
        $close += $outcome->gap() <= 0.01 ? 1 : 0;
    }

    expect($count)->toBeGreaterThanOrEqual($proven)->and($close)->toBeGreaterThanOrEqual($within);
})->with(['16 steps' => [16, 20, 20], '24 steps' => [24, 17, 19]]);

it('takes no more memory than it may, and still answers', function (): void {
    $problem = RandomProblem::of(
        chance: new Randomizer(new Mt19937(24)),
        steps: 20,
        linked: 0.0,
        lagged: 0.4,
        closing: 0.0,
        classes: false,
    );
    $most = 4 << 20;
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $tight = (new Sequencer($most))->solve($problem, new WithinLabels(60_000));
    $taken = memory_get_peak_usage() - $before;
    $roomy = (new Sequencer(8 * $most))->solve($problem, new WithinLabels(60_000));

    // A sweep is told how wide it may be, not cut short, and tables double as they grow.
    expect($taken)->toBeLessThan(2 * $most)->and($tight->best)->not->toBeNull()->and($tight->isProven)->toBeFalse()
        ->and($roomy->bound)->toBeGreaterThanOrEqual($tight->bound)->and($roomy->labels)->toBeGreaterThan($tight->labels);
});

it('knows what may come right after what', function (): void {
    // 0 before 1 before 2; 3 is free.
    $problem = new Problem([1, 1, 1, 1], array_fill(0, 4, [0, 0, 0, 0]), [new Lag(0, 1), new Lag(1, 2)]);

    expect($problem->ancestors)->toBe([0, 0b1, 0b11, 0])->and($problem->between(0, 2))->toBe(0b10)->and($problem->between(2, 0))->toBe(0)
        ->and($problem->mayBeNext(0, 1))->toBeTrue()->and($problem->mayBeNext(0, 2))->toBeFalse()
        ->and($problem->mayBeNext(1, 0))->toBeFalse()->and($problem->mayBeNext(2, 3))->toBeTrue()
        ->and($problem->mayBeNext(3, 0))->toBeTrue();
});
