<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Models\Bench\FacePlan;
use Core\Design\StepValues;
use Core\Units\Duration;

/** The steps of a plan, as the browser shows and draws them. */
final readonly class PlannedSteps
{
    /** @return list<StepInPlan> none where there is no plan yet */
    public function __invoke(?FacePlan $plan): array
    {
        return array_map(
            static fn (array $planned): StepInPlan => new StepInPlan(
                StepValues::read($planned['id'], $planned),
                Duration::ofMilliseconds($planned['plannedMs']),
                $planned['seen'] ?? [],
                array_map(FilmBelow::read(...), $planned['films'] ?? []),
            ),
            $plan->content['steps'] ?? [],
        );
    }
}
