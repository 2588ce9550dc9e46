<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Http\Resources\Resource;
use Core\Surface\WorkingAir;

/** The air at an hour of an event, and how long a sponged base takes to dry in it. */
final readonly class AirThen extends Resource
{
    /** @param  float  $dries  times as fast as in the reference air */
    public function __construct(
        public int $at,
        public float $celsius,
        public float $humidity,
        public float $wind,
        public float $dries,
        public int $baseDryMs,
        public bool $isQuick,
        public bool $isSlow,
    ) {}

    /**
     * @param  array<int, WorkingAir>  $air  by milliseconds since 1970
     * @return list<self>
     */
    public static function all(array $air): array
    {
        return array_map(static fn (int $at, WorkingAir $one): self => new self(
            at: $at,
            celsius: $one->weather->celsius,
            humidity: $one->weather->humidity,
            wind: $one->weather->wind,
            dries: round($one->weather->dryingFactor(), 2),
            baseDryMs: $one->baseDry->milliseconds,
            isQuick: $one->isQuick(),
            isSlow: $one->isSlow() || $one->isSticky(),
        ), array_keys($air), $air);
    }
}
