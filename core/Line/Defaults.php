<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;

/** Starting constants of the line. */
final readonly class Defaults
{
    /** "For one painter, up to a team of eight." */
    public const MOST_CHAIRS = 8;

    /** Of those who went, the newest are shown and can be brought back at a tap. Team's estimate. */
    public const ENDED_SHOWN = 16;

    /** A note about a child is a word or two, in letters. Team's estimate. */
    public const LONGEST_NOTE = 120;

    /** Who was called and is not there after so many minutes is passed over. Common practice, no source. */
    public const NO_SHOW_MINUTES = 5;

    /** After so many faces the water wants changing. Common practice, no source. */
    public const WATER_FACES = 6;

    /** On the line of a day at a time: eight painters need ten hours for them. Team's estimate. */
    public const MOST_WAITING = 1_000;

    /** Of a day: eight painters at twelve faces an hour, for twenty hours. Team's estimate. */
    public const MOST_CHILDREN = 2_000;

    /** Of a day: a face is some fourteen, and some are taken back. Team's estimate. */
    public const MOST_TAPS = 40_000;

    /** Mirror, photo, wipe down, fresh sponge, next child. Team's estimate. */
    public static function turnaround(): Duration
    {
        return Duration::ofSeconds(60);
    }
}
