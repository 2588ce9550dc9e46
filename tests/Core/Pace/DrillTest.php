<?php

declare(strict_types=1);

use Core\Design\Place\Side;
use Core\Pace\Drill;
use Core\Timeline\StepTimes;

it('has each stroke on both sides, with a time to begin with', function (Drill $drill): void {
    [$left, $right] = [$drill->step(Side::Left), $drill->step(Side::Right)];
    $planned = StepTimes::starting()->planned($left)->duration;

    expect($left->side)->toBe(Side::Left)->and($right->side)->toBe(Side::Right)
        ->and($planned->milliseconds)->toBeGreaterThan(500)->toBeLessThan(60_000)
        // A right hand reaches the left side less well.
        ->and(StepTimes::starting()->planned($right)->duration->milliseconds)->toBeLessThanOrEqual($planned->milliseconds)
        ->and($left->technique->suits($left->medium))->toBeTrue();
})->with(Drill::cases());

it('calls no two drills alike, nor begins one with the name of another', function (): void {
    $labels = array_map(static fn (Drill $drill): string => $drill->label(), Drill::cases());
    foreach ($labels as $at => $label) {
        foreach ($labels as $other => $longer) {
            expect($at !== $other && str_starts_with($longer, $label))->toBeFalse("{$label}, {$longer}");
        }
    }
});
