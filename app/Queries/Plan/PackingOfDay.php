<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\EventDay;
use App\Models\FacePlan;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Line\DesignsOnDay;
use Core\Plan\Defaults;
use Core\Plan\Simulation\InvalidScenario;
use Core\Plan\Simulation\Simulation;
use Core\Supplies\FacesToBring;
use Core\Supplies\PackingList;

/** What an event needs in the bag: from its menu, the faces that may come of it, and what the kit has. */
final readonly class PackingOfDay
{
    public function __construct(
        private TermsOfDay $termsOfDay,
        private OutlineOfDay $outlineOfDay,
        private DesignsOnDay $designsOnDay,
        private BenchOfPainter $benchOfPainter,
    ) {}

    /** @throws InvalidScenario when the event cannot be played */
    public function __invoke(EventDay $day): PackingRead
    {
        $outline = ($this->outlineOfDay)($day, ($this->termsOfDay)($day));
        $scenario = $outline->scenario;
        $faces = (new Simulation($scenario))->run(Defaults::FIRST_RUNS)->faces(Defaults::WANTED_CHANCE);
        $each = FacesToBring::of($faces, array_column($scenario->menu, 'weight'), $scenario->rules->contagion);
        $offered = ($this->designsOnDay)($day, []);
        $plans = FacePlan::query()->whereIn('id', array_column($offered, 'planId'))->get()->keyBy('id');
        $menu = [];
        foreach ($scenario->menu as $at => $offer) {
            $plan = $plans->get($offered[$offer->id]->planId ?? '');
            if ($plan instanceof FacePlan) {
                $menu[] = [$plan->toDesign(), $each[$at]];
            }
        }

        return new PackingRead(DayFacts::of($day), $faces, PackingList::of($menu, $faces, $this->benchOfPainter->kit($day->team_id)));
    }
}
