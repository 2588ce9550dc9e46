<?php

declare(strict_types=1);

use App\Exceptions\NobodyListens;
use App\Plan\Forecast\PlayDays;
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Units\Duration;

function smallFair(): Scenario
{
    $open = Duration::ofMinutes(120);

    return new Scenario(
        open: $open,
        arrivals: Arrivals::byProfile(30.0),
        menu: [new Offer('starfish', 1.0, 400)],
        artists: [Artist::all('Ines', $open, FaceTime::logNormal(Duration::ofMinutes(3), 0.2, 0.1))],
        turnaround: Duration::ofMinutes(1),
    );
}

it('plays in processes of their own the very days that one would play', function (int $runs): void {
    $here = (new Simulation(smallFair(), 9))->run($runs);
    $there = app(PlayDays::class)(smallFair(), 9, $runs);

    expect($there->runs)->toEqual($here->runs)->and($there->sums)->toEqual($here->sums)
        ->and($there->painted)->toEqual($here->painted)->and($there->wait(0.9))->toEqual($here->wait(0.9));
})->with(['few, here' => 40, 'many, shared out' => 1001]);

it('stops once nobody wants to know any more', function (): void {
    $asked = 0;
    $isHeard = static function () use (&$asked): bool {
        return ++$asked < 3;
    };
    $play = static fn () => app(PlayDays::class)(smallFair(), 9, 100_000, $isHeard);

    expect($play)->toThrow(NobodyListens::class);
    expect($asked)->toBe(3)
        // Who listens on gets them all the same.
        ->and(app(PlayDays::class)(smallFair(), 9, 600, static fn (): bool => true)->count())->toBe(600);
});
