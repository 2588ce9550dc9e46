<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Account\Ways\PainterBench;
use App\Bench\TypedSteps\StepRead;
use Core\Design\Step;
use Core\Timeline\StepTimes;

/** A step as the bench edits it: in fields, and as one line. */
final readonly class StepOnBench
{
    /** @param  list<string>  $seen  #rrggbb of its colours as they come out, where that is known */
    public function __invoke(PainterBench $bench, Step $step, StepTimes $times, array $seen = []): StepRead
    {
        return new StepRead(
            step: $step,
            time: $times->of($step),
            planned: $times->planned($step),
            line: $bench->printer->print($step),
            seen: $seen,
        );
    }
}
