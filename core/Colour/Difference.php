<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * How different two colours look, by CIEDE2000 with all weights 1: about 1 is just seen side by side.
 *
 * Source: CIE 142-2001 in the form of G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula:
 * implementation notes, supplementary test data, and mathematical observations", Color Research and Application 30 (2005).
 * The equation numbers are theirs.
 */
final readonly class Difference
{
    private const POW_25_7 = 6103515625.0;

    private function __construct() {}

    public static function between(Lab $one, Lab $other): float
    {
        $meanChroma = ($one->chroma() + $other->chroma()) / 2;
        $g = 0.5 * (1 - self::saturation($meanChroma)); // (4)
        [$a1, $a2] = [(1 + $g) * $one->a, (1 + $g) * $other->a]; // (5)
        [$c1, $c2] = [hypot($a1, $one->b), hypot($a2, $other->b)]; // (6)
        [$h1, $h2] = [self::hue($a1, $one->b), self::hue($a2, $other->b)]; // (7)
        $isGrey = $c1 * $c2 === 0.0;

        $deltaH = 2 * sqrt($c1 * $c2) * sin(deg2rad(self::hueTurn($h1, $h2, $isGrey)) / 2); // (10), (11)
        $lightness = ($one->lightness + $other->lightness) / 2; // (12)
        $chroma = ($c1 + $c2) / 2; // (13)
        $hue = self::meanHue($h1, $h2, $isGrey); // (14)

        return self::length(
            ($other->lightness - $one->lightness) / self::lightnessWeight($lightness),
            ($c2 - $c1) / (1 + 0.045 * $chroma), // (16)
            $deltaH / (1 + 0.015 * $chroma * self::hueWeight($hue)), // (17)
            self::rotation($hue, $chroma),
        );
    }

    /** @param  string  $one  #rrggbb */
    public static function betweenHex(string $one, string $other): float
    {
        return self::between(Lab::ofHex($one), Lab::ofHex($other));
    }

    private static function length(float $lightness, float $chroma, float $hue, float $rotation): float
    {
        return sqrt($lightness ** 2 + $chroma ** 2 + $hue ** 2 + $rotation * $chroma * $hue); // (22)
    }

    private static function saturation(float $chroma): float
    {
        $power = $chroma ** 7;

        return sqrt($power / ($power + self::POW_25_7));
    }

    private static function hue(float $a, float $b): float
    {
        return $a === 0.0 && $b === 0.0 ? 0.0 : fmod(rad2deg(atan2($b, $a)) + 360, 360);
    }

    private static function hueTurn(float $from, float $to, bool $isGrey): float
    {
        $turn = $to - $from;

        return match (true) {
            $isGrey => 0.0,
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
    }

    private static function meanHue(float $one, float $other, bool $isGrey): float
    {
        $sum = $one + $other;

        return match (true) {
            $isGrey => $sum,
            abs($one - $other) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }

    private static function lightnessWeight(float $lightness): float
    {
        $off = ($lightness - 50) ** 2;

        return 1 + 0.015 * $off / sqrt(20 + $off); // (15)
    }

    private static function hueWeight(float $hue): float
    {
        $cos = static fn (float $degrees): float => cos(deg2rad($degrees));

        return 1 - 0.17 * $cos($hue - 30) + 0.24 * $cos(2 * $hue) + 0.32 * $cos(3 * $hue + 6) - 0.20 * $cos(4 * $hue - 63); // (15)
    }

    private static function rotation(float $hue, float $chroma): float
    {
        $spread = 30 * exp(-((($hue - 275) / 25) ** 2)); // (18)

        return -sin(deg2rad(2 * $spread)) * 2 * self::saturation($chroma); // (19) to (21)
    }
}
