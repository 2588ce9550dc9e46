<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Bench\StepShown;
use App\Queries\Plan\StepInPlan;
use Core\Design\Step;

/** A step of a plan, as the chair shows it. */
final readonly class PlanStep extends StepShown
{
    /** @param  list<string>  $seen */
    public function __construct(Step $step, public int $plannedMs, array $seen)
    {
        parent::__construct($step, $seen);
    }

    public static function of(StepInPlan $planned): self
    {
        return new self($planned->step, $planned->planned->milliseconds, $planned->seen);
    }
}
