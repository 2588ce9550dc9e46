<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Logbook\Pace\RunsOfDesign;
use App\Models\Account\User;
use App\Models\Practice\PracticeRun;
use Core\Design\Place\Side;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Timeline\StepTimes;
use Core\Units\Duration;

/** A painter's repetitions of one thing, on the board and on faces, with the pace they make. */
final readonly class RunsOfPractice
{
    public function __construct(private RunsOfDesign $runsOfDesign) {}

    /** @return array{list<Run>, Duration} the oldest first, and what was planned */
    public function __invoke(User $painter, PracticeTarget $target): array
    {
        return $target->drill === null ? $this->ofDesign($painter, $target) : $this->ofDrill($painter, $target);
    }

    public static function pace(Duration $planned, Run ...$runs): Pace
    {
        return Pace::of($planned, array_values($runs));
    }

    /** @return array{list<Run>, Duration} */
    private function ofDrill(User $painter, PracticeTarget $target): array
    {
        $side = $target->side ?? Side::Right;
        $rows = PracticeRun::query()->where('user_id', $painter->id)->where('drill', $target->drill)->where('side', $side)
            ->orderBy('at_ms')->get();
        $runs = array_values($rows->map(static fn (PracticeRun $run, int $at): Run => new Run(
            $run->spent_ms,
            $at + 1,
            true,
            $run->interrupted,
        ))->all());

        return [$runs, $target->drill === null ? Duration::zero() : StepTimes::starting()->planned($target->drill->step($side))->duration];
    }

    /** @return array{list<Run>, Duration} */
    private function ofDesign(User $painter, PracticeTarget $target): array
    {
        $design = $target->design;
        assert($design !== null);
        $step = self::step($target);
        $all = ($this->runsOfDesign)($design);
        if ($step !== null) {
            return [$all['steps'][StepValues::way($step)][$painter->id] ?? [], StepTimes::starting()->planned($step)->duration];
        }
        $version = StepValues::version(array_map(StepValues::way(...), $design->toCore()->steps));

        return [$all['faces'][$version][$painter->id] ?? [], Duration::ofMilliseconds($design->plan->total_ms ?? 0)];
    }

    /** The step as it is practised: on one side where that is wished. */
    public static function step(PracticeTarget $target): ?Step
    {
        foreach ($target->design?->toCore()->steps ?? [] as $step) {
            if ($step->id === $target->stepId) {
                return $target->side === null || $step->side !== Side::Both ? $step : $step->withSide($target->side);
            }
        }

        return null;
    }
}
