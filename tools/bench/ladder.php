<?php

declare(strict_types=1);

// Prints as JSON how long ladders and paces take. Usage: ladder.php [DESIGNS]

use Core\Design\Design;
use Core\Design\StepValues;
use Core\Ladder\Ladder;
use Core\Order\HalfPainted;
use Core\Pace\LogBook;
use Core\Pace\LogLine;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tools\bench\GeneratedDesigns;

require __DIR__.'/../../vendor/autoload.php';

/** A full face by chance with so many steps, of which so many are extras. */
function withExtras(int $seed, int $steps, int $extras): Design
{
    $chance = new Randomizer(new Mt19937($seed));
    $design = (new GeneratedDesigns($chance))->design($steps);
    $optional = array_slice($chance->shuffleArray(range(0, $steps - 1)), 0, $extras);
    $kept = [];
    foreach ($design->steps as $at => $step) {
        $values = [...array_diff_key(StepValues::of($step), ['optional' => 0]), 'look' => $chance->getInt(1, 8)];
        $kept[] = StepValues::read($step->id, in_array($at, $optional, true) ? [...$values, 'optional' => true] : $values);
    }

    return $design->withSteps($kept);
}

/** @return array{middle: float, p95: float, unproven: int} */
function ladders(int $designs, int $steps, int $extras, ?HalfPainted $begun = null): array
{
    $circumstances = GeneratedDesigns::circumstances();
    $times = [];
    $unproven = 0;
    for ($seed = 1; $seed <= $designs; $seed++) {
        $design = withExtras($seed, $steps, $extras);
        $began = microtime(true);
        $unproven += Ladder::of($design, $circumstances, $begun)->isProven ? 0 : 1;
        $times[] = 1000 * (microtime(true) - $began);
    }
    sort($times);

    return ['middle' => $times[intdiv($designs, 2)], 'p95' => $times[(int) ceil(0.95 * $designs) - 1], 'unproven' => $unproven];
}

/** A painter's log of so many steps, of twenty designs of ten steps each. */
function logOf(int $steps): array
{
    $chance = new Randomizer(new Mt19937(20));
    $lines = [];
    for ($at = 0; $at < $steps; $at++) {
        $planned = 10 + $at % 10 * 5;
        $lines[] = new LogLine(
            painter: 'ines',
            design: 'Design '.intdiv($at, 10) % 20,
            version: '',
            step: 'Step '.$at % 10,
            planned: Duration::ofSeconds($planned),
            spent: Duration::ofMilliseconds($planned * $chance->getInt(700, 1500)),
        );
    }

    return $lines;
}

$lines = logOf(20_000);
$paces = [];
for ($run = 0; $run < 5; $run++) {
    $began = microtime(true);
    foreach (LogBook::of($lines) as [, $team]) {
        $team->own['ines']->eightOfTen();
    }
    $paces[] = 1000 * (microtime(true) - $began);
}
sort($paces);
$designs = max(3, (int) ($argv[1] ?? 40));
$half = new HalfPainted(['s0' => 90_000, 's1' => 60_000, 's2' => 40_000, 's3' => 20_000, 's4' => 5_000]);
echo json_encode([
    'of20' => ladders($designs, 20, 10),
    'of12' => ladders($designs, 12, 6),
    'live' => ladders($designs, 20, 10, $half),
    'pace' => $paces[2],
    'memory' => memory_get_peak_usage(true) / 1_000_000,
], JSON_THROW_ON_ERROR), "\n";
