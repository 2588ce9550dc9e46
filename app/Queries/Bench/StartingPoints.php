<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\StartingPoint;
use App\Http\Resources\Plan\PlanStep;
use App\Queries\Account\PainterBench;
use Core\Design\Design;
use Core\Design\Step;
use Core\Order\Course;

/** The worked starting points, with their pictures and what they take on this painter's bench. */
final readonly class StartingPoints
{
    public function __construct(private WorkedDesigns $workedDesigns) {}

    /** @return list<StartingPoint> */
    public function __invoke(PainterBench $bench): array
    {
        return array_map(static fn (Design $design): StartingPoint => self::point($bench, $design), array_values(($this->workedDesigns)()));
    }

    private static function point(PainterBench $bench, Design $design): StartingPoint
    {
        $course = Course::of($design, $bench->circumstances($bench->stepTimes));
        $timeline = $course->timeline;
        $planned = $timeline->tapToTap();

        return new StartingPoint(
            $design->name,
            $design->placement,
            $timeline->makespan()->milliseconds,
            array_map(
                static fn (Step $step, int $at): PlanStep => new PlanStep($step, $planned[$step->id]->milliseconds, $course->seen($at)),
                $design->steps,
                array_keys($design->steps),
            ),
        );
    }
}
