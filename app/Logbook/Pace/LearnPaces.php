<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Account\Ways\BenchOfPainter;
use App\Models\Bench\Design;
use App\Models\Logbook\Face;
use App\Models\Logbook\PaceFit;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\DesignPlans;
use Core\Design\StepValues;
use Core\Ladder\Option;
use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Pace\TeamPaces;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\HandTimes;
use Core\Timeline\StepTimes;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/**
 * Learns how long the steps and versions of designs really take: each painter's own pace, and the team's, from which a new
 * painter starts.
 *
 * @phpstan-import-type Runs from RunsOfDesign
 */
final readonly class LearnPaces
{
    public function __construct(
        private BenchOfPainter $benchOfPainter,
        private RunsOfDesign $runsOfDesign,
        private DesignPlans $designPlans,
        private LearnDrying $learnDrying,
    ) {}

    /**
     * From a day whose line is closed; the designs painted on it are timed anew with it, one after the other, so that nobody
     * who edits one waits for all.
     *
     * @param  (callable(int, int): mixed)|null  $progress  told how many of how many designs are done
     */
    public function __invoke(EventDay $day, ?callable $progress = null): void
    {
        /** @var list<string> $ids */
        $ids = Face::ofTeam($day->team_id)->where('event_day_id', $day->id)->distinct()->orderBy('design_id')->pluck('design_id')->all();
        ($this->learnDrying)($day, Design::ofTeam($day->team_id)->with('steps')->whereIn('id', $ids)->lazy());
        $bench = $this->benchOfPainter->ofTeam($day->team_id);
        foreach ($ids as $at => $id) {
            $progress === null ? null : $progress($at, count($ids));
            DB::transaction(function () use ($bench, $day, $id): void {
                $design = Design::ofTeam($day->team_id)->with(['steps', 'plan'])->lockForUpdate()->find($id);
                if ($design !== null) {
                    $this->ofDesign($design);
                    $this->designPlans->plan($bench, $design, $design->toCore());
                }
            });
        }
        $this->designPlans->rank($day->team_id, $ids);
    }

    /** Runs inside the caller's transaction. */
    public function ofDesign(Design $design): void
    {
        $runs = ($this->runsOfDesign)($design);
        $rows = [];
        foreach (self::plannedSteps($design) as $way => $planned) {
            $rows = [
                ...$rows,
                ...self::rows(design: $design, kind: PaceFit::STEP, way: $way, planned: $planned, byPainter: $runs['steps'][$way] ?? []),
            ];
        }
        foreach ($runs['faces'] as $version => $byPainter) {
            $rows = [
                ...$rows,
                ...self::rows(
                    design: $design,
                    kind: PaceFit::FACE,
                    way: $version,
                    planned: $runs['planned'][$version],
                    byPainter: $byPainter,
                ),
            ];
        }
        PaceFit::query()->where('design_id', $design->id)->delete();
        PaceFit::query()->insert($rows);
    }

    /** @return array<string, Duration> by way: of the steps as they stand, and of the other ways to paint them */
    private static function plannedSteps(Design $design): array
    {
        $planned = [];
        $times = StepTimes::starting();
        $before = null;
        foreach ($design->toCore()->steps as $step) {
            foreach (Option::of($step) as $option) {
                if ($option->step !== null) {
                    $planned[StepValues::way($option->step)] = HandTimes::onSkin(
                        $before,
                        $option->step,
                        ChangeoverMatrix::starting(),
                        $times,
                    );
                }
            }
            $before = $step;
        }

        return $planned;
    }

    /**
     * @param  array<string, list<Run>>  $byPainter
     * @return list<array{design_id: string, user_id: string|null, kind: string, way: string, planned_ms: int, fit: string}>
     */
    private static function rows(Design $design, string $kind, string $way, Duration $planned, array $byPainter): array
    {
        $row = static fn (?string $painter, Pace $pace): array => [
            'design_id' => $design->id,
            'user_id' => $painter,
            'kind' => $kind,
            'way' => $way,
            'planned_ms' => $planned->milliseconds,
            'fit' => json_encode($pace->values(), JSON_THROW_ON_ERROR),
        ];
        if ($byPainter === []) {
            return [];
        }
        $paces = TeamPaces::of($planned, $byPainter);
        $rows = [$row(null, $paces->team)];
        foreach (array_diff_key($paces->own, [RunsOfDesign::UNKNOWN => true]) as $painter => $pace) {
            $rows[] = $row((string) $painter, $pace);
        }

        return $rows;
    }
}
