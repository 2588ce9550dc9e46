<?php

declare(strict_types=1);

use Core\Surface\GoingOn;
use Core\Units\Duration;

function wentOn(float $reckoned, float $left, bool $isRepaired = false): GoingOn
{
    return new GoingOn(Duration::ofSeconds($reckoned), Duration::ofSeconds($left), $isRepaired);
}

it('learns from those who went on early and had nothing to mend', function (): void {
    expect(GoingOn::share(array_fill(0, 5, wentOn(30, 20))))->toEqualWithDelta(1.5, 1e-9)
        ->and(GoingOn::share([
            wentOn(30, 25), wentOn(30, 20), wentOn(30, 20), wentOn(30, 20), wentOn(30, 10),
        ]))->toEqualWithDelta(1.5, 1e-9);
});

it('learns nothing from few, nor from those who waited', function (): void {
    expect(GoingOn::share(array_fill(0, 4, wentOn(30, 20))))->toBeNull()
        ->and(GoingOn::share(array_fill(0, 9, wentOn(30, 30))))->toBeNull()
        ->and(GoingOn::share([]))->toBeNull();
});

it('does not go beyond what had to be mended, nor beyond twice as fast', function (): void {
    expect(GoingOn::share([...array_fill(0, 6, wentOn(30, 15)), wentOn(30, 25, true)]))->toEqualWithDelta(1.2, 1e-9)
        ->and(GoingOn::share(array_fill(0, 6, wentOn(30, 1))))->toBe(2.0);
});
