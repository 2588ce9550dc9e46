<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Http\Resources\Plan\PlanStep;
use App\Models\FacePlan;
use Core\Design\StepValues;

/** The steps of a plan, as the browser shows and draws them. */
final readonly class PlannedSteps
{
    /** @return list<PlanStep> none where there is no plan yet */
    public function __invoke(?FacePlan $plan): array
    {
        return array_map(
            static fn (array $planned): PlanStep => new PlanStep(
                StepValues::read($planned['id'], $planned),
                $planned['plannedMs'],
                $planned['seen'] ?? [],
            ),
            $plan->content['steps'] ?? [],
        );
    }
}
