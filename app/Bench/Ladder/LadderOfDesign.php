<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Account\Ways\PainterBench;
use App\Bench\Advice\StepOnBench;
use App\Bench\Advice\TableThing;
use App\Bench\Designs\TapeSpan;
use App\Bench\TypedSteps\StepLine;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use App\Plan\FacePlans\PlanStep;
use App\Plan\FacePlans\StepInPlan;
use Core\Design\Fitting;
use Core\Design\Person;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Design\Step;
use Core\Ladder\Choices;
use Core\Ladder\Drop;
use Core\Ladder\Ladder;
use Core\Ladder\Rung;
use Core\Ladder\TooManyChoices;
use Core\Ladder\Weighed;
use Core\Order\Circumstances;
use Core\Order\PaintedSequence;
use Core\Order\Search\Watch;
use Core\Pace\Pace;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Timeline\WorkContent;
use Core\Workspace\LayOut;

/** All versions of a design worth painting, as the bench shows them. */
final readonly class LadderOfDesign
{
    public function __construct(private PacesOfDesign $pacesOfDesign, private StepOnBench $stepOnBench) {}

    /** @param  Watch  $watch  may end the search */
    public function __invoke(PainterBench $bench, Design $design, Watch $watch): LadderSheet
    {
        $content = $design->toCore();
        $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId)));
        try {
            $ladder = Ladder::of($content, $circumstances, null, $watch);
        } catch (TooManyChoices $refusal) {
            return new LadderSheet([], false, 0, $refusal->getMessage());
        }
        $named = $ladder->named();
        $faces = $this->pacesOfDesign->ofFaces($design->id, $bench->painterId);

        return new LadderSheet(
            array_map(
                fn (Rung $rung): RungShown => $this->shown($rung, $named, $circumstances, $faces),
                self::withNamed($ladder->rungs, $named),
            ),
            $ladder->isProven,
            (new Choices($content))->count(),
            $ladder->rungs === [] ? 'No order of these steps keeps all rules: see what clashes under “Best order”.' : null,
        );
    }

    /**
     * @param  array<string, Rung>  $named
     * @param  array<string, Pace>  $faces  by version
     */
    public function shown(Rung $rung, array $named, Circumstances $circumstances, array $faces): RungShown
    {
        $names = array_keys(array_filter($named, static fn (Rung $one): bool => $one->version->picks === $rung->version->picks));
        $timeline = Timeline::of($rung->design->steps, $circumstances->changeovers, $circumstances->times);

        return RungShown::of($rung, array_map(RungName::from(...), $names), $this->pacesOfDesign->among($faces, $rung->design, $timeline));
    }

    /**
     * A version that the painter has given a name stands on the ladder even where others beat it.
     *
     * @param  list<Rung>  $rungs
     * @param  array<string, Rung>  $named
     * @return list<Rung>
     */
    private static function withNamed(array $rungs, array $named): array
    {
        $all = [];
        foreach ([...$rungs, ...array_values($named)] as $rung) {
            $all[implode(' ', $rung->version->picks)] = $rung;
        }
        usort(
            $all,
            static fn (Rung $one, Rung $other): int => [$one->time->milliseconds, $one->version->look] <=> [
                $other->time->milliseconds,
                $other->version->look,
            ],
        );

        return $all;
    }

    /**
     * One version of a design as the bench shows it.
     *
     * @return RungSheet|null null when a step lacks what it needs, or no order keeps all rules
     */
    public function rung(PainterBench $bench, Design $design, RungChoice $choice): ?RungSheet
    {
        $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId)));
        $weighed = Weighed::of($design->toCore(), $circumstances, $choice);
        if ($weighed === null) {
            return null;
        }
        $rung = $weighed->rung;

        $course = PaintedSequence::of($rung->design, $circumstances);
        $whole = $rung->version->look / max(0.0001, $rung->version->share());

        return new RungSheet(
            rung: $this->shown($rung, [], $circumstances, $this->pacesOfDesign->ofFaces($design->id, $bench->painterId)),
            steps: array_map(PlanStep::of(...), StepInPlan::ofCourse($course)),
            spans: TapeSpan::ofTimeline($course->timeline),
            layOut: array_map(TableThing::of(...), LayOut::of($rung->design, $bench->kit)),
            next: array_map(static fn (Drop $drop): DropShown => DropShown::of($drop, $whole), $weighed->next),
        );
    }

    /** A design as it is painted on one person. */
    public function fitted(PainterBench $bench, Design $design, Person $person): FittedDesign
    {
        $content = $design->toCore();
        $fitting = Fitting::of($content, $person);
        $times = new StepTimes(WorkContent::starting(), $person, ($this->pacesOfDesign)($design->id, $bench->painterId));
        $timeline = Timeline::of($fitting->steps, $bench->changeovers, $times);

        return new FittedDesign(
            size: $person->size,
            changes: $fitting->changes,
            steps: array_map(
                fn (Step $step): StepLine => StepLine::of(($this->stepOnBench)($bench, $step, $times)),
                $fitting->steps,
            ),
            spans: TapeSpan::ofTimeline($timeline),
            totalMs: $timeline->makespan()->milliseconds,
        );
    }
}
