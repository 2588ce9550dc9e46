<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Bench\WatchSearch;
use App\Jobs\PlanDesignForPainters;
use App\Models\Design;
use App\Models\DesignRung;
use App\Models\MenuItem;
use App\Models\PainterPlan;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Account\PainterBench;
use App\Queries\Logbook\PacesOfDesign;
use Core\Design\Design as CoreDesign;
use Core\Ladder\Ladder;
use Core\Ladder\Rung;
use Core\Ladder\TooManyChoices;
use Core\Order\Circumstances;

/**
 * Gives a design the plan that faces seated from now on get, by the team's pace and bench whoever acts, and where it stands on a
 * menu the plans of its named rungs, which the chair falls back to. Runs inside the caller's transaction.
 */
final readonly class PlanDesign
{
    /** A save must not wait for the ladder of a design that has a hundred versions. */
    private const SECONDS = 1.5;

    public function __construct(
        private PacesOfDesign $pacesOfDesign,
        private WritePlan $writePlan,
        private BenchOfPainter $benchOfPainter,
    ) {}

    public function __invoke(PainterBench $bench, Design $design, CoreDesign $content): void
    {
        $circumstances = $this->circumstances($bench, $design);
        // Nobody can be seated with a design without steps.
        $design->plan_id = $content->steps === [] ? null : ($this->writePlan)($design->id, $content, $circumstances)->id;
        $design->save();
        if (MenuItem::query()->where('design_id', $design->id)->exists()) {
            $this->writeRungs($design, $content, $circumstances);
        }
        self::forPainters($design);
    }

    /** The plans of its named rungs, for a design that is to stand on a menu; nothing where it is gone, or has no steps. */
    public function rungs(PainterBench $bench, string $teamId, string $designId): void
    {
        $design = Design::ofTeam($teamId)->with('steps')->whereNotNull('plan_id')->lockForUpdate()->find($designId);
        if ($design === null) {
            return;
        }
        $this->writeRungs($design, $design->toCore(), $this->circumstances($bench, $design));
        self::forPainters($design);
    }

    /** What each painter makes of plans that are gone holds no more. */
    private static function forPainters(Design $design): void
    {
        PainterPlan::query()->where('design_id', $design->id)->delete();
        PlanDesignForPainters::dispatch($design->team_id, $design->id);
    }

    private function circumstances(PainterBench $bench, Design $design): Circumstances
    {
        // A plan does not belong to whoever touched it last.
        $bench = $bench->painterId === null ? $bench : $this->benchOfPainter->ofTeam($design->team_id);

        return $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, null)));
    }

    private function writeRungs(Design $design, CoreDesign $content, Circumstances $circumstances): void
    {
        try {
            $named = Ladder::of($content, $circumstances, null, WatchSearch::silent(self::SECONDS))->named();
        } catch (TooManyChoices) {
            $named = [];
        }
        DesignRung::query()->where('design_id', $design->id)->delete();
        DesignRung::query()->insert(array_map(fn (string $name, Rung $rung): array => [
            'design_id' => $design->id,
            'name' => $name,
            'plan_id' => ($plan = ($this->writePlan)($design->id, $rung->design, $circumstances))->id,
            'total_ms' => $plan->total_ms,
            'share' => $rung->version->share(),
            'changes' => json_encode($rung->version->changes(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ], array_keys($named), $named));
    }
}
