<?php

declare(strict_types=1);

namespace App\Plan\Days;

use Core\Units\Duration;

/** What is agreed for an event day. */
final readonly class DayTerms
{
    /**
     * @param  int  $opensMs  milliseconds since 1970 in UTC
     * @param  int  $closesMs  likewise, later
     */
    public function __construct(
        public string $name,
        public string $place,
        public string $timezone,
        public int $opensMs,
        public int $closesMs,
        public int $chairs,
        public Duration $turnaround,
    ) {}
}
