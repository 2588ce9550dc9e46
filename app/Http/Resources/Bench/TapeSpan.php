<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;
use Core\Timeline\SpanKind;

/** A stretch of a design's time: a changeover or a drying wait belongs to the step it leads up to. */
final readonly class TapeSpan extends Resource
{
    public function __construct(
        public SpanKind $kind,
        public string $stepId,
        public int $startMs,
        public int $lengthMs,
    ) {}
}
