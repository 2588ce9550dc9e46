<?php

declare(strict_types=1);

namespace App\Plan\Played;

use App\Http\Resources\Resource;
use App\Plan\Forecast\ForecastRead;

/**
 * When an artist paints, and when the last face is done: on half of the days by then, on nine of ten by then.
 *
 * @phpstan-type Stint array{from: int, until: int}
 */
final readonly class ArtistsDay extends Resource
{
    /** @param  list<Stint>  $stints */
    public function __construct(
        public string $name,
        public bool $hasPace,
        public array $stints,
        public int $lastFaceEarlyAt,
        public int $lastFaceAt,
        public int $lastFaceLateAt,
    ) {}

    public static function of(ForecastRead $read, int $at): self
    {
        $artist = $read->outlook->scenario->artists[$at];
        $opens = $read->opens();
        $end = static fn (float $share): int => $opens->plus($read->outlook->tally->endOf($at, $share))->epochMilliseconds;

        return new self(
            name: $read->outline->nameOf($artist->id),
            hasPace: ! in_array($artist->id, $read->outline->assumed, true),
            stints: array_map(
                static fn (array $shift): array => ['from' => $opens->epochMilliseconds + $shift[0], 'until' => $opens->epochMilliseconds + $shift[1]],
                $artist->shifts,
            ),
            lastFaceEarlyAt: $end(0.1),
            lastFaceAt: $end(0.5),
            lastFaceLateAt: $end(0.9),
        );
    }
}
