<?php

declare(strict_types=1);

namespace Core\Ladder;

/** Starting constants of the ladder. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** Ways to make a design quicker that are weighed against each other; of more, nobody could remember the rungs. */
    public const MOST_CHOICES = 20;

    /** Looks are added up in tenths of a step's look value. */
    public const TENTHS = 10;

    /** A coat more than the painter is content with covers a little better. Team's estimate. */
    public const MORE_COATS_LOOK = 1.1;

    /** Share of a step's look that is left when one side of two is painted. */
    public const ONE_SIDE_LOOK = 0.6;

    /** Share of a step's look that is left when it is painted the other way. */
    public const OTHER_WAY_LOOK = 0.8;

    /** Half of the strokes show more than half of the look: look = strokes to this power. */
    public const FEWER_STROKES_POWER = 0.7;

    /** Partial orders looked at for one version before its time is called the best found instead of the best. */
    public const MOST_LABELS = 60_000;

    /** Versions laid out before the ladder is called the best found instead of the best. */
    public const MOST_VERSIONS = 600_000;
}
