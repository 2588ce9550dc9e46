<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\DesignSheet;
use App\Http\Resources\TapeSpan;
use App\Models\Design;
use Core\Design\ChangeoverMatrix;
use Core\Design\Timeline\Span;
use Core\Design\Timeline\SpanKind;

/** A design with its timeline, as the bench edits it. */
final readonly class DesignOnBench
{
    public function __construct(private StepOnBench $stepOnBench) {}

    public function __invoke(Design $design): DesignSheet
    {
        $content = $design->toCore();
        $timeline = $content->timeline(ChangeoverMatrix::starting());

        return new DesignSheet(
            $design->id,
            $content->name,
            $content->placement,
            $content->promise?->formatExactly(),
            $content->promise?->milliseconds,
            $design->revision,
            array_map($this->stepOnBench->__invoke(...), $content->steps),
            array_map(static fn (Span $span): TapeSpan => new TapeSpan(
                $span->kind,
                $span->step->id,
                $span->start->milliseconds,
                $span->length->milliseconds,
            ), $timeline->spans),
            $timeline->makespan()->milliseconds,
            $timeline->total(SpanKind::Painting)->milliseconds,
            $timeline->total(SpanKind::Changeover)->milliseconds,
            $timeline->total(SpanKind::Drying)->milliseconds,
        );
    }
}
