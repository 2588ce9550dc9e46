<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Account\Ways\BenchOfPainter;
use App\Account\Ways\PainterBench;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use App\Models\Bench\PainterPlan;
use Core\Design\Design as CoreDesign;

/**
 * Gives a design the plan that faces seated from now on get, by the team's pace and bench whoever acts. Its rungs are those of before
 * until RankDesigns was asked for others. Runs inside the caller's transaction.
 */
final readonly class PlanDesign
{
    public function __construct(
        private PacesOfDesign $pacesOfDesign,
        private WritePlan $writePlan,
        private BenchOfPainter $benchOfPainter,
    ) {}

    public function __invoke(PainterBench $bench, Design $design, CoreDesign $content): void
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
}
