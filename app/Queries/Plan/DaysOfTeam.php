<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Http\Resources\Plan\DaySummary;
use App\Models\EventDay;
use App\Queries\Page;

/** A team's event days, newest first. */
final readonly class DaysOfTeam
{
    /** @return list<DaySummary> newest first */
    public function __invoke(string $teamId, Page $page): array
    {
        $days = $page->of(EventDay::ofTeam($teamId), 'opens_ms', 'desc');

        return array_values($days->map(fn (EventDay $day): DaySummary => $this->summary($day))->all());
    }

    public function summary(EventDay $day): DaySummary
    {
        return new DaySummary(
            id: $day->id,
            name: $day->name,
            place: $day->place,
            timezone: $day->timezone,
            opensAt: $day->opens_ms,
            closesAt: $day->closes_ms,
            chairs: $day->chairs,
            turnaroundMs: $day->turnaround_ms,
        );
    }
}
