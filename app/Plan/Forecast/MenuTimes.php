<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Menu\Recommended\DemandOfDesigns;
use App\Models\Bench\DesignRung;
use App\Models\Bench\FacePlan;
use App\Models\Bench\PainterPlan;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use App\Plan\Earlier\ForecastMet;
use App\Plan\Earlier\ForecastsMet;
use Core\Design\RungName;
use Core\Plan\MetForecast;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;
use Core\Units\Duration;
use Illuminate\Support\Collection;

/** The menu of a day as children choose from it, and how long each design takes whoever paints it. */
final readonly class MenuTimes
{
    /** A quick version is one that saves more than this share. */
    private const WORTH = 0.03;

    public function __construct(
        private EightOfTen $eightOfTen,
        private ForecastsMet $forecastsMet,
        private DemandOfDesigns $demandOfDesigns,
    ) {}

    /** @return list<OfferedTimes> in the order of the menu; designs without steps are left out */
    public function __invoke(EventDay $day): array
    {
        $day->loadMissing('menuItems.design');
        /** @var list<string> $ids */
        $ids = array_values($day->menuItems->pluck('design_id')->all());
        $rungs = DesignRung::query()->whereIn('design_id', $ids)->get();
        $own = PainterPlan::query()->whereIn('design_id', $ids)->get();
        $times = $this->timesOfPlans($day, $rungs, $own);
        $demand = ($this->demandOfDesigns)($day->team_id, $ids);
        $offered = [];
        foreach ($day->menuItems as $item) {
            $offered[] = self::offered(
                item: $item,
                weight: $demand[$item->design_id],
                times: $times,
                rungs: $rungs->where('design_id', $item->design_id)->keyBy(static fn (DesignRung $rung): string => $rung->name->value),
                own: $own->where('design_id', $item->design_id),
            );
        }

        return array_values(array_filter($offered, is_object(...)));
    }

    /**
     * @param  Collection<int, DesignRung>  $rungs
     * @param  Collection<int, PainterPlan>  $own
     * @return array<string, FaceTime> by plan
     */
    private function timesOfPlans(EventDay $day, Collection $rungs, Collection $own): array
    {
        $doubt = MetForecast::dayDoubt(array_map(
            static fn (ForecastMet $met): MetForecast => $met->met,
            ($this->forecastsMet)($day->team_id),
        ));
        $planned = [...$day->menuItems->pluck('design.plan_id'), ...$rungs->pluck('plan_id'), ...$own->pluck('plan_id')];
        $plans = FacePlan::query()->whereIn('id', array_filter($planned, is_string(...)))->get();
        /** @var array<string, string> $painters */
        $painters = $own->pluck('painter_id', 'plan_id')->all();
        $eightOfTen = ($this->eightOfTen)($plans, $painters, '');
        $times = [];
        foreach ($plans as $plan) {
            $times[$plan->id] = FaceTime::planned(Duration::ofMilliseconds($plan->total_ms), $eightOfTen[$plan->id] ?? null, $doubt);
        }

        return $times;
    }

    /**
     * @param  array<string, FaceTime>  $times  by plan
     * @param  Collection<string, DesignRung>  $rungs  of the design, by name
     * @param  Collection<int, PainterPlan>  $own  of the design
     * @return OfferedTimes|null null while nothing is planned of it
     */
    private static function offered(MenuItem $item, float $weight, array $times, Collection $rungs, Collection $own): ?OfferedTimes
    {
        $usual = $item->rung === null ? null : $rungs->get($item->rung->value);
        $time = $times[$usual->plan_id ?? $item->design->plan_id ?? ''] ?? null;
        if ($time === null) {
            return null;
        }
        $quick = self::quick($time, $item->rung, $rungs);
        $quickTime = $times[$quick->plan_id ?? ''] ?? null;
        $owns = [];
        foreach ($own->groupBy('painter_id') as $painter => $ofPainter) {
            $byRung = $ofPainter->keyBy('rung');
            $owns[(string) $painter] = self::versions(
                $times[$byRung->get($item->rung->value ?? '')->plan_id ?? ''] ?? $time,
                $times[$byRung->get($quick->name->value ?? '')->plan_id ?? ''] ?? $quickTime,
            );
        }
        $looks = [$usual->share ?? 1.0, ...($quick === null ? [] : [$quick->share])];

        return new OfferedTimes(
            offer: new Offer($item->design_id, $weight, $item->price_cents ?? 0, $looks),
            name: $item->design->name,
            rung: $item->rung,
            team: self::versions($time, $quickTime),
            own: $owns,
        );
    }

    /** @return non-empty-list<FaceTime> */
    private static function versions(FaceTime $usual, ?FaceTime $quick): array
    {
        return $quick === null ? [$usual] : [$usual, $quick];
    }

    /** @param  Collection<string, DesignRung>  $rungs  by name */
    private static function quick(FaceTime $usual, ?RungName $offered, Collection $rungs): ?DesignRung
    {
        foreach ([RungName::Quick, RungName::Core] as $name) {
            $rung = $rungs->get($name->value);
            if ($rung !== null && $name !== $offered && $rung->total_ms < (1.0 - self::WORTH) * $usual->middle->milliseconds) {
                return $rung;
            }
        }

        return null;
    }
}
