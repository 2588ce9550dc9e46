<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Design;
use App\Models\FacePlan;
use App\Models\Step;
use Core\Design\ChangeoverMatrix;
use Core\Design\Colour;
use Core\Design\Design as CoreDesign;
use Core\Design\Step as CoreStep;
use Core\Design\Timeline\Span;
use Core\Design\Timeline\Timeline;
use Core\Design\Zone;

/** Writes a design's content and the plan that faces seated from now on get. Runs inside the caller's transaction. */
final readonly class WriteDesign
{
    public function __invoke(Design $design, CoreDesign $content): void
    {
        $design->fill([
            'name' => $content->name,
            'placement' => $content->placement,
            'promise_ms' => $content->promise?->milliseconds,
        ]);
        $design->save();
        $this->writeSteps($design, $content);
        $design->plan_id = $this->writePlan($design, $content);
        $design->save();
        $design->unsetRelations();
    }

    private function writeSteps(Design $design, CoreDesign $content): void
    {
        Step::query()->where('design_id', $design->id)->delete();
        foreach ($content->steps as $position => $step) {
            Step::query()->create(['design_id' => $design->id, 'position' => $position, ...Step::columnsOf($step)]);
        }
    }

    /** @return string|null id of the plan; null for a design without steps, which nobody can be seated with */
    private function writePlan(Design $design, CoreDesign $content): ?string
    {
        if ($content->steps === []) {
            return null;
        }
        $timeline = $content->timeline(ChangeoverMatrix::starting());
        $plan = $this->planContent($content, $timeline);
        $id = hash('sha256', $design->id.json_encode($plan, JSON_THROW_ON_ERROR));
        FacePlan::query()->firstOrCreate(['id' => $id], [
            'design_id' => $design->id,
            'content' => $plan,
            'total_ms' => $timeline->makespan()->milliseconds,
        ]);

        return $id;
    }

    /** @return array<string, mixed> see FacePlan's PlanContent */
    private function planContent(CoreDesign $design, Timeline $timeline): array
    {
        $planned = $timeline->tapToTap();

        return [
            'name' => $design->name,
            'placement' => $design->placement->value,
            'steps' => array_map(static fn (CoreStep $step): array => [
                'id' => $step->id,
                'name' => $step->name,
                'medium' => $step->medium->value,
                'tool' => $step->tool,
                'colours' => array_map(static fn (Colour $colour) => ['name' => $colour->name, 'hex' => $colour->hex], $step->colours),
                'zones' => array_map(static fn (Zone $zone): string => $zone->value, $step->zones),
                'side' => $step->side->value,
                'coats' => $step->coats,
                'optional' => $step->optional,
                'note' => $step->note,
                'plannedMs' => $planned[$step->id]->milliseconds,
            ], $design->steps),
            'spans' => array_map(static fn (Span $span): array => [
                'kind' => $span->kind->value,
                'stepId' => $span->step->id,
                'startMs' => $span->start->milliseconds,
                'lengthMs' => $span->length->milliseconds,
            ], $timeline->spans),
        ];
    }
}
