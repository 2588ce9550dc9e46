<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** One thing that may go next, and what that gains and costs. */
final readonly class DropShown extends Resource
{
    /**
     * @param  float  $lostPercent  of the look of the whole design
     * @param  list<string>  $leftOut  ids of the steps that are then left out
     * @param  list<OtherWayTaken>  $otherWays
     */
    public function __construct(
        public string $words,
        public int $savedMs,
        public float $lostPercent,
        public float $percentPerSecond,
        public array $leftOut,
        public array $otherWays,
    ) {}
}
