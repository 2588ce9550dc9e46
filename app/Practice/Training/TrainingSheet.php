<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Http\Resources\Resource;
use App\Plan\FacePlans\PlanStep;
use Core\Design\Place\Placement;

/** What is practised: the picture to paint on the board, and how it goes. */
final readonly class TrainingSheet extends Resource
{
    /**
     * @param  list<PlanStep>  $steps  to be painted, the last the one that is practised
     * @param  list<string>  $practised  ids of the steps that are practised
     * @param  list<TrainedSide>  $sides  one, or left and right
     * @param  int|null  $lastMs  when it was last painted, on the board or on a face
     * @param  int  $targetMs  aimed at
     * @param  list<StrokeShown>  $strokes  of the design, the weakest first; none for a drill
     */
    public function __construct(
        public string $title,
        public Placement $placement,
        public array $steps,
        public array $practised,
        public array $sides,
        public ?int $lastMs,
        public int $targetMs,
        public array $strokes,
    ) {}
}
