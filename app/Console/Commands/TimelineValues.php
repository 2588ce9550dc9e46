<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Core\Design\ChangeoverMatrix;
use Core\Design\Design;
use Core\Design\StepTimes;
use Core\Design\Timeline\Span;
use Core\Design\Timeline\SpanKind;

/** A design's timeline as plain values, ready for JSON. */
final readonly class TimelineValues
{
    /** @return array<string, mixed> */
    public static function of(Design $design, ChangeoverMatrix $changeovers, StepTimes $times): array
    {
        $timeline = $design->timeline($changeovers, $times);

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
