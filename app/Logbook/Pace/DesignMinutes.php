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

    public static function of(DesignRead $design): self
    {
        return new self(
            designId: $design->designId,
            name: $design->name,
            faces: count($design->painted),
            plannedMs: $design->plannedMs,
            meanMs: DesignRead::mean($design->painted),
            fastestMs: min([PHP_INT_MAX, ...$design->painted]),
            slowestMs: max([0, ...$design->painted]),
            steps: array_map(static fn (array $step): array => [
                'name' => $step['name'],
                'medium' => $step['medium'],
                'times' => count($step['done']),
                'skipped' => $step['skipped'],
                'plannedMs' => $step['plannedMs'],
                'meanMs' => DesignRead::mean($step['done']),
            ], $design->steps),
        );
    }
}
