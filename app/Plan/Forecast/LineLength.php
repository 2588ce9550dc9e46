<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Resources\Resource;
use Core\Plan\Simulation\Tally;

/** How many children wait at a moment of the day: half of the days no more than that, and nine of ten no more than that. */
final readonly class LineLength extends Resource
{
    public function __construct(public int $at, public int $half, public int $nine) {}

    /** @return list<self> */
    public static function listOf(ForecastRead $read): array
    {
        $opens = $read->opens()->epochMilliseconds;
        $half = $read->outlook->tally->line(0.5);

        return array_map(
            static fn (int $at, int $some, int $most): self => new self($opens + $at * Tally::LINE_EVERY, $some, $most),
            array_keys($half),
            $half,
            $read->outlook->tally->line(0.9),
        );
    }
}
