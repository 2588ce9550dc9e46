<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\StepLog;
use Core\Design\StepTime;
use Core\Design\TimeSource;
use Core\Units\Duration;

/** How long the steps of a design really took, as far as the logbook knows. */
final readonly class LoggedTimes
{
    /** @return array<string, StepTime> by the way of the step */
    public function __invoke(string $designId): array
    {
        $times = [];
        foreach (StepLog::query()->where('design_id', $designId)->get() as $log) {
            $times[$log->way] = new StepTime(Duration::ofMilliseconds($log->middle_ms), TimeSource::Logged, $log->faces);
        }

        return $times;
    }
}
