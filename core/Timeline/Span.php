<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Design\Step;
use Core\Units\Duration;

/** A stretch of a face's time. A changeover or a drying wait belongs to the step it leads up to. */
final readonly class Span
{
    /** @param  Duration  $start after the face began */
    public function __construct(
        public SpanKind $kind,
        public Step $step,
        public Duration $start,
        public Duration $length,
    ) {}

    public function end(): Duration
    {
        return $this->start->plus($this->length);
    }
}
