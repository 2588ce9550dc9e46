<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Core\Design\Design;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\Span;
use Core\Timeline\SpanKind;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;

/** A design's timeline as plain values, ready for JSON. */
final readonly class TimelineValues
{
    /** @return array<string, mixed> */
    public static function of(Design $design, ChangeoverMatrix $changeovers, StepTimes $times): array
    {
        $timeline = Timeline::of($design->steps, $changeovers, $times);

        return [
            'name' => $design->name,
            'totalSeconds' => $timeline->makespan()->seconds(),
            'paintingSeconds' => $timeline->total(SpanKind::Painting)->seconds(),
            'changeoverSeconds' => $timeline->total(SpanKind::Changeover)->seconds(),
            'dryingSeconds' => $timeline->total(SpanKind::Drying)->seconds(),
            'spans' => array_map(static fn (Span $span): array => [
                'kind' => $span->kind->value,
                'step' => (int) $span->step->id,
                'name' => $span->step->name,
                'startSeconds' => $span->start->seconds(),
                'endSeconds' => $span->end()->seconds(),
            ], $timeline->spans),
        ];
    }
}
