<?php

declare(strict_types=1);

namespace App\Menu\Recommended;

use App\Menu\Menus\MenuOnTable;
use App\Menu\Menus\OfferRead;
use App\Menu\Menus\RungRead;
use App\Models\Account\User;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use App\Plan\Forecast\OutlineOfDay;
use App\Plan\Forecast\PlanTerms;
use App\Plan\Forecast\TermsOfDay;
use Core\Plan\Menu\BestMenu;
use Core\Plan\Menu\Candidate;
use Core\Plan\Menu\MenuGoal;
use Core\Plan\Menu\RecommendedMenu;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Illuminate\Validation\ValidationException;

/** Looks for the designs and rungs of a menu that give an event the most. */
final readonly class RecommendMenu
{
    private const SEED = 1;

    private const RUNS = 200;

    public function __construct(
        private MenuOnTable $menuOnTable,
        private TermsOfDay $termsOfDay,
        private OutlineOfDay $outlineOfDay,
        private DemandOfDesigns $demandOfDesigns,
    ) {}

    /**
     * @param  list<string>  $kept  ids of designs that are to stay as they stand
     *
     * @throws ValidationException when the menu is too long to be weighed, or shorter than what is asked for
     */
    public function __invoke(User $painter, Menu $menu, EventDay $day, MenuGoal $goal, int $designs, array $kept): MenuRecommended
    {
        $offers = ($this->menuOnTable)($menu, $painter)->offers;
        self::refuse($offers, $designs);
        $terms = ($this->termsOfDay)($day);
        $demand = ($this->demandOfDesigns)($menu->team_id, array_map(static fn (OfferRead $read): string => $read->offer->id, $offers));
        $candidates = array_map(
            static fn (OfferRead $read): Candidate => self::candidate($read, $kept, $demand[$read->offer->id]),
            $offers,
        );
        $best = RecommendedMenu::of(
            scenario: $this->scenario($day, $terms, $offers, $demand),
            candidates: $candidates,
            goal: $goal,
            designs: $designs,
            wantedChance: $terms->wantedPercent / 100,
            play: static fn (Scenario $scenario): Tally => (new Simulation($scenario, self::SEED))->run(self::RUNS),
        );

        return MenuRecommended::of($offers, $best);
    }

    /**
     * @param  list<OfferRead>  $offers
     *
     * @throws ValidationException
     */
    private static function refuse(array $offers, int $designs): void
    {
        $most = BestMenu::MOST;
        $why = match (true) {
            count($offers) > $most => "More than {$most} designs cannot be weighed at once. Take some off the menu first.",
            count($offers) < $designs => "There are only {$most} designs. Ask for fewer.",
            default => null,
        };
        if ($why !== null) {
            throw ValidationException::withMessages(['designs' => str_replace("only {$most}", 'only '.count($offers), $why)]);
        }
    }

    /** @param  list<string>  $kept */
    private static function candidate(OfferRead $read, array $kept, float $demand): Candidate
    {
        $isKept = in_array($read->offer->id, $kept, true);
        $at = array_search($read->rung, array_map(static fn (RungRead $rung) => $rung->name, $read->rungs), true);

        return new Candidate(
            id: $read->offer->id,
            weight: $demand,
            times: $read->times() === [] ? [$read->offer->face] : $read->times(),
            looks: array_map(static fn (RungRead $rung): float => $rung->share, $read->rungs),
            price: $read->offer->price ?? 0,
            isWished: $isKept,
            wishedRung: $isKept && is_int($at) ? $at : null,
        );
    }

    /**
     * The event with this menu instead of its own, by the painter's own hands and the chairs of the event.
     *
     * @param  list<OfferRead>  $offers
     * @param  array<string, float>  $demand  by design
     */
    private function scenario(EventDay $day, PlanTerms $terms, array $offers, array $demand): Scenario
    {
        $event = ($this->outlineOfDay)($day, $terms)->scenario;

        return $event->with([
            'menu' => array_map(static fn (OfferRead $read): Offer => new Offer(
                $read->offer->id,
                $demand[$read->offer->id],
                $read->offer->price ?? 0,
            ), $offers),
            'artists' => array_map(static fn (Artist $artist): Artist => new Artist(
                $artist->id,
                $artist->shifts,
                array_map(static fn (OfferRead $read): array => [$read->rungs[0]->face], $offers),
            ), $event->artists),
        ]);
    }
}
