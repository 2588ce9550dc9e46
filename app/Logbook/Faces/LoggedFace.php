<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Http\Resources\Resource;
use Core\Design\Medium;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;

/**
 * A face in the logbook.
 *
 * @phpstan-type LoggedStep array{
 *     name: string,
 *     medium: Medium,
 *     status: StepStatus,
 *     plannedMs: int,
 *     spentMs: int,
 *     mendedFromMs: int|null,
 * }
 */
final readonly class LoggedFace extends Resource
{
    /** @param  list<LoggedStep>  $steps */
    public function __construct(
        public string $id,
        public int $number,
        public string $design,
        public int $chair,
        public TicketStatus $outcome,
        public int $seatedAt,
        public int $endedAt,
        public int $plannedMs,
        public int $paintedMs,
        public array $steps,
    ) {}
}
