<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\Side;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Order\Layer;

/**
 * Where one may stop before the end: all that every version keeps is painted, no pair is half done, no outline is open, nothing
 * lacks what it needs. What the painter said of a step comes first. Common practice, no source: after base and glitter a mask
 * looks finished; tears, dots and gems are extra.
 */
final readonly class StopPoints
{
    private function __construct() {}

    /** @return list<StopPoint> in painting order; the end itself is none */
    public static function of(Design $design): array
    {
        $points = [];
        for ($after = 0; $after < count($design->steps) - 1; $after++) {
            $said = $design->steps[$after]->stopAfter;
            if ($said ?? self::looksFinished($design, $after)) {
                $left = array_filter(array_slice($design->steps, $after + 1), static fn (Step $step): bool => self::isPainted($step));
                $points[] = new StopPoint(
                    $after,
                    $said !== null,
                    array_values(array_map(static fn (Step $step): string => $step->name, $left)),
                );
            }
        }

        return array_values(array_filter($points, static fn (StopPoint $point): bool => $point->still !== []));
    }

    private static function looksFinished(Design $design, int $after): bool
    {
        $done = array_slice($design->steps, 0, $after + 1);
        $left = array_values(array_filter(array_slice($design->steps, $after + 1), self::isPainted(...)));
        if (! self::isPainted($design->steps[$after]) || array_filter($left, static fn (Step $step): bool => ! $step->optional) !== []) {
            return false;
        }
        foreach ($left as $open) {
            foreach ($done as $painted) {
                if (self::isOtherHalf($painted, $open) || self::isOutlineOf($open, $painted) || self::isOutlineOf($painted, $open)) {
                    return false;
                }
            }
        }

        return self::hasWhatItNeeds($design, array_column($done, 'id'), array_column($left, 'id'));
    }

    private static function isPainted(Step $step): bool
    {
        return ! $step->technique->needsNoZone();
    }

    /** One side of what the other is the other side of, or one of a group. */
    private static function isOtherHalf(Step $painted, Step $open): bool
    {
        $sides = [$painted->side, $open->side];
        $areOpposite = in_array(Side::Left, $sides, true) && in_array(Side::Right, $sides, true);
        $isPair = $areOpposite && $painted->technique === $open->technique && $painted->zones === $open->zones;

        return $isPair || ($painted->group !== '' && $painted->group === $open->group);
    }

    private static function isOutlineOf(Step $outline, Step $fill): bool
    {
        $isSameShape = $outline->mark->shape === null || $outline->mark->shape === $fill->mark->shape;

        // What every version has is outlined in some and not in others: the painter has said that it may go without.
        return $outline->technique === Technique::Outline && Layer::of($fill) === Layer::Shape && $fill->optional && $isSameShape
            && $outline->touches($fill);
    }

    /**
     * @param  list<string>  $done  ids
     * @param  list<string>  $left  ids
     */
    private static function hasWhatItNeeds(Design $design, array $done, array $left): bool
    {
        $lacking = array_filter(
            $design->pins,
            static fn (Pin $pin): bool => $pin->kind === PinKind::Needs && in_array($pin->steps[0], $done, true)
                && in_array($pin->steps[1], $left, true),
        );

        return $lacking === [];
    }
}
