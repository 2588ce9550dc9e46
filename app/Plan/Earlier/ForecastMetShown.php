<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use App\Http\Resources\Resource;

/** How a day's forecast met the day. */
final readonly class ForecastMetShown extends Resource
{
    /** @param  bool  $isWithin  whether the faces kept within what eight days of ten do */
    public function __construct(
        public string $name,
        public int $opensAt,
        public string $timezone,
        public float $foreseen,
        public int $low,
        public int $high,
        public int $painted,
        public bool $isWithin,
        public int $waitForeseenMs,
        public int $waitedMs,
    ) {}

    public static function of(ForecastMet $read): self
    {
        return new self(
            name: $read->name,
            opensAt: $read->opens->epochMilliseconds,
            timezone: $read->timezone,
            foreseen: round($read->met->foreseen, 1),
            low: $read->met->low,
            high: $read->met->high,
            painted: $read->met->painted,
            isWithin: $read->met->isWithin(),
            waitForeseenMs: $read->waitForeseen->milliseconds,
            waitedMs: $read->waited->milliseconds,
        );
    }
}
