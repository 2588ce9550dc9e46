<?php

declare(strict_types=1);

namespace App\Line\Offered;

use App\Models\Bench\Design;
use App\Models\Bench\FacePlan;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\PlanRead;
use App\Plan\FacePlans\PlansOfDay;

/** What the pictures of a day's menu are drawn from. */
final readonly class PicturesOfMenu
{
    public function __construct(private PlansOfDay $plans) {}

    /** @return list<PlanRead> */
    public function __invoke(EventDay $day): array
    {
        $onMenu = $day->menuItems->pluck('design_id');
        $plans = Design::ofTeam($day->team_id)->whereIn('id', $onMenu)->whereNotNull('plan_id')->pluck('plan_id');

        return array_values(FacePlan::query()->whereIn('id', $plans)->get()
            ->map(fn (FacePlan $plan): PlanRead => $this->plans->plan($plan))->all());
    }
}
