<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use Core\Design\Design;
use Core\Order\Course;

/** The worked starting points, with their pictures and what they take on this painter's bench. */
final readonly class StartingPoints
{
    public function __construct(private WorkedDesigns $workedDesigns) {}

    /** @return list<Course> */
    public function __invoke(PainterBench $bench): array
    {
        $circumstances = $bench->circumstances($bench->stepTimes);

        return array_map(static fn (Design $design): Course => Course::of($design, $circumstances), array_values(($this->workedDesigns)()));
    }
}
