<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Account\Ways\BenchOfPainter;
use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use App\Models\Bench\FacePlan;
use App\Models\Bench\PainterPlan;
use App\Models\Line\ChairEvent;
use App\Models\Plan\EventDay;
use App\Plan\Forecast\EightOfTen;
use Core\Kit\Kit;
use Core\Plan\Safety\Safety;
use Core\Units\Duration;
use Illuminate\Support\Collection;

/** The plans that faces of a day are or may next be seated with, or fall back to, with the pace of whoever paints by them. */
final readonly class PlansOfDay
{
    public function __construct(private EightOfTen $eightOfTen, private BenchOfPainter $bench) {}

    /** @return list<PlanRead> */
    public function __invoke(EventDay $day, string $painterId): array
    {
        $onMenu = $day->menuItems->pluck('design_id');
        $asked = ChairEvent::query()->where('event_day_id', $day->id)->whereNotNull('design_id')->distinct()->pluck('design_id');
        $designs = Design::ofTeam($day->team_id)->withTrashed()->whereIn(
            'id',
            [...$onMenu, ...$asked],
        )->whereNotNull('plan_id')->pluck('plan_id');
        $rungs = DesignRung::query()->whereIn('design_id', [...$onMenu, ...$asked])->get();
        $own = PainterPlan::query()->whereIn('design_id', [...$onMenu, ...$asked])->get();
        $seated = ChairEvent::query()->where('event_day_id', $day->id)->whereNotNull('plan_id')->distinct()->pluck('plan_id');
        $plans = FacePlan::query()->whereIn('id', [...$designs, ...$seated, ...$rungs->pluck('plan_id'), ...$own->pluck('plan_id')])->get();
        $names = $rungs->groupBy('plan_id');
        $painters = $own->groupBy('plan_id');
        $kit = $this->bench->kit($day->team_id);
        /** @var array<string, string> $owners */
        $owners = $own->pluck('painter_id', 'plan_id')->all();
        $eightOfTen = ($this->eightOfTen)($plans, $owners, $painterId);

        return array_values($plans->map(fn (FacePlan $plan): PlanRead => $this->plan(
            $plan,
            rungs: $names->get($plan->id)?->all() ?? self::rungsLike($painters->get($plan->id)?->all() ?? [], $rungs),
            eightOfTen: $eightOfTen[$plan->id] ?? null,
            paintedBy: array_values(array_unique(array_map(
                static fn (PainterPlan $own): string => $own->painter_id,
                $painters->get($plan->id)?->all() ?? [],
            ))),
            kit: $kit,
        ))->all());
    }

    /**
     * @param  array<PainterPlan>  $own
     * @param  Collection<int, DesignRung>  $rungs
     * @return list<DesignRung> of the same names
     */
    private static function rungsLike(array $own, Collection $rungs): array
    {
        $like = array_map(
            static fn (PainterPlan $plan): ?DesignRung => $rungs->first(
                static fn (DesignRung $rung): bool => $rung->design_id === $plan->design_id && $rung->name->value === $plan->rung,
            ),
            $own,
        );

        return array_values(array_filter($like, is_object(...)));
    }

    /**
     * @param  array<DesignRung>  $rungs  of which it is the plan
     * @param  list<string>  $paintedBy  whose own it is
     * @param  Kit|null  $kit  what is on the table; null where nobody asks before painting by it
     */
    public function plan(
        FacePlan $plan,
        array $rungs = [],
        ?Duration $eightOfTen = null,
        array $paintedBy = [],
        ?Kit $kit = null,
    ): PlanRead {
        $design = $plan->toDesign();

        return new PlanRead(
            id: $plan->id,
            designId: $plan->design_id,
            design: $design,
            total: Duration::ofMilliseconds($plan->total_ms),
            steps: StepInPlan::ofPlan($plan),
            spans: $plan->content['spans'],
            rungs: array_values(array_map(static fn (DesignRung $rung) => $rung->name, $rungs)),
            changes: array_values($rungs)[0]->changes ?? [],
            paintedBy: $paintedBy,
            cautions: $kit === null ? [] : Safety::of($design, $kit),
            eightOfTen: $eightOfTen,
        );
    }
}
