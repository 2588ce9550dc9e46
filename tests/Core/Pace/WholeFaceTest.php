<?php

declare(strict_types=1);

use Core\Pace\WholeFace;
use Core\Timeline\StepTime;
use Core\Timeline\TimeSource;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Pace\SimulatedPainter;

it('says nothing while no step is logged', function (): void {
    $typed = new StepTime(Duration::ofSeconds(40), TimeSource::Typed);

    expect(WholeFace::eightOfTen([$typed, $typed], Duration::ofSeconds(6)))->toBeNull();
});

it('has eight of ten sums of logged steps within it', function (): void {
    $chance = new Randomizer(new Mt19937(17));
    $spreads = [[48, 0.2], [20, 0.35], [14, 0.25], [9, 0.4], [0, 0.0]];
    $steps = array_map(static fn (array $step): StepTime => new StepTime(
        Duration::ofSeconds($step[0] ?: 12),
        TimeSource::Logged,
        9,
        $step[0] === 0 ? null : Duration::ofMilliseconds((int) round(1000 * $step[0] * exp(0.8416212 * $step[1]))),
    ), $spreads);
    $most = WholeFace::eightOfTen($steps, Duration::ofSeconds(15));
    $within = 0;
    foreach (range(1, 6000) as $_) {
        $sum = 15_000 + 12_000;
        foreach (array_slice($spreads, 0, 4) as [$seconds, $spread]) {
            $sum += (new SimulatedPainter($chance, log($seconds * 1000), 0.0, $spread))->paint(1);
        }
        $within += $sum <= $most?->milliseconds ? 1 : 0;
    }

    expect(100 * $within / 6000)->toEqualWithDelta(80.0, 1.5);
});
