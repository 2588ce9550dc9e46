<?php

declare(strict_types=1);

use Core\Units\Duration;
use Core\Units\Instant;

it('measures the time gone by, and none backwards', function (): void {
    $early = Instant::ofEpochMilliseconds(1_000);
    $late = $early->plus(Duration::ofSeconds(9));

    expect($late->since($early))->toEqual(Duration::ofSeconds(9))
        ->and($early->since($late)->isZero())->toBeTrue()
        ->and($late->minus(Duration::ofSeconds(9)))->toEqual($early);
});

it('gives the later of two', function (): void {
    $early = Instant::ofEpochMilliseconds(1);
    $late = Instant::ofEpochMilliseconds(2);

    expect($early->orLater($late))->toBe($late)
        ->and($late->orLater($early))->toBe($late)
        ->and($late->isAfter($early))->toBeTrue()
        ->and($late->isAfter($late))->toBeFalse();
});
