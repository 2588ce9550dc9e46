<?php

declare(strict_types=1);

namespace App\Plan\Played;

use App\Http\Resources\Resource;
use Core\Plan\Simulation\PlayedFace;

/** A face of a day that was played. Times are milliseconds since the opening. */
final readonly class FacePlayed extends Resource
{
    public function __construct(
        public int $child,
        public int $arrived,
        public int $artist,
        public string $design,
        public bool $isQuick,
        public int $seated,
        public int $painted,
        public int $free,
    ) {}

    public static function of(PlayedFace $face, DayPlayed $day): self
    {
        return new self(
            child: $face->child,
            arrived: $face->arrived,
            artist: $face->artist,
            design: $day->designName($face->offer),
            isQuick: $face->version === 1,
            seated: $face->seated,
            painted: $face->painted,
            free: $face->free,
        );
    }
}
