<?php

declare(strict_types=1);

use Core\Surface\Weather;
use Core\Surface\WorkingAir;

it('says what the air does to the paint', function (float $celsius, float $humidity, float $wind, string $advice): void {
    $air = WorkingAir::in(new Weather($celsius, $humidity, $wind));
    expect($air->says())->toContain(sprintf('%g °C, %g %% humid', $celsius, $humidity))->toContain($air->baseDry->format())
        ->toContain($advice);
})->with([
    // Common practice, no source: warm and dry is quick, humid air is slow and makes soft cakes sticky.
    'hot and dry' => [31, 26, 2, 'Spritz often and blend in small parts.'],
    'as at the reference' => [20, 50, 0, ', as usual.'],
    'warm and close' => [26, 82, 0.5, 'Soft cakes go sticky'],
    'sea fog' => [11, 97, 0.5, 'Press the sponge out well'],
]);

it('dries quicker the hotter, drier and windier it is', function (): void {
    $dry = static fn (float ...$air): float => WorkingAir::in(new Weather(...$air))->baseDry->seconds();
    expect($dry(31, 26, 2))->toBeLessThan($dry(31, 26, 0))->and($dry(31, 26, 0))->toBeLessThan($dry(20, 50, 0))
        ->and($dry(20, 50, 0))->toBeLessThan($dry(11, 97, 0));
    $usual = WorkingAir::in(Weather::reference());
    expect($usual->isQuick() || $usual->isSlow() || $usual->isSticky())->toBeFalse()
        ->and($usual->lineDry->seconds())->toBeGreaterThan(0);
});

it('tells of a wind that is worth a word', function (): void {
    expect(WorkingAir::in(new Weather(16, 50, 6))->says())->toContain('wind 6 m/s')
        ->and(WorkingAir::in(new Weather(16, 50, 1))->says())->not->toContain('wind');
});
