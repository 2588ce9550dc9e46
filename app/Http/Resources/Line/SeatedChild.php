<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;
use Core\Line\Face;
use Core\Line\StepRun;
use Core\Line\Ticket;

/** A face being painted, with what its clocks run from. */
final readonly class SeatedChild extends Resource
{
    /** @param  list<StepProgress>  $steps in painting order */
    public function __construct(
        public string $id,
        public int $number,
        public ?string $firstName,
        public string $designId,
        public string $design,
        public string $planId,
        public ?int $promiseMs,
        public int $seatedAt,
        public int $tappedAt,
        public int $pausedInStepMs,
        public ?int $pausedAt,
        public ?int $paintedAt,
        public array $steps,
    ) {}

    public static function of(Ticket $ticket, Face $face, ?int $promiseMs): self
    {
        return new self(
            id: $ticket->id,
            number: $ticket->number,
            firstName: $ticket->firstName,
            designId: $ticket->design,
            design: $face->plan->design,
            planId: $face->plan->id,
            promiseMs: $promiseMs,
            seatedAt: $face->seatedAt->epochMilliseconds,
            tappedAt: $face->tappedAt->epochMilliseconds,
            pausedInStepMs: $face->pausedInStep->milliseconds,
            pausedAt: $face->pausedAt?->epochMilliseconds,
            paintedAt: $face->paintedAt?->epochMilliseconds,
            steps: array_map(static fn (StepRun $run): StepProgress => new StepProgress(
                $run->step->id,
                $run->status,
                $run->step->planned->milliseconds,
                $run->spent->milliseconds,
            ), $face->runs),
        );
    }
}
