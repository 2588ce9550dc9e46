<?php

declare(strict_types=1);

// Prints as JSON how long checks and searches for the best order take, over designs by chance, and how the same cases do in a
// general solver. Usage: order.php [DESIGNS]

use Core\Order\Check;
use Core\Order\DesignFacts;
use Core\Order\Quickest;
use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Sequencer;
use Core\Order\Search\Watch;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Order\Search\RandomProblem;
use Tools\bench\GeneralSolver;
use Tools\bench\GeneratedDesigns;

require __DIR__.'/../../vendor/autoload.php';

final class ByTheClock implements Watch
{
    private float $ends;

    public function __construct(float $seconds)
    {
        $this->ends = microtime(true) + $seconds;
    }

    public function goesOn(Outcome $soFar): bool
    {
        return microtime(true) < $this->ends;
    }
}

/** @param  list<float>  $values */
function p95(array $values): float
{
    sort($values);

    return $values[(int) ceil(0.95 * count($values)) - 1];
}

/** @return array{float, Outcome} milliseconds and what was found */
function timed(Problem $problem, float $seconds): array
{
    $began = microtime(true);
    $outcome = (new Sequencer)->solve($problem, new ByTheClock($seconds), range(0, $problem->count() - 1));

    return [1000 * (microtime(true) - $began), $outcome];
}

/** @return array<string, float|int> over so many designs of so many steps */
function designs(int $designs, int $steps, float $seconds, bool $isLoose = false): array
{
    $generated = new GeneratedDesigns(new Randomizer(new Mt19937($steps)));
    $circumstances = GeneratedDesigns::circumstances();
    $times = $gaps = [];
    $worse = $unanswered = $proven = 0;
    for ($at = 0; $at < $designs; $at++) {
        $quickest = Quickest::of(new DesignFacts($isLoose ? $generated->loose($steps) : $generated->design($steps), $circumstances));
        $began = microtime(true);
        $outcome = $quickest->search(new ByTheClock($seconds));
        $times[] = 1000 * (microtime(true) - $began);
        $typed = $quickest->typed;
        $gaps[] = 100 * $outcome->gap();
        $proven += $outcome->isProven ? 1 : 0;
        $unanswered += $outcome->best === null && ! $outcome->isProven ? 1 : 0;
        $worse += $typed !== null && ($outcome->best->makespan ?? PHP_INT_MAX) > $typed->makespan ? 1 : 0;
    }

    return [
        'p95' => p95($times), 'gap' => p95($gaps), 'proven' => 100 * $proven / $designs, 'unanswered' => $unanswered,
        'worse' => $worse,
    ];
}

/** @return array{float, int} how many times longer the general solver took in the middle, and how often it found better */
function againstGeneralSolver(): array
{
    $chance = new Randomizer(new Mt19937(2026));
    $ratios = [];
    $better = 0;
    foreach ([
        [0.3, 0.5, 0.0, true],
        [0.4, 0.5, 0.4, true],
        [0.3, 0.5, 0.2, false],
        [0.0, 0.0, 0.0, true],
    ] as [$linked, $lagged, $closing, $classes]) {
        for ($case = 0; $case < 3; $case++) {
            $problem = RandomProblem::of(chance: $chance, steps: 7, linked: $linked, lagged: $lagged, closing: $closing, classes: $classes);
            $began = microtime(true);
            [$theirs] = (new GeneralSolver(20))->solve($problem);
            $took = 1000 * (microtime(true) - $began);
            [$ours, $outcome] = timed($problem, 20);
            $ratios[] = $took / $ours;
            $better += $theirs !== null && $theirs < ($outcome->best->makespan ?? PHP_INT_MAX) ? 1 : 0;
        }
    }
    sort($ratios);

    return [$ratios[intdiv(count($ratios), 2)], $better];
}

/** @return array{float, int} the longest in milliseconds, and how many stayed unproven */
function hard(float $linked, float $lagged, float $closing, bool $classes, int $steps): array
{
    $chance = new Randomizer(new Mt19937($steps));
    $times = [];
    $unproven = 0;
    for ($case = 0; $case < 10; $case++) {
        [$times[], $outcome] = timed(
            RandomProblem::of(chance: $chance, steps: $steps, linked: $linked, lagged: $lagged, closing: $closing, classes: $classes),
            10,
        );
        $unproven += $outcome->isProven ? 0 : 1;
    }

    return [max($times), $unproven];
}

$designs = (int) ($argv[1] ?? 200);
$thirty = (new GeneratedDesigns(new Randomizer(new Mt19937(30))))->design(30);
$circumstances = GeneratedDesigns::circumstances();
$checks = [];
for ($run = 0; $run < 20; $run++) {
    $began = microtime(true);
    Check::of($thirty, $circumstances);
    $checks[] = 1000 * (microtime(true) - $began);
}
sort($checks);
[$ratio, $better] = againstGeneralSolver();
$results = [
    'check' => $checks[10],
    'of16' => designs($designs, 16, 2),
    'of24' => designs($designs, 24, 1.9),
    'of40' => designs(max(5, intdiv($designs, 10)), 40, 2.6),
    'loose16' => designs(intdiv($designs, 2), 16, 2, isLoose: true),
    'loose24' => designs(intdiv($designs, 2), 24, 1.9, isLoose: true),
    'free' => hard(0.0, 0.0, 0.0, true, 14),
    'freeAny' => hard(0.0, 0.0, 0.0, false, 14),
    'tight' => hard(0.12, 0.5, 0.5, true, 15),
    'solver' => ['ratio' => $ratio, 'better' => $better],
    'memory' => memory_get_peak_usage(true) / 1_000_000,
];
echo json_encode($results, JSON_THROW_ON_ERROR), "\n";
