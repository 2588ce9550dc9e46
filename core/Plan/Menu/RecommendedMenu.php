<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Plan\Defaults;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;

/** The menu with the most look, or the most takings, with which everybody is still painted as surely as the painter wants. */
final readonly class RecommendedMenu
{
    /** If the day as it is played disappoints, so much less is borne. */
    private const LESS = 0.97;

    private const TRIES = 8;

    /**
     * @param  list<Candidate>  $candidates
     * @param  Tally  $tally  of the day with that menu
     * @param  float|null  $withoutWishes  what the goal would be without the painter's wishes; null where there are none
     */
    private function __construct(
        public array $candidates,
        public BestMenu $menu,
        public Tally $tally,
        public Duration $bearable,
        public ?float $withoutWishes,
    ) {}

    /**
     * @param  Scenario  $scenario  whose menu is the candidates, in their order, at their first rungs
     * @param  list<Candidate>  $candidates
     * @param  int  $designs  on the menu
     * @param  callable(Scenario): Tally  $play
     * @return self|null null where no menu of so many designs would do
     */
    public static function of(
        Scenario $scenario,
        array $candidates,
        MenuGoal $goal,
        int $designs,
        float $wantedChance,
        callable $play,
    ): ?self {
        $scenario = self::untilTheLastName($scenario);
        $bearable = BearableFace::of($scenario, $wantedChance, $play);
        for ($try = 0; $try < self::TRIES && $bearable !== null; $try++) {
            $menu = BestMenu::of($candidates, $goal, $designs, $bearable);
            if ($menu === null) {
                return null;
            }
            $tally = $play(self::with($scenario, $candidates, $menu));
            if ($tally->chanceOfAll() >= $wantedChance) {
                $isWished = array_filter(
                    $candidates,
                    static fn (Candidate $one): bool => $one->isWished || $one->wishedRung !== null,
                ) !== [];
                $free = array_map(static fn (Candidate $one): Candidate => $one->unwished(), $candidates);

                return new self(
                    candidates: $candidates,
                    menu: $menu,
                    tally: $tally,
                    bearable: $bearable,
                    withoutWishes: $isWished ? BestMenu::of($free, $goal, $designs, $bearable)?->worth : null,
                );
            }
            $bearable = $bearable->times(self::LESS);
        }

        return null;
    }

    /** Where nobody has said when names stop, the last one is taken a little before closing. */
    private static function untilTheLastName(Scenario $scenario): Scenario
    {
        $before = Duration::ofMinutes(Defaults::LAST_NAME_MINUTES);

        return $scenario->rules->stopNamesAt !== null || $scenario->arrivals->isAtOnce ? $scenario : $scenario->with([
            'rules' => $scenario->rules->stoppingNamesAt($scenario->open->minus($before)),
        ]);
    }

    /** @param  list<Candidate>  $candidates */
    private static function with(Scenario $scenario, array $candidates, BestMenu $menu): Scenario
    {
        $taken = $menu->rungs;
        ksort($taken);

        return $scenario->with([
            'menu' => array_map(static fn (int $at, int $rung): Offer => new Offer(
                $candidates[$at]->id,
                $candidates[$at]->weight,
                $candidates[$at]->price,
                [$candidates[$at]->looks[$rung] ?? 1.0],
            ), array_keys($taken), $taken),
            'artists' => array_map(static fn (Artist $artist): Artist => new Artist($artist->id, $artist->shifts, array_map(
                // An artist's own hands are as much quicker at the rung as the team's.
                static fn (int $at, int $rung): array => [$artist->times[$at][0]->times(
                    $candidates[$at]->times[$rung]->middle->milliseconds / max(1, $candidates[$at]->times[0]->middle->milliseconds),
                )],
                array_keys($taken),
                $taken,
            )), $scenario->artists),
        ]);
    }
}
