<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Bench\TypedSteps\StepRead;
use Core\Design\FaceSize;
use Core\Timeline\Timeline;

/** A design tried on somebody. */
final readonly class FittedRead
{
    /**
     * @param  list<string>  $changes  in words
     * @param  list<StepRead>  $steps
     */
    public function __construct(public FaceSize $size, public array $changes, public array $steps, public Timeline $timeline) {}
}
