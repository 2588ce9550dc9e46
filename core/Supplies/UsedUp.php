<?php

declare(strict_types=1);

namespace Core\Supplies;

use Core\Design\Colour;
use Core\Design\Defaults as DesignDefaults;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;

/** What one face of a design uses up. */
final readonly class UsedUp
{
    /**
     * @param  array<string, array{colour: Colour, grams: float}>  $paint  by the value of the colour
     * @param  array<string, string>  $sponges  a clean one of each for every child, by name
     * @param  array<string, float>  $glitter  grams by the name it is called by
     * @param  array<string, int>  $gems  pieces likewise
     */
    private function __construct(public array $paint, public array $sponges, public array $glitter, public array $gems) {}

    public static function of(Design $design): self
    {
        $paint = $sponges = $glitter = $gems = [];
        foreach ($design->steps as $step) {
            $name = $step->tool === '' ? $step->medium->value : $step->tool;
            match ($step->medium) {
                Medium::Glitter => $glitter[$name] = ($glitter[$name] ?? 0.0) + Defaults::GLITTER_GRAMS,
                Medium::Gem => $gems[$name] = ($gems[$name] ?? 0) + self::countOf($step),
                default => $paint = self::withPaint($paint, $step),
            };
            if ($step->medium === Medium::Sponge) {
                $sponges[$name] = $name;
            }
        }

        return new self($paint, $sponges, $glitter, $gems);
    }

    /**
     * @param  array<string, array{colour: Colour, grams: float}>  $paint
     * @return array<string, array{colour: Colour, grams: float}>
     */
    private static function withPaint(array $paint, Step $step): array
    {
        foreach ($step->colours as $colour) {
            $grams = self::grams($step) / count($step->colours);
            $paint[$colour->hex] = ['colour' => $colour, 'grams' => $grams + ($paint[$colour->hex]['grams'] ?? 0.0)];
        }

        return $paint;
    }

    private static function grams(Step $step): float
    {
        $once = $step->technique->isCounted()
            ? self::countOf($step) * Defaults::GRAMS_A_STROKE
            : self::area($step) * Defaults::GRAMS_A_CENTIMETRE;

        return $once * $step->coats;
    }

    /** Square centimetres, both sides counted. */
    private static function area(Step $step): float
    {
        $area = array_sum(array_map(
            static fn (Zone $zone): float => $zone->area() * ($step->side === Side::Both && ! $zone->isOnMiddleLine() ? 2.0 : 1.0),
            $step->zones,
        ));

        // A brush paints a part of what a sponge covers.
        return $step->technique->isBase() || $step->medium === Medium::Sponge ? $area : $area / 4.0;
    }

    private static function countOf(Step $step): int
    {
        return ($step->count ?? DesignDefaults::usualCount($step->technique)) * ($step->side === Side::Both ? 2 : 1);
    }
}
