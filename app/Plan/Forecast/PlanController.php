<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Requests\BareTeamRequest;
use App\Plan\Before\AirThen;
use App\Plan\Before\ChecklistOfDay;
use App\Plan\Before\ChecklistSheet;
use App\Plan\Before\WeatherOfDay;
use App\Plan\Party\PartyOrderOfDay;
use App\Plan\Party\PartyOrderRequest;
use App\Plan\Party\PartyOrderSheet;
use App\Plan\Played\PlayedDay;
use App\Search\Queue\Listener;
use Closure;
use Illuminate\Http\Response;

final readonly class PlanController
{
    public function __construct(private PlanOfDay $planOfDay, private OutlineOfDay $outlineOfDay, private PlayPlan $playPlan) {}

    public function show(BareTeamRequest $request): EventPlanSheet
    {
        return ($this->planOfDay)($request->day());
    }

    public function update(PlanRequest $request, SavePlan $save): EventPlanSheet
    {
        $save($request->day(), $request->terms());

        return ($this->planOfDay)($request->day());
    }

    /** @return list<AirThen> hour by hour; empty where nothing is known */
    public function air(BareTeamRequest $request, WeatherOfDay $weatherOfDay): array
    {
        return AirThen::all($weatherOfDay->air($request->day()));
    }

    public function checklist(BareTeamRequest $request, ChecklistOfDay $checklist): ChecklistSheet
    {
        return $checklist($request->day());
    }

    public function partyOrder(PartyOrderRequest $request, PartyOrderOfDay $order): PartyOrderSheet
    {
        return $order(
            day: $request->day(),
            list: $request->guests(),
            birthday: $request->birthday(),
            cakeMs: $request->cakeMs(),
            more: $request->more(),
        );
    }

    /** Tells a first answer at once, then one that stays. */
    public function forecast(PlanRequest $request, Listener $listener): Response
    {
        $outline = ($this->outlineOfDay)($request->day(), $request->terms());
        ($this->playPlan)($request->day(), $outline, self::teller($listener), $listener->isThere());

        return response()->noContent();
    }

    /** Tells what each change would bring, one after another. */
    public function levers(PlanRequest $request, Listener $listener): Response
    {
        $outline = ($this->outlineOfDay)($request->day(), $request->terms());
        $this->playPlan->levers($outline, self::teller($listener));

        return response()->noContent();
    }

    public function played(PlanRequest $request, PlayPlan $playPlan): PlayedDay
    {
        return $playPlan->watch(($this->outlineOfDay)($request->day(), $request->terms()), $request->like(), $request->next());
    }

    /** @return Closure(ForecastRead): bool */
    private static function teller(Listener $listener): Closure
    {
        return static fn (ForecastRead $read): bool => $listener->tell(ForecastShown::of($read));
    }
}
