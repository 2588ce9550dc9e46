<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Http\Resources\Resource;
use App\Plan\FacePlans\PlanStep;
use App\Plan\FacePlans\StepInPlan;
use Core\Design\Place\Placement;
use Core\Order\PaintedSequence;

/** A shipped design that a new one may begin with. */
final readonly class StartingPoint extends Resource
{
    /** @param  list<PlanStep>  $steps */
    public function __construct(public string $name, public Placement $placement, public int $totalMs, public array $steps) {}

    public static function of(PaintedSequence $course): self
    {
        $design = $course->preparation->design;

        return new self(
            $design->name,
            $design->placement,
            $course->timeline->makespan()->milliseconds,
            array_map(PlanStep::of(...), StepInPlan::ofCourse($course)),
        );
    }
}
