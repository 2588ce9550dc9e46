<?php

declare(strict_types=1);

namespace App\Practice\Training;

use Core\Design\Placement;
use Core\Design\Step;
use Core\Plan\WeakStroke;
use Core\Units\Duration;

/** The practice of one thing. */
final readonly class TrainingRead
{
    /**
     * @param  list<Step>  $steps  to be painted, the last the one that is practised
     * @param  list<string>  $practised  ids of the steps that are practised
     * @param  list<SideRead>  $sides  one, or left and right
     * @param  int|null  $lastMs  when it was last painted
     * @param  Duration  $target  aimed at
     * @param  list<WeakStroke>  $strokes  of the design, the weakest first; none for a drill
     */
    public function __construct(
        public string $title,
        public Placement $placement,
        public array $steps,
        public array $practised,
        public array $sides,
        public ?int $lastMs,
        public Duration $target,
        public array $strokes,
    ) {}
}
