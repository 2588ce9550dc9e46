<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\Plan\EventDay;
use App\Models\Plan\EventPlan;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
use App\Plan\Days\RosterOfDay;
use App\Plan\Days\RosterShown;
use App\Plan\Earlier\ForecastMetShown;
use App\Plan\Earlier\ForecastsMet;
use App\Plan\Earlier\LastLinesOfTeam;
use App\Plan\Earlier\LastLinesShown;
use App\Plan\Earlier\TurnaroundLogged;

/** An event day's plan, and what it rests on. */
final readonly class PlanOfDay
{
    public function __construct(
        private TermsOfDay $termsOfDay,
        private RosterOfDay $rosterOfDay,
        private MenuTimes $menuTimes,
        private TurnaroundLogged $turnaroundLogged,
        private ForecastsMet $forecastsMet,
        private LastLinesOfTeam $lastLines,
    ) {}

    public function __invoke(EventDay $day): EventPlanSheet
    {
        $terms = ($this->termsOfDay)($day);
        $turnaround = ($this->turnaroundLogged)($day->team_id);
        $last = ($this->lastLines)($day->team_id);

        return new EventPlanSheet(
            day: DaySummary::of(DayFacts::of($day)),
            terms: TermsShown::of($terms),
            isAssumed: EventPlan::query()->whereKey($day->id)->doesntExist(),
            roster: RosterShown::of(($this->rosterOfDay)($day)),
            menu: array_map(OfferPlanned::of(...), ($this->menuTimes)($day)),
            loggedTurnaroundMs: ($turnaround['middle'] ?? null)?->milliseconds,
            loggedTurnarounds: $turnaround['times'] ?? 0,
            met: array_map(ForecastMetShown::of(...), ($this->forecastsMet)($day->team_id)),
            last: $last === null ? null : LastLinesShown::of($last, count($terms->profile)),
        );
    }
}
