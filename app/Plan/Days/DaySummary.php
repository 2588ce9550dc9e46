<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Resources\Resource;

/** An event day in a list. Moments are milliseconds since 1970 in UTC. */
final readonly class DaySummary extends Resource
{
    public function __construct(
        public string $id,
        public string $name,
        public string $place,
        public string $timezone,
        public int $opensAt,
        public int $closesAt,
        public int $chairs,
        public int $turnaroundMs,
    ) {}

    public static function of(DayFacts $day): self
    {
        return new self(
            id: $day->id,
            name: $day->name,
            place: $day->place,
            timezone: $day->timezone,
            opensAt: $day->opens->epochMilliseconds,
            closesAt: $day->closes->epochMilliseconds,
            chairs: $day->chairs,
            turnaroundMs: $day->turnaround->milliseconds,
        );
    }
}
