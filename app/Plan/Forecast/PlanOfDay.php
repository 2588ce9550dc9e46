<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\Plan\EventDay;
use App\Models\Plan\EventPlan;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
use App\Plan\Days\RosterOfDay;
use App\Plan\Days\RosterShown;
use App\Plan\Earlier\ForecastMet;
use App\Plan\Earlier\ForecastsMet;
use App\Plan\Earlier\LastLinesOfTeam;
use App\Plan\Earlier\TurnaroundLogged;
use Core\Plan\Logged\LastLines;

/**
 * An event day's plan, and what it rests on.
 *
 * @phpstan-import-type ForecastMetShown from EventPlanSheet
 * @phpstan-import-type LastLinesShown from EventPlanSheet
 * @phpstan-import-type OfferPlanned from EventPlanSheet
 */
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
            menu: array_map(self::offer(...), ($this->menuTimes)($day)),
            loggedTurnaroundMs: ($turnaround['middle'] ?? null)?->milliseconds,
            loggedTurnarounds: $turnaround['times'] ?? 0,
            met: array_map(self::met(...), ($this->forecastsMet)($day->team_id)),
            last: $last === null ? null : self::last($last, count($terms->profile)),
        );
    }

    /** @return ForecastMetShown how a day's forecast met the day */
    private static function met(ForecastMet $read): array
    {
        return [
            'name' => $read->name,
            'opensAt' => $read->opens->epochMilliseconds,
            'timezone' => $read->timezone,
            'foreseen' => round($read->met->foreseen, 1),
            'low' => $read->met->low,
            'high' => $read->met->high,
            'painted' => $read->met->painted,
            'isWithin' => $read->met->isWithin(),
            'waitForeseenMs' => $read->waitForeseen->milliseconds,
            'waitedMs' => $read->waited->milliseconds,
        ];
    }

    /** @return LastLinesShown what the lines of the last days say of the next one */
    private static function last(LastLines $last, int $parts): array
    {
        return [
            'days' => count($last->lines),
            'children' => $last->count(),
            'anHour' => round($last->anHour(), 1),
            'profile' => $last->profile($parts),
            'groups' => $last->groups(),
            'notTherePercent' => $last->notThere() / 10,
            'patienceMinutes' => $last->patienceMinutes(),
            'drawsPercent' => round(100 * $last->contagion(), 1),
        ];
    }

    /** @return OfferPlanned how long a design takes the team, as painted as a rule and in its quick version */
    private static function offer(OfferedTimes $offered): array
    {
        return [
            'designId' => $offered->offer->id,
            'name' => $offered->name,
            'rung' => $offered->rung,
            'usualMs' => $offered->team[0]->middle->milliseconds,
            'quickMs' => ($offered->team[1] ?? null)?->middle->milliseconds,
            'priceCents' => $offered->offer->price,
        ];
    }
}
