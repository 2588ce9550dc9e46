<?php

declare(strict_types=1);

namespace Core\Pace;

use Core\Units\Duration;

/** The middle of repetitions: half of them are quicker, half are slower, and one slip of the hand does no harm. */
final readonly class Median
{
    /** @param  non-empty-list<Duration>  $repetitions */
    public static function durations(array $repetitions): Duration
    {
        $milliseconds = array_map(static fn (Duration $one): int => $one->milliseconds, $repetitions);
        sort($milliseconds);
        $half = intdiv(count($milliseconds), 2);
        $odd = count($milliseconds) % 2 === 1;

        return Duration::ofMilliseconds($odd ? $milliseconds[$half] : intdiv($milliseconds[$half - 1] + $milliseconds[$half], 2));
    }
}
