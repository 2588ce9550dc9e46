<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Design;
use App\Models\FacePlan;
use App\Queries\LoggedTimes;
use App\Queries\PainterBench;
use Core\Design\Design as CoreDesign;
use Core\Design\Step as CoreStep;
use Core\Design\StepValues;
use Core\Design\Timeline\Span;
use Core\Order\Course;

/** Gives a design the plan that faces seated from now on get. Runs inside the caller's transaction. */
final readonly class PlanDesign
{
    public function __construct(private LoggedTimes $loggedTimes) {}

    public function __invoke(PainterBench $bench, Design $design, CoreDesign $content): void
    {
        $design->plan_id = $this->plan($bench, $design, $content);
        $design->save();
    }

    /** @return string|null id of the plan; null for a design without steps, which nobody can be seated with */
    private function plan(PainterBench $bench, Design $design, CoreDesign $content): ?string
    {
        if ($content->steps === []) {
            return null;
        }
        $course = Course::of($content, $bench->circumstances($bench->stepTimes->knowing(($this->loggedTimes)($design->id))));
        $timeline = $course->timeline;
        $plan = $this->planContent($content, $course);
        $id = hash('sha256', $design->id.json_encode($plan, JSON_THROW_ON_ERROR));
        FacePlan::query()->firstOrCreate(['id' => $id], [
            'design_id' => $design->id,
            'content' => $plan,
            'total_ms' => $timeline->makespan()->milliseconds,
        ]);

        return $id;
    }

    /** @return array<string, mixed> see FacePlan's PlanContent */
    private function planContent(CoreDesign $design, Course $course): array
    {
        $planned = $course->timeline->tapToTap();

        return [
            'name' => $design->name,
            'placement' => $design->placement->value,
            'steps' => array_map(static fn (CoreStep $step, int $at): array => [
                'id' => $step->id,
                ...StepValues::of($step),
                'plannedMs' => $planned[$step->id]->milliseconds,
                'seen' => $course->seen($at),
            ], $design->steps, array_keys($design->steps)),
            'spans' => array_map(static fn (Span $span): array => [
                'kind' => $span->kind->value,
                'stepId' => $span->step->id,
                'startMs' => $span->start->milliseconds,
                'lengthMs' => $span->length->milliseconds,
            ], $course->timeline->spans),
        ];
    }
}
