<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Step;

/** A step of a plan, as the chair shows it. */
final readonly class PlanStep extends StepShown
{
    public function __construct(Step $step, public int $plannedMs)
    {
        parent::__construct($step);
    }
}
