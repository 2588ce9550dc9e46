<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Account\Ways\PainterBench;
use App\Bench\Designs\DesignSheet;
use App\Bench\TypedSteps\StepLine;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use Core\Design\Design as CoreDesign;
use Core\Design\Step;
use Core\Order\Check;
use Core\Timeline\HandTimes;
use Core\Timeline\RunOver;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Workspace\BrushSaving;
use Core\Workspace\LayOut;
use Core\Workspace\Substitutes;

/** A design with its timeline and what it needs, as the bench edits it. */
final readonly class DesignOnBench
{
    public function __construct(private StepOnBench $stepOnBench, private PacesOfDesign $pacesOfDesign, private FixOnBench $fixOnBench) {}

    public function __invoke(PainterBench $bench, Design $design): DesignSheet
    {
        $content = $design->toCore();
        $times = $bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId));
        $timeline = Timeline::of($content->steps, $bench->changeovers, $times);
        $check = Check::of($content, $bench->circumstances($times));
        $seen = self::seen($check);

        return DesignSheet::of(
            id: $design->id,
            revision: $design->revision,
            content: $content,
            steps: array_map(
                fn (Step $step): StepLine => StepLine::of(($this->stepOnBench)($bench, $step, $times, $seen[$step->id] ?? [])),
                $content->steps,
            ),
            timeline: $timeline,
            layOut: LayOut::of($content, $bench->kit),
            missing: (new Substitutes($bench->kit, $times))->for($content->steps),
            brushes: BrushSaving::of($content, $bench->kit, $bench->benchTimes, $times),
            areHandsTimed: $bench->benchTimes->hasOwn(),
            craft: CraftShown::of($check, $this->fixes($bench, $content, $check, $times)),
            pace: $this->pacesOfDesign->ofVersion($design->id, $bench->painterId, $content, $timeline),
            runsOver: RunOver::worst($content->steps, HandTimes::of($content->steps, $bench->changeovers, $times)),
            photo: $design->photo?->toCore(),
        );
    }

    /** @return array<int, FixShown> by place of the finding, where it has one */
    private function fixes(PainterBench $bench, CoreDesign $design, Check $check, StepTimes $times): array
    {
        $fixes = [];
        foreach ($check->findings as $at => $finding) {
            if ($finding->fix !== null) {
                $fixes[$at] = ($this->fixOnBench)($bench, $design, $finding->fix, $times);
            }
        }

        return $fixes;
    }

    /** @return array<string, list<string>> #rrggbb of each colour as it comes out, by step */
    private static function seen(Check $check): array
    {
        $seen = [];
        foreach ($check->course->sightings as $at => $sightings) {
            foreach ($sightings as $sighting) {
                $seen[$check->course->step($at)->id][] = $sighting->seen()->hex();
            }
        }

        return $seen;
    }
}
