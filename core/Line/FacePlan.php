<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Design\Design;
use Core\Design\Step;
use Core\Timeline\Timeline;
use Core\Units\Duration;

/** What a child was seated for: a design's steps and times as they stood then. Later edits do not reach it. */
final readonly class FacePlan
{
    /** @param  list<PlannedStep>  $steps in painting order */
    public function __construct(public string $id, public string $design, public array $steps) {}

    public static function of(string $id, Design $design, Timeline $timeline): self
    {
        $times = $timeline->tapToTap();
        $steps = array_map(
            static fn (Step $step): PlannedStep => new PlannedStep($step->id, $step->name, $times[$step->id], $id),
            $design->steps,
        );

        return new self($id, $design->name, $steps);
    }

    public function total(): Duration
    {
        return array_reduce(
            $this->steps,
            static fn (Duration $sum, PlannedStep $step): Duration => $sum->plus($step->planned),
            Duration::zero(),
        );
    }
}
