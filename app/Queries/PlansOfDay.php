<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\Plan;
use App\Models\ChairEvent;
use App\Models\Design;
use App\Models\DesignRung;
use App\Models\EventDay;
use App\Models\FacePlan;
use Core\Design\Placement;

/** The plans that faces of a day are or may next be seated with. */
final readonly class PlansOfDay
{
    public function __construct(private PlannedSteps $plannedSteps) {}

    /** @return list<Plan> */
    public function __invoke(EventDay $day): array
    {
        $asked = ChairEvent::query()->where('event_day_id', $day->id)->whereNotNull('design_id')->distinct()->pluck('design_id');
        $designs = Design::query()->withTrashed()
            ->whereIn('id', [...$day->menuItems->pluck('design_id'), ...$asked])->whereNotNull('plan_id')->pluck('plan_id');
        $rungs = DesignRung::query()->whereIn('design_id', $day->menuItems->pluck('design_id'))->get();
        $seated = ChairEvent::query()->where('event_day_id', $day->id)->whereNotNull('plan_id')->distinct()->pluck('plan_id');
        $plans = FacePlan::query()->whereIn('id', [...$designs, ...$seated, ...$rungs->pluck('plan_id')])->get();
        $names = $rungs->groupBy('plan_id');

        return array_values($plans->map(fn (FacePlan $plan): Plan => $this->plan($plan, $names->get($plan->id)?->all() ?? []))->all());
    }

    /** @param  array<DesignRung>  $rungs  of which it is the plan */
    public function plan(FacePlan $plan, array $rungs = []): Plan
    {
        return new Plan(
            $plan->id,
            $plan->content['name'],
            Placement::from($plan->content['placement']),
            $plan->total_ms,
            ($this->plannedSteps)($plan),
            DesignShelf::spans($plan->content),
            $plan->design_id,
            array_values(array_map(static fn (DesignRung $rung) => $rung->name, $rungs)),
            array_values($rungs)[0]->changes ?? [],
        );
    }
}
