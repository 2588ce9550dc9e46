<?php

declare(strict_types=1);

use Core\Design\StepValues;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\HandTimes;
use Core\Timeline\RunOver;
use Core\Timeline\StepTime;
use Core\Timeline\StepTimes;
use Core\Timeline\TimeSource;
use Core\Units\Duration;
use Tests\Core\Paint;

it('names the step that runs over most, and none that runs over by less than a tenth', function (
    array $logged,
    ?string $worst,
    float $over,
): void {
    $steps = [Paint::step('a', 30), Paint::step('b', 31), Paint::step('c', 32)];
    $times = StepTimes::starting()->knowing(array_combine(
        array_map(StepValues::way(...), array_slice($steps, 0, count($logged))),
        array_map(static fn (int $seconds): StepTime => new StepTime(Duration::ofSeconds($seconds), TimeSource::Logged, 5), $logged),
    ));
    $found = RunOver::worst($steps, HandTimes::of($steps, ChangeoverMatrix::starting(), $times));

    expect($found?->step->id)->toBe($worst)->and($found?->over->seconds() ?? 0.0)->toBe($over);
})->with([
    'nothing logged' => [[], null, 0.0],
    'all as planned' => [[30, 33, 32], null, 0.0],
    'the second' => [[34, 60, 40], 'b', 29.0],
]);
