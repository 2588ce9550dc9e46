<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use Core\Design\Step;
use Core\Timeline\StepTime;

/** A step on the bench: its time, and its line in words. */
final readonly class StepRead
{
    /**
     * @param  StepTime  $planned  as typed, or by the work there is in it
     * @param  list<string>  $seen  #rrggbb of its colours as they come out, where that is known
     */
    public function __construct(
        public Step $step,
        public StepTime $time,
        public StepTime $planned,
        public string $line,
        public array $seen,
    ) {}
}
