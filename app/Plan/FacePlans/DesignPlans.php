<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Account\Ways\BenchOfPainter;
use App\Account\Ways\PainterBench;
use App\Line\Taps\TellScreens;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use App\Models\Bench\FacePlan;
use App\Models\Bench\PainterPlan;
use App\Models\Menu\MenuItem;
use App\Models\Menu\MenuOffer;
use App\Models\Plan\EventDay;
use Core\Design\Design as CoreDesign;
use Core\Order\Circumstances;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;

/** The plans that faces are painted by: of a design, for each painter, for a whole team. */
final readonly class DesignPlans
{
    /** Days that opened longer ago, or open later, have no screen that somebody looks at. */
    private const HOURS_AT_HAND = 24;

    public function __construct(
        private PacesOfDesign $pacesOfDesign,
        private WritePlan $writePlan,
        private BenchOfPainter $benchOfPainter,
        private TellScreens $tell,
    ) {}

    /**
     * Gives a design the plan that faces seated from now on get, by the team's pace and bench whoever acts. Its rungs are those of before
     * until RankDesigns was asked for others. Runs inside the caller's transaction.
     */
    public function plan(PainterBench $bench, Design $design, CoreDesign $content): void
    {
        // A plan does not belong to whoever touched it last.
        $bench = $bench->painterId === null ? $bench : $this->benchOfPainter->ofTeam($design->team_id);
        $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, null)));
        // Nobody can be seated with a design without steps.
        $design->plan_id = $content->steps === [] ? null : ($this->writePlan)($design->id, $content, $circumstances)->id;
        $design->is_ranked = false;
        $design->save();
        self::forPainters($design);
    }

    /** What each painter makes of plans that are gone holds no more. */
    public static function forPainters(Design $design): void
    {
        PainterPlan::query()->where('design_id', $design->id)->delete();
        PlanDesignForPainters::dispatch($design->team_id, $design->id);
    }

    /** Times a team's plans of a design by each painter's own hands and pace, for whoever seats a child with it. */
    public function planForPainters(Design $design): void
    {
        $plans = self::plansOfTeam($design);
        $rows = [];
        foreach (User::ofTeam($design->team_id)->whereNot('role', Role::Helper)->orderBy('id')->get() as $painter) {
            $bench = ($this->benchOfPainter)($painter);
            $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $painter->id)));
            foreach ($plans as $rung => $plan) {
                $rows[] = $this->row(design: $design, painter: $painter, rung: $rung, plan: $plan, circumstances: $circumstances);
            }
        }
        DB::transaction(function () use ($design, $rows): void {
            PainterPlan::query()->where('design_id', $design->id)->delete();
            PainterPlan::query()->insert(array_values(array_filter($rows, is_array(...))));
        });
    }

    /** @return array<string, FacePlan> by rung; empty for as typed */
    private static function plansOfTeam(Design $design): array
    {
        /** @var array<string, string> $rungs */
        $rungs = DesignRung::query()->where('design_id', $design->id)->toBase()->pluck('plan_id', 'name')->all();
        $ids = [...($design->plan_id === null ? [] : ['' => $design->plan_id]), ...$rungs];
        $plans = FacePlan::query()->whereIn('id', $ids)->get()->keyBy('id')->all();

        return array_map(static fn (string $id): FacePlan => $plans[$id], $ids);
    }

    /** @return array<string, string|int>|null null where it is the team's own plan */
    private function row(Design $design, User $painter, string $rung, FacePlan $plan, Circumstances $circumstances): ?array
    {
        $own = ($this->writePlan)($design->id, $plan->toDesign(), $circumstances);

        return $own->id === $plan->id ? null : [
            'design_id' => $design->id,
            'painter_id' => $painter->id,
            'rung' => $rung,
            'plan_id' => $own->id,
            'total_ms' => $own->total_ms,
        ];
    }

    /**
     * Times all of a team's designs anew after a painter's ways or the air changed, one after the other, so that nobody who edits one
     * waits for all; and tells the screens of the days at hand.
     */
    public function planTeam(string $teamId): void
    {
        $bench = $this->benchOfPainter->ofTeam($teamId);
        /** @var list<string> $ids */
        $ids = Design::ofTeam($teamId)->orderBy('id')->pluck('id')->all();
        foreach ($ids as $id) {
            DB::transaction(function () use ($bench, $teamId, $id): void {
                $design = Design::ofTeam($teamId)->with('steps')->lockForUpdate()->find($id);
                $design === null ? null : $this->plan($bench, $design, $design->toCore());
            });
        }
        $this->rank($teamId, $ids);
        $days = EventDay::ofTeam($teamId)
            ->where('opens_ms', '>=', now()->subHours(self::HOURS_AT_HAND)->getTimestampMs())
            ->where('opens_ms', '<=', now()->addHours(self::HOURS_AT_HAND)->getTimestampMs())
            ->get();
        foreach ($days as $day) {
            ($this->tell)($day, isTapped: false);
        }
    }

    /**
     * Has the shorter versions of designs worked out by the queue, where they stand on a menu and that was not done yet.
     *
     * @param  list<string>  $designIds
     */
    public function rank(string $teamId, array $designIds): void
    {
        /** @var list<string> $open */
        $open = Design::ofTeam($teamId)->whereIn('id', $designIds)->whereNotNull('plan_id')->where('is_ranked', false)
            ->whereIn('id', [
                ...MenuItem::query()->whereIn('design_id', $designIds)->distinct()->pluck('design_id')->all(),
                ...MenuOffer::query()->whereIn('design_id', $designIds)->distinct()->pluck('design_id')->all(),
            ])
            ->orderBy('id')->pluck('id')->all();
        if ($open !== []) {
            RankDesignsOfTeam::dispatch($teamId, $open);
        }
    }
}
