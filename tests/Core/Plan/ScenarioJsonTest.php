<?php

declare(strict_types=1);

use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\ScenarioJson;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;

dataset('scenarios', function (): iterable {
    $open = Duration::ofMinutes(120);
    $quick = [FaceTime::planned(Duration::ofMinutes(4), Duration::ofMinutes(5)), FaceTime::fixed(Duration::ofMinutes(2))];
    $two = [
        new Artist('Ines', [[0, 3_600_000], [4_000_000, 7_200_000]], [$quick]),
        Artist::all('Tobi', $open, FaceTime::memoryless(Duration::ofMinutes(3))),
    ];
    $menu = [new Offer('starfish', 1.25, 400, [1.0, 0.7])];
    yield 'a fair' => [new Scenario(
        open: $open,
        arrivals: Arrivals::byProfile(40.0, [1.0, 2.5], [6.0, 3.0, 1.0]),
        menu: $menu,
        artists: $two,
        turnaround: Duration::ofSeconds(50),
        rules: new LineRules(Duration::ofMinutes(100), Duration::ofMinutes(20), 6, 4, contagion: 0.08),
    )];
    yield 'a party' => [new Scenario($open, Arrivals::atOnce(12), $menu, $two, Duration::ofMinutes(1), turnaroundSpread: 0.0)];
    yield 'appointments, a line at each chair' => [new Scenario(
        open: $open,
        arrivals: Arrivals::even(12),
        menu: $menu,
        artists: $two,
        turnaround: Duration::zero(),
        rules: new LineRules(isLineEach: true, paintsOut: false),
    )];
});

it('comes back from JSON as it was, and is played alike', function (Scenario $scenario): void {
    $read = ScenarioJson::read(ScenarioJson::of($scenario));
    $tally = (new Simulation($read, 3))->run(5);

    expect($read)->toEqual($scenario)->and($tally)->toEqual((new Simulation($scenario, 3))->run(5))
        ->and(Tally::read(json_encode($tally, JSON_THROW_ON_ERROR)))->toEqual($tally);
})->with('scenarios');

it('is another text for another event', function (): void {
    $of = static fn (float $children, float $weight): string => ScenarioJson::of(new Scenario(
        open: Duration::ofMinutes(60),
        arrivals: Arrivals::byProfile($children),
        menu: [new Offer('starfish', $weight)],
        artists: [Artist::all('Ines', Duration::ofMinutes(60), FaceTime::fixed(Duration::ofMinutes(3)))],
        turnaround: Duration::ofMinutes(1),
    ));

    expect(count(array_unique([$of(10.0, 1.0), $of(10.5, 1.0), $of(10.0, 1.001), $of(10.0, 1.0)])))->toBe(3);
});
