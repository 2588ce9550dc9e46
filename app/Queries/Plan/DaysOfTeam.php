<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Http\Resources\Plan\DaySummary;
use App\Models\EventDay;

/** A team's event days, newest first. */
final readonly class DaysOfTeam
{
    /** @return list<DaySummary> */
    public function __invoke(string $teamId): array
    {
        $days = EventDay::query()->where('team_id', $teamId)->orderByDesc('opens_ms')->get();

        return array_values($days->map(fn (EventDay $day): DaySummary => $this->summary($day))->all());
    }

    public function summary(EventDay $day): DaySummary
    {
        return new DaySummary(
            $day->id,
            $day->name,
            $day->place,
            $day->timezone,
            $day->opens_ms,
            $day->closes_ms,
            $day->chairs,
            $day->turnaround_ms,
        );
    }
}
