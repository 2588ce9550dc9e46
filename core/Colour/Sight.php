<?php

declare(strict_types=1);

namespace Core\Colour;

/** What an eye makes of paint: whether it has covered, turned, or can be seen from where the parents stand. */
final readonly class Sight
{
    private function __construct() {}

    /** @return int|null coats until the ground no longer shows; null where even Defaults::MOST_COATS do not do */
    public static function coatsToCover(Paint $paint, LinearRgb $ground): ?int
    {
        $meant = Lab::of($paint->thick());
        for ($coats = 1; $coats <= Defaults::MOST_COATS; $coats++) {
            if (Difference::between(Lab::of($paint->over($ground, $coats)), $meant) <= Defaults::COVERED_WITHIN) {
                return $coats;
            }
        }

        return null;
    }

    /**
     * A stroke laid over a film that is still wet takes some of it up.
     *
     * @param  float  $wetness  of the film, 0 dry to 1 just laid
     */
    public static function pickedUp(Paint $stroke, Paint $film, Load $load, float $wetness): Paint
    {
        $isPaler = Lab::of($film->thick())->lightness > Lab::of($stroke->thick())->lightness;
        $share = match ($load) {
            Load::Damp => $isPaler ? Defaults::PALE_PICKED_UP_DAMP : Defaults::PICKED_UP_DAMP,
            Load::Normal => $isPaler ? Defaults::PALE_PICKED_UP_NORMAL : Defaults::PICKED_UP_NORMAL,
            Load::Liquid => $isPaler ? Defaults::PALE_PICKED_UP_LIQUID : Defaults::PICKED_UP_LIQUID,
        };

        return $wetness <= 0.0 ? $stroke : $stroke->mixedWith($film, $share * min(1.0, $wetness));
    }

    /** Whether the eye sees another colour than was meant: far enough off, and called otherwise. */
    public static function hasTurned(LinearRgb $seen, LinearRgb $meant): bool
    {
        return Difference::between(Lab::of($seen), Lab::of($meant)) > Defaults::TURNED_BEYOND
            && (Word::of($seen) !== Word::of($meant) || abs(Lab::of($seen)->lightness - Lab::of($meant)->lightness) > Defaults::PALER_BY);
    }

    public static function isSeenAtTwoMetres(LinearRgb $line, LinearRgb $ground): bool
    {
        return Difference::between(Lab::of($line), Lab::of($ground)) >= Defaults::SEEN_AT_TWO_METRES;
    }
}
