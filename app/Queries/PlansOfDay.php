<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\ColourSwatch;
use App\Http\Resources\Plan;
use App\Http\Resources\PlanStep;
use App\Models\ChairEvent;
use App\Models\Design;
use App\Models\EventDay;
use App\Models\FacePlan;
use Core\Design\Medium;
use Core\Design\Placement;
use Core\Design\Side;
use Core\Design\Zone;

/**
 * The plans that faces of a day are or may next be seated with.
 *
 * @phpstan-import-type PlanStep from FacePlan as StepContent
 */
final readonly class PlansOfDay
{
    /** @return list<Plan> */
    public function __invoke(EventDay $day): array
    {
        $asked = ChairEvent::query()->where('event_day_id', $day->id)->whereNotNull('design_id')->distinct()->pluck('design_id');
        $designs = Design::query()->withTrashed()
            ->whereIn('id', [...$day->menuItems->pluck('design_id'), ...$asked])->whereNotNull('plan_id')->pluck('plan_id');
        $seated = ChairEvent::query()->where('event_day_id', $day->id)->whereNotNull('plan_id')->distinct()->pluck('plan_id');
        $plans = FacePlan::query()->whereIn('id', [...$designs, ...$seated])->get();

        return array_values($plans->map(self::plan(...))->all());
    }

    private static function plan(FacePlan $plan): Plan
    {
        return new Plan(
            $plan->id,
            $plan->content['name'],
            Placement::from($plan->content['placement']),
            $plan->total_ms,
            array_map(self::step(...), $plan->content['steps']),
            DesignShelf::spans($plan->content),
        );
    }

    /** @param  StepContent  $step */
    private static function step(array $step): PlanStep
    {
        return new PlanStep(
            $step['id'],
            $step['name'],
            Medium::from($step['medium']),
            $step['tool'],
            array_map(static fn (array $colour) => new ColourSwatch($colour['name'], $colour['hex']), $step['colours']),
            array_map(Zone::from(...), $step['zones']),
            Side::from($step['side']),
            $step['coats'],
            $step['optional'],
            $step['note'],
            $step['plannedMs'],
        );
    }
}
