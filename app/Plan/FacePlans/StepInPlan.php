<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Models\Bench\FacePlan;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Order\PaintedSequence;
use Core\Units\Duration;

/** A step as it is planned: how long from tap to tap, and which colours are seen. */
final readonly class StepInPlan
{
    /**
     * @param  list<string>  $seen  #rrggbb, by colour; empty where that is not known
     * @param  list<FilmBelow>  $films  that it waits for, or may not wait too long for
     */
    public function __construct(public Step $step, public Duration $planned, public array $seen, public array $films = []) {}

    /** @return list<self> none where there is no plan yet */
    public static function ofPlan(?FacePlan $plan): array
    {
        return array_map(
            static fn (array $planned): self => new self(
                StepValues::read($planned['id'], $planned),
                Duration::ofMilliseconds($planned['plannedMs']),
                $planned['seen'] ?? [],
                array_map(FilmBelow::read(...), $planned['films'] ?? []),
            ),
            $plan->content['steps'] ?? [],
        );
    }

    /** @return list<self> */
    public static function ofCourse(PaintedSequence $course): array
    {
        $planned = $course->timeline->tapToTap();
        $steps = $course->preparation->design->steps;

        return array_map(
            static fn (Step $step, int $at): self => new self($step, $planned[$step->id], $course->seen($at), FilmBelow::all($course, $at)),
            $steps,
            array_keys($steps),
        );
    }
}
