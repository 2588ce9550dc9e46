<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use Core\Design\Medium;

/**
 * The logbook page of one day.
 *
 * DesignMinutes: steps: in painting order.
 *
 * @phpstan-type StepMinutes array{name: string, medium: Medium, times: int, skipped: int, plannedMs: int, meanMs: int}
 * @phpstan-type DesignMinutes array{
 *     designId: string,
 *     name: string,
 *     faces: int,
 *     plannedMs: int,
 *     meanMs: int,
 *     fastestMs: int,
 *     slowestMs: int,
 *     steps: list<StepMinutes>,
 * }
 */
final readonly class DayLog extends Resource
{
    /**
     * @param  list<LoggedFace>  $faces  in the order they were seated
     * @param  list<DesignMinutes>  $designs  most painted first
     * @param  bool  $isBroughtIn  whether it came with a file, and may go again
     */
    public function __construct(public DaySummary $day, public array $faces, public array $designs, public bool $isBroughtIn) {}
}
