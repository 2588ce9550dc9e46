<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\ColourSwatch;
use App\Http\Resources\DesignSheet;
use App\Http\Resources\StepLine;
use App\Http\Resources\TapeSpan;
use App\Models\Design;
use Core\Design\ChangeoverMatrix;
use Core\Design\Colour;
use Core\Design\Step;
use Core\Design\Timeline\Span;
use Core\Design\Timeline\SpanKind;

/** A design with its timeline, as the bench edits it. */
final readonly class DesignOnBench
{
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
            array_map(self::line(...), $content->steps),
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

    private static function line(Step $step): StepLine
    {
        return new StepLine(
            $step->id,
            $step->name,
            $step->medium,
            $step->tool,
            array_map(static fn (Colour $colour) => new ColourSwatch($colour->name, $colour->hex), $step->colours),
            $step->zones,
            $step->side,
            $step->coats,
            $step->time->formatExactly(),
            $step->time->milliseconds,
            $step->dryFor->isZero() ? '' : $step->dryFor->formatExactly(),
            $step->dryFor->milliseconds,
            $step->optional,
            $step->note,
        );
    }
}
