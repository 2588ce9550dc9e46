<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Bench\TypedSteps\StepRead;
use App\Logbook\Pace\VersionPace;
use Core\Design\Design;
use Core\Timeline\RunOver;
use Core\Timeline\Timeline;
use Core\Workspace\BrushSaving;
use Core\Workspace\Lack;
use Core\Workspace\LaidThing;

/** A design on a painter's bench, with all that is known of it. */
final readonly class BenchRead
{
    /**
     * @param  int  $revision  how often it was saved
     * @param  list<StepRead>  $steps  in painting order
     * @param  list<LaidThing>  $layOut  in the order things are taken up
     * @param  list<Lack>  $missing
     * @param  list<BrushSaving>  $brushes  worth keeping, the one that saves most first
     * @param  bool  $areHandsTimed  by a drill
     * @param  VersionPace|null  $pace  of the whole face; null while nothing is logged
     * @param  RunOver|null  $runsOver  the step that takes most longer than planned
     */
    public function __construct(
        public string $id,
        public int $revision,
        public Design $content,
        public array $steps,
        public Timeline $timeline,
        public array $layOut,
        public array $missing,
        public array $brushes,
        public bool $areHandsTimed,
        public CraftRead $craft,
        public ?VersionPace $pace,
        public ?RunOver $runsOver,
    ) {}
}
