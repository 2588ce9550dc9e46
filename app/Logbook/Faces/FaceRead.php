<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use Core\Design\Medium;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;

/** A face in the logbook. Moments are milliseconds since 1970, lengths milliseconds. */
final readonly class FaceRead
{
    /**
     * @param  list<array{
     *     name: string, medium: Medium, status: StepStatus, plannedMs: int, spentMs: int, mendedFromMs: int|null
     * }>  $steps
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $design,
        public int $chair,
        public TicketStatus $outcome,
        public int $seatedMs,
        public int $endedMs,
        public int $plannedMs,
        public int $paintedMs,
        public array $steps,
    ) {}
}
