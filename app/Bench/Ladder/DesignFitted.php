<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Account\Ways\PainterBench;
use App\Bench\Advice\StepOnBench;
use App\Bench\Designs\TapeSpan;
use App\Bench\TypedSteps\StepLine;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use Core\Design\Fitting;
use Core\Design\Person;
use Core\Design\Step;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Timeline\WorkContent;

/** A design as it is painted on one person. */
final readonly class DesignFitted
{
    public function __construct(private StepOnBench $stepOnBench, private PacesOfDesign $pacesOfDesign) {}

    public function __invoke(PainterBench $bench, Design $design, Person $person): FittedDesign
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
