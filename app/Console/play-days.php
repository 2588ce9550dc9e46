<?php

declare(strict_types=1);

use Core\Plan\Simulation\ScenarioJson;
use Core\Plan\Simulation\Simulation;

/**
 * Plays days of an event in a process of its own: seed, days and the number of the first one are its arguments, the event comes in as
 * JSON, the tally goes out as JSON. Without the framework, which would take longer to start than a thousand days to play.
 */
require __DIR__.'/../../vendor/autoload.php';

[, $seed, $runs, $first] = array_map(intval(...), $argv);
$scenario = ScenarioJson::read((string) stream_get_contents(STDIN));
echo json_encode((new Simulation($scenario, $seed))->run($runs, $first), JSON_THROW_ON_ERROR);
