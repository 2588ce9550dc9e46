<?php

declare(strict_types=1);

use Core\Colour\Blend;
use Core\Colour\Defaults;
use Core\Colour\Difference;
use Core\Colour\Finish;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Colour\Load;
use Core\Colour\Paint;
use Core\Colour\PaintKind;
use Core\Colour\Sight;

function grey(float $share): LinearRgb
{
    return new LinearRgb($share, $share, $share);
}

function wax(string $hex, Load $load = Load::Normal): Paint
{
    return Paint::fromCake($hex, Finish::Regular, PaintKind::Wax, $load);
}

// K/S = (1 - R)^2 / 2R, the quotient every handbook tabulates: 0.5 gives 0.25, 0.2 gives 1.6, 0.1 gives 4.05.
it('has the tabulated quotients of absorption and scattering', function (float $reflectance, float $quotient): void {
    $paint = Paint::of(grey($reflectance), 1.0);

    expect($paint->absorption->red)->toEqualWithDelta($quotient, 1e-12)
        ->and($paint->thick()->red)->toEqualWithDelta($reflectance, 1e-12);
})->with([[0.5, 0.25], [0.2, 1.6], [0.1, 4.05], [0.8, 0.025]]);

// Kubelka (1948): a film that absorbs nothing reflects SX / (1 + SX) over black.
it('tends to the film that only scatters', function (float $sx): void {
    $paint = Paint::of(grey(Defaults::MOST_REFLECTANCE), $sx);

    expect($paint->over(grey(0.0))->red)->toBeGreaterThan(0.985 * $sx / (1 + $sx))->toBeLessThan($sx / (1 + $sx));
})->with([0.25, 1.0, 4.0]);

it('shows the ground through nothing, and itself where it is thick', function (float $ground): void {
    $paint = Paint::of(new LinearRgb(0.7, 0.3, 0.05), 2.0);

    expect($paint->over(grey($ground), 0)->green)->toBe($ground)
        ->and($paint->over(grey($ground), 1000)->green)->toEqualWithDelta(0.3, 1e-9)
        ->and($paint->over($paint->thick())->blue)->toEqualWithDelta(0.05, 1e-9);
})->with([0.0, 0.2, 1.0]);

// Kubelka (1954), "Part II: nonhomogeneous layers": two layers on each other send back R1 + T1^2 R2 / (1 - R1 R2), with
// T = b / (a sinh bSX + b cosh bSX). The same two coats as one layer of twice the thickness must say the same.
it('agrees with the rule for one layer upon another', function (float $reflectance, float $sx, float $ground): void {
    $paint = Paint::of(grey($reflectance), $sx);
    $a = 1 + $paint->absorption->red;
    $b = sqrt($a ** 2 - 1);
    $alone = 1 / ($a + $b / tanh($b * $sx));
    $through = $b / ($a * sinh($b * $sx) + $b * cosh($b * $sx));
    $stacked = static fn (float $below): float => $alone + $through ** 2 * $below / (1 - $alone * $below);

    expect($paint->over(grey($ground))->red)->toEqualWithDelta($stacked($ground), 1e-12)
        ->and($paint->over(grey($ground), 2)->red)->toEqualWithDelta($stacked($stacked($ground)), 1e-12);
})->with([[0.3, 0.8, 0.0], [0.9, 2.0, 0.1], [0.05, 1.0, 0.9], [0.6, 0.3, 0.5]]);

it('mixes by volume, K and S apart', function (): void {
    $white = Paint::of(grey(0.8), 3.0);
    $black = Paint::of(grey(0.05), 1.0);
    $mixed = $white->mixedWith($black, 0.5);

    // By hand: K = (0.025 * 3 + 9.025 * 1) / 2, S = (3 + 1) / 2.
    expect($mixed->cover)->toBe(2.0)->and($mixed->absorption->red)->toEqualWithDelta((0.075 + 9.025) / 4, 1e-12)
        ->and($white->mixedWith($black, 0.0)->thick()->red)->toEqualWithDelta(0.8, 1e-12)
        ->and($white->mixedWith($black, 1.0)->thick()->red)->toEqualWithDelta(0.05, 1e-12);
});

// Common practice, no source.
it('takes two to three coats of white over red, and one over white or bare skin', function (): void {
    $white = wax('#fafaf7');

    expect(Sight::coatsToCover($white, LinearRgb::ofHex('#d2402f')))->toBeIn([2, 3])
        ->and(Sight::coatsToCover($white, LinearRgb::ofHex('#a01818')))->toBeIn([2, 3])
        ->and(Sight::coatsToCover($white, LinearRgb::ofHex('#fafaf7')))->toBe(1)
        ->and(Sight::coatsToCover($white, LinearRgb::ofHex(Defaults::SKIN)))->toBe(1);
});

// Common practice, no source.
it('leaves thin red on dry white red, and turns thick red on wet white pink', function (): void {
    $white = wax('#fafaf7');
    $red = LinearRgb::ofHex('#d2402f');
    $thin = wax('#d2402f', Load::Damp);
    $thick = wax('#d2402f', Load::Liquid);

    $onDry = Sight::pickedUp($thin, $white, Load::Damp, 0.0)->over($white->thick());
    $onWet = Sight::pickedUp($thick, $white, Load::Liquid, 1.0)->over($white->thick());

    expect(Sight::hasTurned($onDry, $red))->toBeFalse()
        ->and(Sight::hasTurned($onWet, $red))->toBeTrue()
        ->and(Lab::of($onWet)->lightness)->toBeGreaterThan(Lab::of($red)->lightness + 5)
        ->and(Lab::of($onWet)->chroma())->toBeLessThan(Lab::of($red)->chroma());
});

// Common practice, no source: blend with the light colour outward into the dark.
it('keeps the light colour cleaner when it is pulled into the dark', function (string $light, string $dark): void {
    [$pale, $deep] = [wax($light), wax($dark)];
    $lightOutward = Difference::between(Lab::of(Blend::pulledFrom($pale, $deep)), Lab::of($pale->thick()));
    $darkInward = Difference::between(Lab::of(Blend::pulledInto($deep, $pale)), Lab::of($pale->thick()));

    expect($lightOutward)->toBeLessThan(0.75 * $darkInward);
})->with([['#bfe3f2', '#1d4e89'], ['#f6c945', '#d2402f'], ['#fafaf7', '#1b2a52'], ['#eda2c0', '#5b3a86']]);

// Common practice, no source: complements make mud, neighbours do not.
it('knows which neighbours make mud', function (string $one, string $other, bool $isMud): void {
    expect(Blend::isMuddy(wax($one), wax($other)))->toBe($isMud)->and(Blend::isMuddy(wax($other), wax($one)))->toBe($isMud);
})->with([
    ['#5b3a86', '#f6c945', true], ['#1d4e89', '#d2402f', true], ['#d2402f', '#3f8fc6', true],
    ['#d2402f', '#f08a24', false], ['#f08a24', '#f6c945', false], ['#1d4e89', '#3f8fc6', false], ['#8593a0', '#fafaf7', false],
]);

it('sees black on white from two metres, and not one near-white on another', function (): void {
    $hex = LinearRgb::ofHex(...);

    expect(Sight::isSeenAtTwoMetres($hex('#1c1c22'), $hex('#fafaf7')))->toBeTrue()
        ->and(Sight::isSeenAtTwoMetres($hex('#f4f2ec'), $hex('#fafaf7')))->toBeFalse()
        ->and(Sight::isSeenAtTwoMetres($hex('#22242c'), $hex('#1c1c22')))->toBeFalse();
});
