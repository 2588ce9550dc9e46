<?php

declare(strict_types=1);

namespace Core\Colour;

/** What becomes of two paints that are worked into each other. */
final readonly class Blend
{
    private function __construct() {}

    /** Half of each. */
    public static function between(Paint $one, Paint $other): LinearRgb
    {
        return $one->mixedWith($other, 0.5)->thick();
    }

    /** Whether the two lose so much of their chroma in each other that the blend is mud. */
    public static function isMuddy(Paint $one, Paint $other): bool
    {
        $least = min(Lab::of($one->thick())->chroma(), Lab::of($other->thick())->chroma());

        return $least > Defaults::MUD_NEEDS_CHROMA
            && Lab::of(self::between($one, $other))->chroma() < Defaults::MUD_SHARE * $least;
    }

    /** What the area of the first colour looks like once the brush went from it into the other, and came back. */
    public static function pulledFrom(Paint $from, Paint $into): LinearRgb
    {
        return $from->mixedWith($into, Defaults::BROUGHT_BACK_SHARE)->thick();
    }

    /** What the area of the other colour looks like once the first was pulled into it. */
    public static function pulledInto(Paint $from, Paint $into): LinearRgb
    {
        return $into->mixedWith($from, Defaults::DRAGGED_SHARE)->thick();
    }
}
