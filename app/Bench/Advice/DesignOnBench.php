<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Account\Ways\PainterBench;
use App\Bench\TypedSteps\StepRead;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use Core\Design\Step;
use Core\Timeline\HandTimes;
use Core\Timeline\RunOver;
use Core\Timeline\Timeline;
use Core\Workspace\BrushSaving;
use Core\Workspace\LayOut;
use Core\Workspace\Substitutes;

/** A design with its timeline and what it needs, as the bench edits it. */
final readonly class DesignOnBench
{
    public function __construct(
        private StepOnBench $stepOnBench,
        private PacesOfDesign $pacesOfDesign,
        private CraftOfDesign $craft,
    ) {}

    public function __invoke(PainterBench $bench, Design $design): BenchRead
    {
        $content = $design->toCore();
        $times = $bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId));
        $timeline = Timeline::of($content->steps, $bench->changeovers, $times);
        $craft = ($this->craft)($bench, $content, $times);
        $seen = $craft->seen();

        return new BenchRead(
            id: $design->id,
            revision: $design->revision,
            content: $content,
            steps: array_map(
                fn (Step $step): StepRead => ($this->stepOnBench)($bench, $step, $times, $seen[$step->id] ?? []),
                $content->steps,
            ),
            timeline: $timeline,
            layOut: LayOut::of($content, $bench->kit),
            missing: (new Substitutes($bench->kit, $times))->for($content->steps),
            brushes: BrushSaving::of($content, $bench->kit, $bench->benchTimes, $times),
            areHandsTimed: $bench->benchTimes->hasOwn(),
            craft: $craft,
            pace: $this->pacesOfDesign->ofVersion($design->id, $bench->painterId, $content, $timeline),
            runsOver: RunOver::worst($content->steps, HandTimes::of($content->steps, $bench->changeovers, $times)),
        );
    }
}
