<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Account\Ways\PainterBench;
use App\Bench\Advice\TableThing;
use App\Bench\Designs\TapeSpan;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use App\Plan\FacePlans\PlanStep;
use App\Plan\FacePlans\StepInPlan;
use Core\Design\RungChoice;
use Core\Design\Step;
use Core\Ladder\Drop;
use Core\Ladder\Weighed;
use Core\Order\PaintedSequence;
use Core\Workspace\LayOut;

/** One version of a design as the bench shows it. */
final readonly class RungOnBench
{
    public function __construct(private PacesOfDesign $pacesOfDesign, private LadderOfDesign $ladderOfDesign) {}

    /** @return RungSheet|null null when a step lacks what it needs, or no order keeps all rules */
    public function __invoke(PainterBench $bench, Design $design, RungChoice $choice): ?RungSheet
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
            rung: $this->ladderOfDesign->shown($rung, [], $circumstances, $this->pacesOfDesign->ofFaces($design->id, $bench->painterId)),
            steps: array_map(PlanStep::of(...), StepInPlan::ofCourse($course)),
            spans: TapeSpan::ofTimeline($course->timeline),
            layOut: array_map(TableThing::of(...), LayOut::of($rung->design, $bench->kit)),
            next: array_map(static fn (Drop $drop): DropShown => DropShown::of($drop, $whole), $weighed->next),
        );
    }
}
