<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Models\Plan\EventDay;
use Core\Units\Duration;
use Core\Units\Instant;

/** What is fixed of an event day. */
final readonly class DayFacts
{
    public function __construct(
        public string $id,
        public string $name,
        public string $place,
        public string $timezone,
        public Instant $opens,
        public Instant $closes,
        public int $chairs,
        public Duration $turnaround,
    ) {}

    public static function of(EventDay $day): self
    {
        return new self(
            id: $day->id,
            name: $day->name,
            place: $day->place,
            timezone: $day->timezone,
            opens: Instant::ofEpochMilliseconds($day->opens_ms),
            closes: Instant::ofEpochMilliseconds($day->closes_ms),
            chairs: $day->chairs,
            turnaround: Duration::ofMilliseconds($day->turnaround_ms),
        );
    }
}
