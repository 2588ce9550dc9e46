<?php

declare(strict_types=1);

use Core\Plan\Simulation\Simulation;

/**
 * Plays days of a scenario in a process of its own: a serialized [scenario, seed, runs, first run] comes in, a serialized tally goes
 * out. Without the framework, which would take longer to start than a thousand days to play.
 */
require __DIR__.'/../../vendor/autoload.php';

/** @var array{\Core\Plan\Simulation\Scenario, int, int, int} $asked */
$asked = unserialize((string) stream_get_contents(STDIN));
[$scenario, $seed, $runs, $first] = $asked;
echo serialize((new Simulation($scenario, $seed))->run($runs, $first));
