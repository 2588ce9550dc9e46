<?php

declare(strict_types=1);

use Core\Surface\Weather;

// Source: FAO Irrigation and Drainage Paper 56 (1998), annex 2, table 2.3, and example 3 (24.5 and 15 degrees); kPa, three
// decimals. Written down from memory; it agrees with equation 11 of the same paper throughout.
it('gives the published saturation vapour pressures', function (float $celsius, float $published): void {
    expect(Weather::saturationPressure($celsius))->toEqualWithDelta($published, 0.001);
})->with([
    [1.0, 0.657], [5.0, 0.872], [10.0, 1.228], [15.0, 1.705], [20.0, 2.338], [24.5, 3.075], [25.0, 3.168], [30.0, 4.243], [35.0, 5.623],
]);

it('dries at the reference rate in the reference air', function (): void {
    expect(Weather::reference()->dryingFactor())->toBe(1.0);
});

// Worked by hand: 30 degrees, 40 %, 2 m/s: film at 31.5 degrees, e0 = 4.622 kPa; air 0.4 * 4.243 = 1.697 kPa; wind 2.08.
// Reference: film at 26.5 degrees, e0 = 3.462 kPa; air 0.5 * 2.338 = 1.169 kPa. (4.622 - 1.697) * 2.08 / 2.293 = 2.653.
it('gives the drying factor worked by hand', function (): void {
    expect((new Weather(30.0, 40.0, 2.0))->dryingFactor())->toEqualWithDelta(2.653, 0.01);
});

// Common practice, no source: warm days dry paint faster, humid air slows it.
it('dries faster when it is warm, windy or dry, and slower when it is humid', function (): void {
    $factor = static fn (float ...$air): float => (new Weather(...$air))->dryingFactor();

    expect($factor(28, 50, 0))->toBeGreaterThan(1.0)
        ->and($factor(20, 50, 3))->toBeGreaterThan(1.0)
        ->and($factor(20, 30, 0))->toBeGreaterThan(1.0)
        ->and($factor(20, 85, 0))->toBeLessThan(1.0);
});

it('is bound by a fifth and four times', function (): void {
    expect((new Weather(45.0, 0.0, 10.0))->dryingFactor())->toBe(4.0)
        ->and((new Weather(33.0, 100.0, 0.0))->dryingFactor())->toBe(0.2)
        ->and((new Weather(40.0, 100.0, 0.0))->dryingFactor())->toBe(0.2);
});
