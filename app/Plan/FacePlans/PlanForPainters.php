<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Account\Ways\BenchOfPainter;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use App\Models\Bench\FacePlan;
use App\Models\Bench\PainterPlan;
use Core\Order\Circumstances;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;

/** Times a team's plans of a design by each painter's own hands and pace, for whoever seats a child with it. */
final readonly class PlanForPainters
{
    public function __construct(
        private BenchOfPainter $benchOfPainter,
        private PacesOfDesign $pacesOfDesign,
        private WritePlan $writePlan,
    ) {}

    public function __invoke(Design $design): void
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
}
