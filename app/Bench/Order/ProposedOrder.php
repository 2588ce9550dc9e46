<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Bench\Advice\FixShown;
use App\Bench\Designs\TapeSpan;
use App\Http\Resources\Resource;
use Core\Design\Technique;
use Core\Order\Constraint;
use Core\Order\Move;
use Core\Order\Proposal;
use Core\Timeline\Span;
use Core\Timeline\SpanKind;
use Core\Timeline\Timeline;

/**
 * The best order found so far, or why there is none. A step moves from a place in the typed order, the first being 1.
 *
 * @phpstan-type MovedStep array{stepId: string, from: int, to: int, why: string}
 */
final readonly class ProposedOrder extends Resource
{
    /**
     * @param  bool  $isDone  whether the search has ended
     * @param  bool  $isProven  whether nothing better is possible, or nothing at all
     * @param  float  $gapPercent  how much shorter a better order could still be at most
     * @param  int  $looked  partial orders looked at
     * @param  int|null  $lawfulMs  the typed order with the waits that it needs; null when no wait mends it
     * @param  int|null  $totalMs  null when no order was found
     * @param  FixShown|null  $fix  what applies it
     * @param  list<TapeSpan>  $spans
     * @param  list<TapeSpan>  $lawfulSpans  of the typed order with its waits; empty where it needs none
     * @param  list<MovedStep>  $moves
     * @param  list<string>  $clash  what cannot all be kept, in words
     */
    public function __construct(
        public bool $isDone,
        public bool $isProven,
        public float $gapPercent,
        public int $looked,
        public ?int $lawfulMs,
        public ?int $totalMs,
        public int $savedMs,
        public ?FixShown $fix,
        public array $spans,
        public array $moves,
        public array $clash,
        public array $lawfulSpans,
    ) {}

    /**
     * @param  FixShown|null  $fix  what applies it; null when no order was found
     * @param  Timeline|null  $best  likewise
     * @param  Timeline|null  $lawful  the typed order with its waits; null where it needs none
     */
    public static function of(Proposal $proposal, bool $isDone, ?FixShown $fix, ?Timeline $best, ?Timeline $lawful): self
    {
        return new self(
            isDone: $isDone,
            isProven: $proposal->outcome->isProven,
            gapPercent: round(100 * $proposal->outcome->gap(), 1),
            looked: $proposal->outcome->labels,
            lawfulMs: $proposal->typedLawful?->milliseconds,
            totalMs: $proposal->makespan()?->milliseconds,
            savedMs: $proposal->saved()->milliseconds,
            fix: $fix,
            spans: $best === null ? [] : TapeSpan::ofTimeline($best),
            moves: array_map(
                static fn (Move $move): array => [
                    'stepId' => $move->step, 'from' => $move->from + 1, 'to' => $move->to + 1, 'why' => $move->why,
                ],
                $proposal->moves,
            ),
            clash: [
                ...array_map(static fn (Constraint $constraint): string => $constraint->why, $proposal->clash),
                ...$proposal->clashingGroups,
            ],
            lawfulSpans: array_map(self::lawful(...), $lawful->spans ?? []),
        );
    }

    /** Waits as drying, for no step of the design stands for them. */
    private static function lawful(Span $span): TapeSpan
    {
        $kind = $span->step->technique === Technique::Wait ? SpanKind::Drying : $span->kind;

        return new TapeSpan($kind, $span->step->id, $span->start->milliseconds, $span->length->milliseconds);
    }
}
