<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Http\Resources\Resource;
use Core\Design\Medium;

/**
 * A design's finished faces of a day against its plan.
 *
 * @phpstan-type StepMinutes array{name: string, medium: Medium, times: int, skipped: int, plannedMs: int, meanMs: int}
 */
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
