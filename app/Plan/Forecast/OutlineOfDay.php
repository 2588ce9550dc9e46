<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\Plan\EventDay;
use App\Plan\Days\DayRoster;
use App\Plan\Days\RosterOfDay;
use App\Plan\Earlier\LastLinesOfTeam;
use Core\Line\Seating\Roster;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\InvalidScenario;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Units\Duration;
use Core\Units\Instant;

/** Makes an event of a day's menu and roster and of what is expected of it. */
final readonly class OutlineOfDay
{
    public function __construct(private MenuTimes $menuTimes, private RosterOfDay $rosterOfDay, private LastLinesOfTeam $lastLinesOfTeam) {}

    /** @throws InvalidScenario when it cannot be played */
    public function __invoke(EventDay $day, PlanTerms $terms): EventOutline
    {
        $roster = ($this->rosterOfDay)($day);
        $menu = array_map(
            static fn (OfferedTimes $offered): OfferedTimes => $offered->slowed($terms->ages?->slowing() ?? 1.0),
            ($this->menuTimes)($day),
        );
        $artists = self::artists($roster->isAssumed ? self::withChairs($roster, $terms->chairs) : $roster->toCore(), $terms, $menu);
        $open = Duration::ofMilliseconds(max(0, $terms->closesMs - $terms->opensMs));
        $scenario = new Scenario(
            open: $open,
            arrivals: $terms->arrivals->of($terms->children, $terms->profile, $terms->groups),
            menu: array_map(static fn (OfferedTimes $offered): Offer => $offered->offer, $menu),
            artists: $artists,
            turnaround: $terms->turnaround(),
            rules: self::rules($terms, $this->lastLinesOfTeam->habits($day->team_id)['contagion']),
        );
        foreach ($terms->levers as $lever) {
            $scenario = $lever->pulled($scenario, $terms->forHelper()) ?? $scenario;
        }
        $earlier = in_array(LeverKind::StartEarlier, $terms->levers, true) ? LeverKind::StartEarlier->opensEarlier() : Duration::zero();

        return new EventOutline(
            terms: $terms,
            scenario: $scenario,
            menu: $menu,
            names: $roster->painters,
            assumed: self::withoutPace($artists, $menu),
            opens: Instant::ofEpochMilliseconds($terms->opensMs - $earlier->milliseconds),
        );
    }

    private static function withChairs(DayRoster $roster, int $chairs): Roster
    {
        return new Roster(Roster::assumed(array_keys($roster->painters), $chairs));
    }

    /**
     * @param  list<OfferedTimes>  $menu
     * @return list<Artist>
     */
    private static function artists(Roster $roster, PlanTerms $terms, array $menu): array
    {
        $stints = $roster->stints(
            $terms->chairs,
            Instant::ofEpochMilliseconds($terms->opensMs),
            Instant::ofEpochMilliseconds(max($terms->opensMs, $terms->closesMs)),
        );

        return array_map(
            static fn (string $painter, array $shifts): Artist => new Artist(
                $painter,
                $shifts,
                array_map(static fn (OfferedTimes $offered): array => $offered->of($painter), $menu),
            ),
            array_keys($stints),
            $stints,
        );
    }

    private static function rules(PlanTerms $terms, float $contagion): LineRules
    {
        return new LineRules(
            stopNamesAt: $terms->stopNamesMs === null ? null : Duration::ofMilliseconds(max(0, $terms->stopNamesMs - $terms->opensMs)),
            patience: $terms->patienceMinutes === null ? null : Duration::ofMinutes($terms->patienceMinutes),
            longest: $terms->longest,
            quickAbove: $terms->quickAbove,
            isLineEach: $terms->isLineEach,
            contagion: $contagion,
        );
    }

    /**
     * @param  list<Artist>  $artists
     * @param  list<OfferedTimes>  $menu
     * @return list<string> ids
     */
    private static function withoutPace(array $artists, array $menu): array
    {
        $unknown = array_filter($artists, static fn (Artist $artist): bool => array_filter(
            $menu,
            static fn (OfferedTimes $offered): bool => isset($offered->own[$artist->id]),
        ) === []);

        return array_values(array_map(static fn (Artist $artist): string => $artist->id, $unknown));
    }
}
