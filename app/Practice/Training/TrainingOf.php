<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Logbook\Pace\PacesOfDesign;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Practice\PracticeRun;
use App\Plan\FacePlans\PlanStep;
use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Pace\Run;
use Core\Plan\StrokesToPractise;
use Core\Plan\WeakStroke;
use Core\Timeline\StepTimes;
use Core\Units\Duration;

/** What is on the practice board, and how it goes. */
final readonly class TrainingOf
{
    public function __construct(private RunsOfPractice $runsOfPractice, private PacesOfDesign $pacesOfDesign) {}

    /** @param  Duration|null  $aim  null for the promise of a design, or what is planned */
    public function __invoke(User $painter, PracticeTarget $target, ?Duration $aim): TrainingSheet
    {
        $sides = array_map(
            fn (?Side $side): array => [
                $side,
                ...($this->runsOfPractice)($painter, new PracticeTarget($target->drill, $target->design, $target->stepId, $side)),
            ],
            self::sides($target),
        );
        $planned = $sides[0][2];
        $promise = $target->stepId === '' ? $target->design?->promise_ms : null;
        $aim ??= $promise === null ? $planned : Duration::ofMilliseconds($promise);
        [$steps, $practised] = self::onTheBoard($target);

        $times = StepTimes::starting();

        return new TrainingSheet(
            title: self::title($target),
            placement: $target->design->placement ?? $target->drill?->placement() ?? Placement::FullFace,
            steps: array_map(
                static fn (Step $step): PlanStep => new PlanStep($step, $times->planned($step)->duration->milliseconds, [], []),
                $steps,
            ),
            practised: $practised,
            sides: array_map(static fn (array $side): TrainedSide => self::side($side[0], $side[1], $side[2], $aim), $sides),
            lastMs: self::lastPractised($painter, $target),
            targetMs: $aim->milliseconds,
            strokes: array_map(StrokeShown::of(...), $this->strokes($painter, $target->design)),
        );
    }

    /** @return list<WeakStroke> */
    private function strokes(User $painter, ?Design $design): array
    {
        return $design === null ? [] : StrokesToPractise::of(
            $design->toCore()->steps,
            $this->pacesOfDesign->ofDesigns([$design->id], $painter->id)[$design->id]['stepPaces'],
            StepTimes::starting(),
        );
    }

    /** @return non-empty-list<Side|null> */
    private static function sides(PracticeTarget $target): array
    {
        $isPair = $target->drill !== null || ($target->side !== null && RunsOfPractice::step($target)?->side->isOneSided() === true);

        return $isPair ? [Side::Left, Side::Right] : [null];
    }

    /** @param  list<Run>  $runs */
    private static function side(?Side $side, array $runs, Duration $planned, Duration $aim): TrainedSide
    {
        $pace = RunsOfPractice::pace($planned, ...$runs);

        return TrainedSide::of(
            side: $side,
            runs: $runs,
            pace: $pace,
            planned: $planned,
            readyAfter: $pace->readyAfter($aim),
        );
    }

    /** @return array{list<Step>, list<string>} what the picture shows, and what of it is practised */
    private static function onTheBoard(PracticeTarget $target): array
    {
        if ($target->drill !== null) {
            return [[$target->drill->step(Side::Both)], [$target->drill->value]];
        }
        $steps = $target->design?->toCore()->steps ?? [];
        if ($target->stepId === '') {
            return [$steps, array_column($steps, 'id')];
        }
        $at = (int) array_search($target->stepId, array_column($steps, 'id'), true);

        return [array_slice($steps, 0, $at + 1), [$target->stepId]];
    }

    private static function title(PracticeTarget $target): string
    {
        if ($target->drill !== null) {
            return ucfirst($target->drill->label());
        }
        $step = RunsOfPractice::step($target);

        return $step === null ? $target->design->name ?? '' : "{$step->name}, {$target->design?->name}";
    }

    private static function lastPractised(User $painter, PracticeTarget $target): ?int
    {
        $step = RunsOfPractice::step($target);
        $last = PracticeRun::query()->where('user_id', $painter->id)->where('drill', $target->drill)->where(
            'design_id',
            $target->design?->id,
        )
            ->where('way', $step === null ? '' : StepValues::way($step))->max('at_ms');

        return is_numeric($last) ? (int) $last : null;
    }
}
