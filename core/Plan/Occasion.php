<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\Duration;

/** What a team that begins sets up for. */
enum Occasion: string
{
    case Party = 'party';

    case Festival = 'festival';

    case Practice = 'practice';

    /** How long the line is open, until somebody says otherwise. Team's estimate. */
    public function openFor(): Duration
    {
        return Duration::ofSeconds(3600 * match ($this) {
            self::Party => 2,
            self::Festival => 6,
            self::Practice => 3,
        });
    }
}
