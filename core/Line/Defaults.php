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

    /** Mirror, photo, wipe down, fresh sponge, next child. Team's estimate. */
    public static function turnaround(): Duration
    {
        return Duration::ofSeconds(60);
    }
}
