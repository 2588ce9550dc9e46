<?php

declare(strict_types=1);

namespace App\Http\Resources\Logbook;

use App\Http\Resources\Bench\StepMinutes;
use App\Http\Resources\Resource;

/** A design's finished faces of a day against its plan. */
final readonly class DesignMinutes extends Resource
{
    /** @param  list<StepMinutes>  $steps in painting order */
    public function __construct(
        public string $designId,
        public string $name,
        public int $faces,
        public int $plannedMs,
        public int $meanMs,
        public int $fastestMs,
        public int $slowestMs,
        public array $steps,
    ) {}
}
