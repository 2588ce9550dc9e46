<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\Face;
use Core\Line\PauseReason;
use Core\Line\StepRun;
use Core\Line\StepStatus;
use Core\Line\Ticket;

/**
 * A face being painted, with what its clocks run from.
 *
 * @phpstan-type StepProgress array{stepId: string, status: StepStatus, plannedMs: int, spentMs: int}
 */
final readonly class SeatedChild extends Resource
{
    /**
     * @param  int  $begunAt  when painting began, after greeting and asking
     * @param  list<StepProgress>  $steps in painting order
     * @param  list<Caution>|null  $cautions  what was answered; null while nobody has said that it was asked
     * @param  list<AfterFace>  $parts  of the turnaround that are done
     */
    public function __construct(
        public string $id,
        public int $number,
        public ?string $firstName,
        public string $designId,
        public string $design,
        public string $planId,
        public ?int $promiseMs,
        public int $seatedAt,
        public int $begunAt,
        public int $tappedAt,
        public int $pausedInStepMs,
        public ?int $pausedAt,
        public ?int $paintedAt,
        public array $steps,
        public ?array $cautions,
        public ?PauseReason $pausedFor,
        public array $parts,
        public bool $isPaid,
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
            begunAt: $face->begunAt->epochMilliseconds,
            tappedAt: $face->tappedAt->epochMilliseconds,
            pausedInStepMs: $face->pausedInStep->milliseconds,
            pausedAt: $face->pausedAt?->epochMilliseconds,
            paintedAt: $face->paintedAt?->epochMilliseconds,
            steps: array_map(static fn (StepRun $run): array => [
                'stepId' => $run->step->id,
                'status' => $run->status,
                'plannedMs' => $run->step->planned->milliseconds,
                'spentMs' => $run->spent->milliseconds,
            ], $face->runs),
            cautions: $face->cautions,
            pausedFor: $face->pausedFor,
            parts: array_column($face->parts, 'part'),
            isPaid: $ticket->paid !== null,
        );
    }
}
