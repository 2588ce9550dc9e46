<?php

declare(strict_types=1);

use Core\Pace\Pace;
use Core\Pace\Prior;
use Core\Pace\Run;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Pace\SimulatedPainter;

/**
 * @param  list<int|float>  $seconds
 * @return list<Run>
 */
function runsOf(array $seconds): array
{
    return array_map(
        static fn (int|float $one, int $at): Run => new Run((int) round($one * 1000), $at + 1),
        $seconds,
        array_keys($seconds),
    );
}

function paceOf(int|float $planned, int|float ...$seconds): Pace
{
    return Pace::of(Duration::ofSeconds($planned), runsOf($seconds));
}

it('is the plan while nothing is logged, and known from two runs on', function (): void {
    expect(paceOf(40)->middle())->toEqual(Duration::ofSeconds(40))->and(paceOf(40)->isKnown())->toBeFalse()
        ->and(paceOf(40, 50)->isKnown())->toBeFalse()->and(paceOf(40, 50, 52)->isKnown())->toBeTrue();
});

it('moves from the plan to the log, and has forgotten the plan after twenty runs', function (): void {
    $middle = static fn (int $runs): float => paceOf(40, ...array_fill(0, $runs, 60))->middle()->seconds();

    expect($middle(2))->toBeGreaterThan(45.0)->and($middle(5))->toBeGreaterThan($middle(2))->and($middle(20))->toEqualWithDelta(60.0, 1.5);
});

it('does the sums of a conjugate regression', function (): void {
    // Written out by hand with the normal equations of the prior (plan 40 s, slope -0.07) and three runs of 30 s, 36 s, 33 s.
    $x = [0.0, log(2), log(3)];
    $y = [log(30_000), log(36_000), log(33_000)];
    [$p, $q] = [1.0, (0.2 / 0.15) ** 2];
    $prior = [log(40_000), -0.07];
    $aa = $p + 3;
    $ab = array_sum($x);
    $bb = $q + array_sum(array_map(static fn (float $one): float => $one ** 2, $x));
    $ra = $p * $prior[0] + array_sum($y);
    $rb = $q * $prior[1] + array_sum(array_map(static fn (float $one, float $other): float => $one * $other, $x, $y));
    $determinant = $aa * $bb - $ab ** 2;
    [$a, $b] = [($bb * $ra - $ab * $rb) / $determinant, ($aa * $rb - $ab * $ra) / $determinant];
    $residual = array_sum(array_map(static fn (float $one, float $other): float => ($other - $a - $b * $one) ** 2, $x, $y))
        + $p * ($a - $prior[0]) ** 2 + $q * ($b - $prior[1]) ** 2;

    $pace = paceOf(40, 30, 36, 33);

    expect($pace->line[0])->toEqualWithDelta($a, 1e-9)->and($pace->line[1])->toEqualWithDelta($b, 1e-9)
        ->and($pace->shape)->toBe(4.5)->and($pace->scale)->toEqualWithDelta(3 * 0.2 ** 2 + $residual / 2, 1e-9)
        ->and($pace->doubt[0])->toEqualWithDelta($bb / $determinant, 1e-12);
});

it('tells the same whatever order the runs are read in', function (): void {
    $runs = runsOf([50, 44, 48, 40, 41]);

    expect(Pace::of(Duration::ofSeconds(40), array_reverse($runs)))->toEqual(Pace::of(Duration::ofSeconds(40), $runs));
});

it('keeps interrupted runs, and leaves them out', function (): void {
    $runs = [...runsOf([40, 42, 41]), new Run(300_000, 4, isInterrupted: true)];
    $pace = Pace::of(Duration::ofSeconds(40), $runs);

    expect($pace->faces)->toBe(3)->and($pace->interrupted)->toBe(1)->and($pace->nth)->toBe(4)
        ->and($pace->eightOfTen()->seconds())->toBeLessThan(60.0);
});

it('is not harmed by one absurd tap', function (int|float $absurd): void {
    $clean = paceOf(40, 44, 41, 46, 43, 45, 42, 44, 43);
    $with = paceOf(40, 44, 41, 46, 43, $absurd, 45, 42, 44, 43);

    expect($with->slips)->toBe(1)->and($with->faces)->toBe(8)
        ->and(abs($with->middle()->seconds() - $clean->middle()->seconds()))->toBeLessThan(0.5)
        ->and(abs($with->eightOfTen()->seconds() - $clean->eightOfTen()->seconds()))->toBeLessThan(0.5);
})->with([0.4, 1, 4, 400, 7200]);

it('takes an absurd tap for one even where it is one of two', function (): void {
    expect(paceOf(40, 42, 1)->slips)->toBe(1)->and(paceOf(40, 1)->slips)->toBe(1);
});

it('does not call slow what is slow: twice the time happens', function (): void {
    expect(paceOf(40, 40, 44, 85, 41, 43)->slips)->toBe(0);
});

it('believes a painter who is always far from the plan', function (): void {
    $pace = paceOf(40, 170, 160, 175, 165, 170);

    expect($pace->slips)->toBe(0)->and($pace->middle()->seconds())->toBeGreaterThan(120.0);
});

