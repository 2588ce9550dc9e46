<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Http\Resources\Resource;
use Core\Timeline\Span;
use Core\Timeline\SpanKind;
use Core\Timeline\Timeline;

/** A stretch of a design's time: a changeover or a drying wait belongs to the step it leads up to. */
final readonly class TapeSpan extends Resource
{
    public function __construct(
        public SpanKind $kind,
        public string $stepId,
        public int $startMs,
        public int $lengthMs,
    ) {}

    /** @return list<self> */
    public static function ofTimeline(Timeline $timeline): array
    {
        return array_map(static fn (Span $span): self => new self(
            $span->kind,
            $span->step->id,
            $span->start->milliseconds,
            $span->length->milliseconds,
        ), $timeline->spans);
    }

    /**
     * @param  list<array{kind: string, stepId: string, startMs: int, lengthMs: int}>  $spans  as a plan keeps them
     * @return list<self>
     */
    public static function ofPlan(array $spans): array
    {
        return array_map(
            static fn (array $span): self => new self(SpanKind::from($span['kind']), $span['stepId'], $span['startMs'], $span['lengthMs']),
            $spans,
        );
    }
}
