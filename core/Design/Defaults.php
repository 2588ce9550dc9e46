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

    /** Placing guides of one mark. */
    public const MOST_GUIDES = 4;

    public const MOST_TAGS = 12;

    /** Letters. */
    public const LONGEST_TAG = 24;

    /** Common practice, no source: the other side costs the same again, a little more on the side of the weaker hand. */
    public const WEAK_SIDE_FACTOR = 1.12;

    /** From this count on, one fewer is painted on a small face. */
    public const FEWER_FROM = 3;

    /** Strokes or marks a side when no count is said. Team's estimates. */
    public static function usualCount(Technique $technique): int
    {
        return match ($technique) {
            Technique::Petal, Technique::Dots => 5,
            Technique::Line, Technique::Swirl, Technique::DoubleSwirl, Technique::Starburst, Technique::Flower,
            Technique::Heart, Technique::Gem => 1,
            Technique::Lash => 4,
            default => 3,
        };
    }

    public static function longestStep(): Duration
    {
        return Duration::ofMinutes(60);
    }
}