it('counts the board half', function (): void {
    $mixed = static fn (bool $isPractice): Pace => Pace::of(
        Duration::ofSeconds(40),
        [...runsOf([40, 40, 40, 40]), ...array_map(static fn (int $nth): Run => new Run(30_000, $nth, $isPractice), [5, 6, 7, 8])],
    );

    expect($mixed(true)->practised)->toBe(4)->and($mixed(true)->faces)->toBe(4)
        ->and($mixed(true)->middle()->milliseconds)->toBeGreaterThan($mixed(false)->middle()->milliseconds)
        ->and($mixed(true)->middle()->milliseconds)->toBeLessThan(40_000)
        ->and($mixed(true)->shape)->toBe(6.0)->and($mixed(false)->shape)->toBe(7.0);
});

it('forgets what was painted long ago', function (): void {
    $pace = paceOf(40, ...array_fill(0, 60, 90), ...array_fill(0, 60, 45));

    expect($pace->faces)->toBe(60)->and($pace->nth)->toBe(120)->and($pace->middle()->seconds())->toEqualWithDelta(45.0, 2.0);
});

it('forecasts: a quick learner is ready for a promise after so many more, and then is', function (): void {
    $painter = new SimulatedPainter(new Randomizer(new Mt19937(3)), log(120_000), -0.25, 0.08);
    $pace = Pace::of(Duration::ofSeconds(110), $painter->runs(9));
    $promise = $pace->eightOfTen(12);
    $after = $pace->readyAfter($promise);

    expect($pace->learning()->slope)->toBeLessThan(-0.12)->and($pace->isReadyFor($promise))->toBeFalse()
        ->and($after)->toBeGreaterThan(0)->toBeLessThanOrEqual(12)
        ->and($pace->eightOfTen((int) $after)->milliseconds)->toBeLessThanOrEqual($promise->milliseconds)
        ->and($pace->readyAfter(Duration::ofSeconds(5)))->toBeNull()
        ->and($pace->readyAfter(Duration::ofMinutes(9)))->toBe(0);
});

it('needs runs to be ready, however generous the promise', function (): void {
    expect(paceOf(40)->isReadyFor(Duration::ofMinutes(9)))->toBeFalse()->and(paceOf(40)->readyAfter(Duration::ofMinutes(9)))->toBe(2);
});

it('comes back from its plain values', function (): void {
    $pace = paceOf(40, 50, 44, 48);

    expect(Pace::read(json_decode((string) json_encode($pace->values()), true)))->toEqual($pace);
});

it('has eight of ten of the next runs within its eight of ten', function (
    float $slope,
    float $differing,
    int $painters,
    array $counts,
): void {
    // Painters as they may come: plans off by a quarter, spreads of some 0.22, curves as said. Three points are 2.5 to 3
    // standard errors of the simulation itself.
    $chance = new Randomizer(new Mt19937(11));
    foreach ($counts as $count) {
        $within = 0;
        foreach (range(1, $painters) as $_) {
            $first = log(40_000) + 0.25 * SimulatedPainter::normal($chance);
            $painter = new SimulatedPainter(
                $chance,
                $first,
                $slope + $differing * SimulatedPainter::normal($chance),
                0.22 * exp(0.35 * SimulatedPainter::normal($chance)),
            );
            $pace = Pace::of(Duration::ofSeconds(40), $painter->runs($count));
            $within += $painter->paint($count + 1) <= $pace->eightOfTen()->milliseconds ? 1 : 0;
        }
        expect(100 * $within / $painters)->toEqualWithDelta(80.0, 3.0, "after {$count} runs");
    }
})->with([
    'all kinds of painters' => [-0.07, 0.07, 4000, [2, 5, 10, 20, 40]],
    'old hands who learn nothing any more' => [0.0, 0.0, 3000, [10, 20, 40]],
    'quick learners' => [-0.15, 0.03, 3000, [20, 40]],
]);

it('believes as much beforehand as it is told', function (): void {
    $runs = runsOf([60, 60, 60, 60]);
    $middle = static fn (Prior $prior): float => Pace::of(Duration::ofSeconds(40), $runs, $prior)->middle()->seconds();

    // A plan that counts for a thousand runs stands; one that counts for nearly none gives way to the log.
    expect($middle(new Prior(planRuns: 1000.0, slope: 0.0, slopeSpread: 0.0001)))->toEqualWithDelta(40.0, 0.2)
        ->and($middle(new Prior(planRuns: 0.001, slope: 0.0, slopeSpread: 0.0001)))->toEqualWithDelta(60.0, 0.2)
        ->and(Pace::of(Duration::ofSeconds(40), $runs, new Prior(mostRuns: 2))->faces)->toBe(2)
        ->and(Pace::of(Duration::ofSeconds(40), runsOf([60, 60, 60, 66]), new Prior(slipZ: 0.01))->slips)->toBe(1);
});

it('counts a run on the board by the weight it is given, and an interrupted one not at all', function (): void {
    $prior = new Prior(practiceWeight: 0.25);

    expect($prior->weight(new Run(40_000, 1)))->toBe(1.0)->and($prior->weight(new Run(40_000, 1, isPractice: true)))->toBe(0.25)
        ->and($prior->weight(new Run(40_000, 1, isInterrupted: true)))->toBe(0.0)->and($prior->weight(new Run(0, 1)))->toBe(0.0);
});
