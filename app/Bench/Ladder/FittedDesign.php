<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Bench\Designs\TapeSpan;
use App\Bench\TypedSteps\StepLine;
use App\Http\Resources\Resource;
use Core\Design\FaceSize;

/** A design as it is painted on one person: what changes, and how long it takes then. */
final readonly class FittedDesign extends Resource
{
    /**
     * @param  list<string>  $changes  in words
     * @param  list<StepLine>  $steps
     * @param  list<TapeSpan>  $spans
     */
    public function __construct(
        public FaceSize $size,
        public array $changes,
        public array $steps,
        public array $spans,
        public int $totalMs,
    ) {}
}
