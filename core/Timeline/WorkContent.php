<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Design\Defaults as DesignDefaults;
use Core\Design\Medium;
use Core\Design\Person;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Units\Duration;

/**
 * How long a step takes by the work there is in it: skin to cover at the technique's rate, or strokes at their seconds
 * each, for every coat and side.
 */
final readonly class WorkContent
{
    private const WHOLE_SECONDS = 1000;

    private function __construct() {}

    /** By the team's estimates of Defaults and Zone. */
    public static function starting(): self
    {
        return new self;
    }

    /** Hands on the skin, in whole seconds, one at least. */
    public function of(Step $step, Person $person): Duration
    {
        if ($step->technique === Technique::Wait) {
            return Duration::ofSeconds(Defaults::USUAL_WAIT_SECONDS);
        }
        $seconds = Defaults::STEP_START_SECONDS + $this->onLids($step) + $this->oneCoat($step, $person) * $step->coats;

        return Duration::ofMilliseconds((int) max(1, round($seconds)) * self::WHOLE_SECONDS);
    }

    private function oneCoat(Step $step, Person $person): float
    {
        if ($step->technique->isCounted()) {
            return $step->strokes() * $this->secondsAStroke($step) * $this->sides($step, $person, true);
        }
        if ($step->zones === []) {
            return Defaults::TIDY_SECONDS;
        }
        $ofZone = $step->mark->shape?->isTexture() === false ? Defaults::SHAPE_OF_ZONE : 1.0;
        $share = $step->mark->shareOfFigure() * ($step->mark->sizePercent / 100) ** 2 * $ofZone;

        $area = array_reduce(
            $step->zones,
            fn (float $sum, Zone $zone): float => $sum + $zone->area() * $share * $person->size->areaFactor() * $this->sides(
                $step,
                $person,
                ! $zone->isOnMiddleLine(),
            ),
            0.0,
        );

        return $this->secondsACentimetre($step) * ($step->technique->isBase() ? self::large($area) : $area);
    }

    /** The wide sweeps of a large base cover more in the same time. */
    private static function large(float $area): float
    {
        return min($area, Defaults::LARGE_BASE) + Defaults::LARGE_BASE_SHARE * max(0.0, $area - Defaults::LARGE_BASE);
    }

    private function onLids(Step $step): float
    {
        $sides = $step->side === Side::Both || $step->side === Side::Centre ? 2 : 1;

        return in_array(Zone::Eyelid, $step->zones, true) && $step->medium->isPaintedOn() ? Defaults::LID_SECONDS * $sides : 0.0;
    }

    /** One side, or both with a little more for the side of the weaker hand. */
    private function sides(Step $step, Person $person, bool $sided): float
    {
        $weak = DesignDefaults::WEAK_SIDE_FACTOR;

        return match (true) {
            ! $sided => 1.0,
            $step->side === Side::Both => 1.0 + $weak,
            $step->side === $person->weakSide() => $weak,
            default => 1.0,
        };
    }

    private function secondsACentimetre(Step $step): float
    {
        $rate = match ($step->technique) {
            Technique::Stipple => Defaults::STIPPLE_RATE,
            Technique::Sweep => Defaults::SWEEP_RATE,
            Technique::Blend => Defaults::BLEND_RATE,
            Technique::Powder => Defaults::POWDER_RATE,
            Technique::Stencil => Defaults::STENCIL_RATE,
            Technique::LooseGlitter => Defaults::LOOSE_GLITTER_RATE,
            Technique::GlitterGel => Defaults::GLITTER_GEL_RATE,
            Technique::Outline => Defaults::OUTLINE_RATE,
            Technique::LiftOff, Technique::Tidy => Defaults::LIFT_OFF_RATE,
            default => Defaults::FILL_RATE,
        };

        // A split cake or two colours on one sponge cover at one go; colours picked up apart are blended apart.
        $apart = $step->technique === Technique::Blend && $step->medium === Medium::Brush ? max(1, count($step->colours) - 1) : 1;

        return $rate * $apart;
    }

    private function secondsAStroke(Step $step): float
    {
        return match ($step->technique) {
            Technique::Petal, Technique::Teardrop => 2.4,
            Technique::Leaf => 3.8,
            Technique::Stripe => 4.3,
            Technique::Swirl => 4.0,
            Technique::DoubleSwirl => 10.5,
            Technique::Dots => 1.0,
            Technique::Starburst => 5.0,
            // Common practice, no source: a small flower is five presses and a heart two.
            Technique::Flower => 5 * Defaults::PRESS_SECONDS + 1.0,
            Technique::Heart => 2 * Defaults::PRESS_SECONDS + 1.0,
            Technique::Whisker => 2.0,
            Technique::Lash => 1.5,
            Technique::Gem => str_contains($step->tool, 'glue') ? Defaults::GLUED_GEM_SECONDS : Defaults::GEM_SECONDS,
            default => Defaults::LINE_SECONDS,
        };
    }
}
