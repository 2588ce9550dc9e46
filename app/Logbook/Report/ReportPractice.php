<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Http\Resources\Resource;

/** A step that is worth an evening of practice, and what that wins of a day like this one. */
final readonly class ReportPractice extends Resource
{
    public function __construct(
        public string $painter,
        public string $design,
        public string $step,
        public int $times,
        public int $takesMs,
        public int $winMs,
    ) {}

    public static function of(PractiseRead $read): self
    {
        return new self(
            painter: $read->painter,
            design: $read->design,
            step: $read->step,
            times: $read->times,
            takesMs: $read->takes->milliseconds,
            winMs: $read->win->milliseconds,
        );
    }
}
