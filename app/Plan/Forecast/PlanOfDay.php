<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\EventDay;
use App\Models\EventPlan;
use App\Plan\Days\DayFacts;
use App\Plan\Days\RosterOfDay;
use App\Plan\Earlier\ForecastsMet;
use App\Plan\Earlier\LastLinesOfTeam;
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

    public function __invoke(EventDay $day): EventPlanRead
    {
        return new EventPlanRead(
            day: DayFacts::of($day),
            terms: ($this->termsOfDay)($day),
            isAssumed: EventPlan::query()->whereKey($day->id)->doesntExist(),
            roster: ($this->rosterOfDay)($day),
            menu: ($this->menuTimes)($day),
            turnaround: ($this->turnaroundLogged)($day->team_id),
            met: ($this->forecastsMet)($day->team_id),
            last: ($this->lastLines)($day->team_id),
        );
    }
}
