<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Account\Ways\BenchOfPainter;
use App\Account\Ways\PainterBench;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Account\User;
use App\Models\Bench\DesignRung;
use App\Models\Bench\FacePlan;
use App\Models\Menu\Menu;
use App\Models\Menu\MenuOffer as OfferOnMenu;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\PlansOfDay;
use App\Plan\Forecast\EightOfTen;
use Core\Design\StepValues;
use Core\Pace\Pace;
use Core\Plan\Menu\MenuCheck;
use Core\Plan\Menu\MenuOffer;
use Core\Plan\Menu\Promise;
use Core\Plan\Simulation\FaceTime;
use Core\Units\Duration;
use Core\Workspace\Lack;
use Core\Workspace\Substitutes;

/** A menu as its painter looks at it: with the own paces, the own kit, and what that makes of each promise. */
final readonly class MenuOnTable
{
    /** Between two faces, where no event says otherwise. */
    private const TURNAROUND_SECONDS = 60;

    private const MOST = 200;

    public function __construct(
        private EightOfTen $eightOfTen,
        private PacesOfDesign $pacesOfDesign,
        private PlansOfDay $plansOfDay,
        private BenchOfPainter $benchOfPainter,
    ) {}

    public function __invoke(Menu $menu, User $painter): MenuRead
    {
        $bench = ($this->benchOfPainter)($painter);
        /** @var list<OfferOnMenu> $onMenu */
        $onMenu = array_values(array_filter(
            // One that was deleted comes back to the menu with its way back to the shelf.
            OfferOnMenu::query()->where('menu_id', $menu->id)->whereHas('design')->with('design.photo')->orderBy('position')->get()->all(),
            static fn (OfferOnMenu $offer): bool => $offer->design->plan_id !== null,
        ));
        $ids = array_map(static fn (OfferOnMenu $offer): string => $offer->design_id, $onMenu);
        $rungs = DesignRung::query()->whereIn('design_id', $ids)->orderByDesc('total_ms')->get();
        $typed = array_map(static fn (OfferOnMenu $offer): ?string => $offer->design->plan_id, $onMenu);
        $plans = FacePlan::query()->whereIn('id', [...$typed, ...$rungs->pluck('plan_id')->all()])->get();
        /** @var array<string, FacePlan> $byId */
        $byId = array_column($plans->all(), null, 'id');
        $eightOfTen = ($this->eightOfTen)($plans, [], $painter->id);
        $paces = $this->pacesOfDesign->ofDesigns($ids, $painter->id);
        $offers = [];
        foreach ($onMenu as $one) {
            $own = $rungs->filter(static fn (DesignRung $rung): bool => $rung->design_id === $one->design_id);
            $offers[] = $this->offer(
                one: $one,
                rungs: self::rungsOf($one, array_values($own->all()), $byId, $eightOfTen),
                plans: $byId,
                faces: $paces[$one->design_id]['faces'],
                bench: $bench,
            );
        }
        $core = array_map(static fn (OfferRead $read): MenuOffer => $read->offer, $offers);
        /** @var list<string> $days */
        $days = EventDay::ofTeam($menu->team_id)->where('menu_id', $menu->id)->where('closes_ms', '>', now()->getTimestampMs())
            ->orderBy('opens_ms')->pluck('name')->all();
        $turnaround = Duration::ofSeconds(self::TURNAROUND_SECONDS);

        return new MenuRead(
            $menu,
            array_map(static fn (OfferRead $read): OfferRead => $read->among($core, $turnaround), $offers),
            MenuCheck::of($core, $bench->kit),
            $days,
        );
    }

    /**
     * @param  list<DesignRung>  $rungs  the longest first
     * @param  array<string, FacePlan>  $plans  by id
     * @param  array<string, Duration>  $eightOfTen  by plan
     * @return non-empty-list<RungRead>
     */
    private static function rungsOf(OfferOnMenu $one, array $rungs, array $plans, array $eightOfTen): array
    {
        $typed = (string) $one->design->plan_id;
        $face = static fn (string $plan): FaceTime => FaceTime::planned(
            Duration::ofMilliseconds($plans[$plan]->total_ms),
            $eightOfTen[$plan] ?? null,
        );
        $all = [new RungRead(null, $face($typed), 1.0, $typed)];
        foreach ($rungs as $rung) {
            // A version that is painted as a longer one already is no choice, unless it was made.
            if ($rung->name === $one->rung || ! in_array($rung->plan_id, array_column($all, 'planId'), true)) {
                $all[] = new RungRead($rung->name, $face($rung->plan_id), $rung->share, $rung->plan_id);
            }
        }
        if ($one->rung !== null && ! in_array($one->rung, array_column($all, 'name'), true)) {
            // It is being worked out, or the design has it no more: it is painted as typed.
            $all[] = new RungRead($one->rung, $all[0]->face, $all[0]->share, $typed);
        }

        return $all;
    }

    /**
     * @param  non-empty-list<RungRead>  $rungs
     * @param  array<string, FacePlan>  $plans
     * @param  array<string, Pace>  $faces  by version
     */
    private function offer(OfferOnMenu $one, array $rungs, array $plans, array $faces, PainterBench $bench): OfferRead
    {
        $chosen = array_values(array_filter($rungs, static fn (RungRead $rung): bool => $rung->name === $one->rung))[0] ?? $rungs[0];
        $plan = $this->plansOfDay->plan($plans[$chosen->planId]);
        $pace = $faces[StepValues::version(array_map(StepValues::way(...), $plan->design->steps))] ?? null;
        $honest = Promise::for($chosen->face);
        $promise = $one->promise_ms === null ? $honest : Duration::ofMilliseconds($one->promise_ms);
        $lacks = (new Substitutes($bench->kit, $bench->stepTimes))->for($plan->design->steps);

        return new OfferRead(
            offer: new MenuOffer(
                id: $one->design_id,
                name: $one->design->name,
                design: $plan->design,
                face: $chosen->face,
                isLogged: $pace !== null,
                promise: $promise,
                price: $one->price_cents,
                group: $one->for_whom,
            ),
            rung: $chosen->name,
            plan: $plan,
            promises: $one->promise_ms !== null,
            readyAfter: $pace?->readyAfter($promise),
            faces: ($pace->faces ?? 0) + ($pace->practised ?? 0),
            sitsFor: $one->design->still_ms === null ? null : Duration::ofMilliseconds($one->design->still_ms),
            lacks: array_values(array_unique(array_map(static fn (Lack $lack): string => $lack->missing, $lacks))),
            usesUp: self::usesUp($plan->design->steps, $bench),
            rungs: $rungs,
            honest: $honest,
            isRanked: $one->design->is_ranked,
            photo: $one->design->photo?->toCore(),
        );
    }

    /**
     * @param  list<\Core\Design\Step>  $steps
     * @return list<string>
     */
    private static function usesUp(array $steps, PainterBench $bench): array
    {
        $names = [];
        foreach ($steps as $step) {
            $things = [$bench->kit->named($step->tool), ...array_map($bench->kit->paintOf(...), $step->colours)];
            foreach ($things as $thing) {
                if ($thing?->isRunningOut() === true && $thing->howMany > 0) {
                    $names[$thing->name] = $thing->name;
                }
            }
        }

        return array_values($names);
    }

    /**
     * A team's menus, by name.
     *
     * @return list<array{id: string, name: string, designs: int}>
     */
    public function all(string $teamId): array
    {
        $menus = Menu::ofTeam($teamId)->with('offers.design')->orderBy('name')->limit(self::MOST)->get();

        return array_values($menus->map(static fn (Menu $menu): array => [
            'id' => $menu->id, 'name' => $menu->name, 'designs' => $menu->offers->whereNotNull('design')->count(),
        ])->all());
    }
}
