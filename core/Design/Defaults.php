<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\Duration;

/** Starting constants of designs and the work in them. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** Team's estimate: longer lists are several designs. */
    public const MOST_STEPS = 120;

    /** Team's estimate: "white over red takes two coats, perhaps three" (common practice, no source), doubled for safety. */
    public const MOST_COATS = 6;

    /** Team's estimate: nobody paints more of one mark on one side of a face. */
    public const MOST_COUNT = 60;

    /** Look values run from 0, hardly seen, to this, the heart of the design. Team's scale. */
    public const MOST_LOOK = 10;

    public const USUAL_LOOK = 5;

    /** Team's estimate. */
    public const LEAST_SIZE_PERCENT = 10;

    /** Team's estimate. */
    public const MOST_SIZE_PERCENT = 400;

    public const MOST_TAGS = 12;

    /** Letters. */
    public const LONGEST_TAG = 24;

    /** Seconds a square centimetre, one coat. Team's estimates, set so that generic designs take the minutes the trade quotes. */
    public const STIPPLE_RATE = 0.42;

    public const SWEEP_RATE = 0.28;

    public const BLEND_RATE = 0.5;

    public const FILL_RATE = 1.9;

    public const OUTLINE_RATE = 0.93;

    public const POWDER_RATE = 0.25;

    public const STENCIL_RATE = 0.45;

    public const LOOSE_GLITTER_RATE = 0.12;

    public const GLITTER_GEL_RATE = 0.3;

    public const LIFT_OFF_RATE = 0.5;

    /** Look, aim, first touch: before anything is on the skin. Team's estimate. */
    public const STEP_START_SECONDS = 2.0;

    /** A free line of middling length. Team's estimate. */
    public const LINE_SECONDS = 4.0;

    /** One press of a brush. Team's estimate. */
    public const PRESS_SECONDS = 1.2;

    /** Team's estimates: a self-stick gem, and one set with skin glue. */
    public const GEM_SECONDS = 2.5;

    public const GLUED_GEM_SECONDS = 5.0;

    /** Team's estimates. */
    public const TIDY_SECONDS = 6.5;

    public const USUAL_WAIT_SECONDS = 30;

    /** A base over more skin than this many square centimetres goes faster beyond: at this share of the rate. Team's estimates. */
    public const LARGE_BASE = 60.0;

    public const LARGE_BASE_SHARE = 0.45;

    /** On a lid the hand waits for the eye to shut and keep still: so many seconds a side. Common practice, no source. */
    public const LID_SECONDS = 8.0;

    /** A shape takes this share of the place it stands on. Team's estimate. */
    public const SHAPE_OF_ZONE = 0.4;

    /** Common practice, no source: the other side costs the same again, a little more on the side of the weaker hand. */
    public const WEAK_SIDE_FACTOR = 1.12;

    /** From this count on, one fewer is painted on a small face. */
    public const FEWER_FROM = 3;

    /** Strokes or marks a side when no count is said. Team's estimates. */
    public static function usualCount(Technique $technique): int
    {
        return match ($technique) {
            Technique::Petal, Technique::Dots => 5,
            Technique::Line, Technique::Swirl, Technique::DoubleSwirl, Technique::Starburst, Technique::Flower, Technique::Heart, Technique::Gem => 1,
            Technique::Lash => 4,
            default => 3,
        };
    }

    public static function longestStep(): Duration
    {
        return Duration::ofMinutes(60);
    }
}
