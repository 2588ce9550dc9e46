<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\ChairEvent;
use App\Models\Design;
use App\Models\DesignRung;
use App\Models\EventDay;
use App\Models\FacePlan;
use App\Models\PainterPlan;
use App\Queries\Logbook\PacesOfDesign;
use Core\Design\Design as CoreDesign;
use Core\Design\Placement;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Pace\Pace;
use Core\Pace\WholeFace;
use Core\Timeline\SpanKind;
use Core\Timeline\StepTime;
use Core\Timeline\StepTimes;
use Core\Timeline\TimeSource;
use Core\Units\Duration;
use Illuminate\Support\Collection;

/** The plans that faces of a day are or may next be seated with, or fall back to, with the pace of whoever paints by them. */
final readonly class PlansOfDay
{
    public function __construct(private PlannedSteps $plannedSteps, private PacesOfDesign $pacesOfDesign) {}

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
        $eightOfTen = $this->eightOfTen($plans, self::ownersOf($own->all()), $painterId);

        return array_values($plans->map(fn (FacePlan $plan): PlanRead => $this->plan(
            $plan,
            $names->get($plan->id)?->all() ?? self::rungsLike($painters->get($plan->id)?->all() ?? [], $rungs),
            $eightOfTen[$plan->id] ?? null,
            array_values(array_unique(array_map(
                static fn (PainterPlan $own): string => $own->painter_id,
                $painters->get($plan->id)?->all() ?? [],
            ))),
        ))->all());
    }

    /**
     * @param  array<PainterPlan>  $own
     * @return array<string, string> a painter by plan
     */
    private static function ownersOf(array $own): array
    {
        $owners = [];
        foreach ($own as $plan) {
            $owners[$plan->plan_id] = $plan->painter_id;
        }

        return $owners;
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
     * By the paces of whose own a plan is.
     *
     * @param  Collection<int, FacePlan>  $plans
     * @param  array<string, string>  $painters  by plan
     * @return array<string, Duration> by plan, of those that are known
     */
    private function eightOfTen(Collection $plans, array $painters, string $reader): array
    {
        $eightOfTen = [];
        foreach ($plans->groupBy(static fn (FacePlan $plan): string => $painters[$plan->id] ?? $reader) as $painter => $ofPainter) {
            $designs = array_values(array_unique(array_map(static fn (FacePlan $plan): string => $plan->design_id, $ofPainter->all())));
            $paces = $this->pacesOfDesign->ofDesigns($designs, $painter);
            foreach ($ofPainter->groupBy('design_id') as $design => $ofDesign) {
                $eightOfTen += self::eightOfTenOf($ofDesign->all(), $paces[$design]);
            }
        }

        return $eightOfTen;
    }

    /**
     * @param  array<DesignRung>  $rungs  of which it is the plan
     * @param  list<string>  $paintedBy  whose own it is
     */
    public function plan(FacePlan $plan, array $rungs = [], ?Duration $eightOfTen = null, array $paintedBy = []): PlanRead
    {
        $design = new CoreDesign($plan->content['name'], Placement::from($plan->content['placement']), null, self::steps($plan));

        return new PlanRead(
            id: $plan->id,
            designId: $plan->design_id,
            design: $design,
            total: Duration::ofMilliseconds($plan->total_ms),
            steps: ($this->plannedSteps)($plan),
            spans: $plan->content['spans'],
            rungs: array_values(array_map(static fn (DesignRung $rung) => $rung->name, $rungs)),
            changes: array_values($rungs)[0]->changes ?? [],
            paintedBy: $paintedBy,
            eightOfTen: $eightOfTen,
        );
    }

    /**
     * @param  array<FacePlan>  $plans  of one design
     * @param  array{steps: array<string, StepTime>, faces: array<string, Pace>}  $paces  of that design
     * @return array<string, Duration> by plan, of those that are known
     */
    private static function eightOfTenOf(array $plans, array $paces): array
    {
        $times = StepTimes::starting()->knowing($paces['steps']);
        $most = [];
        foreach ($plans as $plan) {
            $steps = self::steps($plan);
            $onSkin = array_column(
                array_filter($plan->content['spans'], static fn (array $span): bool => $span['kind'] === SpanKind::Painting->value),
                'lengthMs',
                'stepId',
            );
            $rest = array_sum(array_column($plan->content['spans'], 'lengthMs')) - array_sum($onSkin);
            $painting = array_map(static fn (Step $step): StepTime => self::painting($times->of($step), $onSkin[$step->id] ?? 0), $steps);
            $own = $paces['faces'][StepValues::version(array_map(StepValues::way(...), $steps))] ?? null;
            $most[$plan->id] = $own?->eightOfTen() ?? WholeFace::eightOfTen($painting, Duration::ofMilliseconds($rest));
        }

        return array_filter($most, static fn (?Duration $one): bool => $one !== null);
    }

    /** Typed seconds hold the change of tool, which is not painting. */
    private static function painting(StepTime $time, int $onSkinMs): StepTime
    {
        return $time->source === TimeSource::Typed ? $time->lasting(Duration::ofMilliseconds($onSkinMs)) : $time;
    }

    /** @return list<Step> */
    private static function steps(FacePlan $plan): array
    {
        return array_map(static fn (array $step): Step => StepValues::read($step['id'], $step), $plan->content['steps']);
    }
}
