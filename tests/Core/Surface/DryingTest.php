<?php

declare(strict_types=1);

use Core\Colour\Load;
use Core\Colour\PaintKind;
use Core\Design\Medium;
use Core\Surface\Drying;
use Core\Surface\Film;
use Core\Surface\InvalidWeather;
use Core\Surface\Weather;
use Core\Surface\Wetness;
use Core\Units\Duration;

function filmOf(
    PaintKind $kind = PaintKind::Wax,
    Load $load = Load::Normal,
    int $coats = 1,
    float $factor = 1.0,
    float $painting = 30,
    Medium $medium = Medium::Brush,
): Film {
    return Drying::atFactor($factor)->film($kind, $medium, $load, $coats, Duration::ofSeconds($painting));
}

it('is wet, then tacky, then dry', function (): void {
    $film = filmOf();

    // One unit of moisture at 1/40 a second: a quarter is left after 30 s, a twentieth after 38 s.
    expect($film->tackyAfter()->seconds())->toBe(30.0)
        ->and($film->dryAfter()->seconds())->toBe(38.0)
        ->and($film->wetnessAfter(Duration::zero()))->toBe(Wetness::Wet)
        ->and($film->wetnessAfter(Duration::ofSeconds(29)))->toBe(Wetness::Wet)
        ->and($film->wetnessAfter(Duration::ofSeconds(30)))->toBe(Wetness::Tacky)
        ->and($film->wetnessAfter(Duration::ofSeconds(37)))->toBe(Wetness::Tacky)
        ->and($film->wetnessAfter(Duration::ofSeconds(38)))->toBe(Wetness::Dry)
        ->and($film->moistureAfter(Duration::ofSeconds(20)))->toEqualWithDelta(0.5, 1e-9)
        ->and($film->moistureAfter(Duration::ofMinutes(10)))->toBe(0.0);
});

it('dries later with more water, coats, glycerine and slow air, sooner from a sponge', function (Film $longer, Film $shorter): void {
    expect($longer->dryAfter()->milliseconds)->toBeGreaterThan($shorter->dryAfter()->milliseconds)
        ->and($longer->tackyAfter()->milliseconds)->toBeGreaterThan($shorter->tackyAfter()->milliseconds);
})->with([
    fn () => [filmOf(load: Load::Liquid), filmOf()],
    fn () => [filmOf(), filmOf(load: Load::Damp)],
    fn () => [filmOf(coats: 2), filmOf()],
    fn () => [filmOf(coats: 2, painting: 20), filmOf(coats: 2, painting: 200)],
    fn () => [filmOf(PaintKind::Glycerine), filmOf()],
    fn () => [filmOf(factor: 0.5), filmOf()],
    fn () => [filmOf(), filmOf(medium: Medium::Sponge)],
]);

it('lets coats dry while the next one is painted, but never below nothing', function (): void {
    expect(filmOf(coats: 3, painting: 3000)->moisture)->toBe(1.0)
        ->and(filmOf(coats: 2, painting: 0)->moisture)->toBe(2.0)
        ->and(filmOf(coats: 2, painting: 40)->moisture)->toEqualWithDelta(1.5, 1e-9);
});

it('knows that powder is always dry', function (): void {
    $film = filmOf(PaintKind::Powder, Load::Liquid, 3);

    expect($film->wetnessAfter(Duration::zero()))->toBe(Wetness::Dry)->and($film->dryAfter()->isZero())->toBeTrue();
});

// Taps come in whole seconds, which is a twentieth of the quickest drying here.
it('finds the day’s factor again from the two taps of a touch test', function (PaintKind $kind, float $factor): void {
    $swatch = Drying::atFactor($factor)->film($kind, Medium::Brush, Load::Normal, 1, Duration::zero());

    expect(Drying::fromTouchTest($kind, $swatch->tackyAfter(), $swatch->dryAfter())->factor)->toEqualWithDelta($factor, 0.05 * $factor);
})->with([PaintKind::Wax, PaintKind::Glycerine])->with([0.25, 0.8, 1.0, 1.7, 3.5]);

it('takes both taps of a touch test into account, and keeps to the bounds', function (): void {
    $test = static fn (float $tacky, float $dry): float => Drying::fromTouchTest(
        PaintKind::Wax,
        Duration::ofSeconds($tacky),
        Duration::ofSeconds($dry),
    )->factor;

    expect($test(30, 38))->toEqualWithDelta(1.0, 1e-9)
        ->and($test(30, 50))->toBeLessThan(1.0)
        ->and($test(24, 38))->toBeGreaterThan(1.0)
        ->and($test(1, 2))->toBe(4.0)
        ->and($test(3000, 4000))->toBe(0.2);
});

it('dries as the weather says', function (): void {
    expect(Drying::in(new Weather(28, 40, 1))->factor)->toBe((new Weather(28, 40, 1))->dryingFactor())
        ->and(Drying::in(Weather::reference())->factor)->toBe(Drying::atReference()->factor);
});

it('refuses weather that nobody could paint in', function (float $celsius, float $humidity, float $wind, string $says): void {
    expect(fn () => new Weather($celsius, $humidity, $wind))->toThrow(InvalidWeather::class, $says);
})->with([
    [60, 50, 0, '60 degrees'], [-20, 50, 0, '-20 degrees'], [20, 101, 0, '0 to 100'], [20, -1, 0, '0 to 100'], [20, 50, -1, 'wind'],
    [20, 50, 30, 'wind'],
]);
