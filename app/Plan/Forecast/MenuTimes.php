<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Menu\Recommended\DemandOfDesigns;
use App\Models\Bench\DesignRung;
use App\Models\Bench\PainterPlan;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use App\Plan\Earlier\ForecastMet;
use App\Plan\Earlier\ForecastsMet;
use App\Plan\FacePlans\PlanRead;
use App\Plan\FacePlans\PlansOfDay;
use Core\Design\RungName;
use Core\Plan\MetForecast;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;
use Illuminate\Support\Collection;

/** The menu of a day as children choose from it, and how long each design takes whoever paints it. */
final readonly class MenuTimes
{
    /** A quick version is one that saves more than this share. */
    private const WORTH = 0.03;

    public function __construct(
        private PlansOfDay $plansOfDay,
        private ForecastsMet $forecastsMet,
        private DemandOfDesigns $demandOfDesigns,
    ) {}

    /** @return list<OfferedTimes> in the order of the menu; designs without steps are left out */
    public function __invoke(EventDay $day): array
    {
        $day->loadMissing('menuItems.design');
        /** @var list<string> $ids */
        $ids = array_values($day->menuItems->pluck('design_id')->all());
        $plans = array_column(($this->plansOfDay)($day, ''), null, 'id');
        $rungs = DesignRung::query()->whereIn('design_id', $ids)->get()->groupBy('design_id');
        $own = PainterPlan::query()->whereIn('design_id', $ids)->get()->groupBy('design_id');
        $demand = ($this->demandOfDesigns)($day->team_id, $ids);
        $doubt = MetForecast::dayDoubt(array_map(
            static fn (ForecastMet $met): MetForecast => $met->met,
            ($this->forecastsMet)($day->team_id),
        ));
        $offered = [];
        foreach ($day->menuItems as $item) {
            $times = $this->offered(
                item: $item,
                plans: $plans,
                rungs: $rungs->get($item->design_id) ?? new Collection,
                own: $own->get($item->design_id) ?? new Collection,
                doubt: $doubt,
            );
            $offered[] = $times === null ? null : new OfferedTimes(
                offer: new Offer($item->design_id, $demand[$item->design_id], $item->price_cents ?? 0, $times[0]),
                name: $item->design->name,
                rung: $item->rung,
                team: $times[1],
                own: $times[2],
            );
        }

        return array_values(array_filter($offered, is_object(...)));
    }

    /**
     * @param  array<string, PlanRead>  $plans  by id
     * @param  Collection<int, DesignRung>  $rungs
     * @param  Collection<int, PainterPlan>  $own
     * @return array{list<float>, non-empty-list<FaceTime>, array<string, non-empty-list<FaceTime>>}|null looks, the team's times, each
     *                                                                                                   painter's own
     */
    private function offered(MenuItem $item, array $plans, Collection $rungs, Collection $own, float $doubt): ?array
    {
        $byName = $rungs->keyBy(static fn (DesignRung $rung): string => $rung->name->value);
        $usual = $item->rung === null ? null : $byName->get($item->rung->value);
        $plan = $plans[$usual->plan_id ?? $item->design->plan_id ?? ''] ?? null;
        if ($plan === null) {
            return null;
        }
        $quick = $this->quick($plan, $item->rung, $byName);
        $quickPlan = $plans[$quick->plan_id ?? ''] ?? null;
        $owns = [];
        foreach ($own->groupBy('painter_id') as $painter => $ofPainter) {
            $byRung = $ofPainter->keyBy('rung');
            $owns[(string) $painter] = self::times(
                $plans[$byRung->get($item->rung->value ?? '')->plan_id ?? ''] ?? $plan,
                $plans[$byRung->get($quick->name->value ?? '')->plan_id ?? ''] ?? $quickPlan,
                $doubt,
            );
        }
        $looks = [$usual->share ?? 1.0, ...($quick === null ? [] : [$quick->share])];

        return [$looks, self::times($plan, $quickPlan, $doubt), $owns];
    }

    /** @return non-empty-list<FaceTime> */
    private static function times(PlanRead $usual, ?PlanRead $quick, float $doubt): array
    {
        $times = [FaceTime::planned($usual->total, $usual->eightOfTen, $doubt)];

        return $quick === null ? $times : [...$times, FaceTime::planned($quick->total, $quick->eightOfTen, $doubt)];
    }

    /** @param  Collection<string, DesignRung>  $rungs */
    private function quick(PlanRead $usual, ?RungName $offered, Collection $rungs): ?DesignRung
    {
        foreach ([RungName::Quick, RungName::Core] as $name) {
            $rung = $rungs->get($name->value);
            if ($rung !== null && $name !== $offered && $rung->total_ms < (1.0 - self::WORTH) * $usual->total->milliseconds) {
                return $rung;
            }
        }

        return null;
    }
}
