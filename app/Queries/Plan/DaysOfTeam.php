<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\EventDay;
use App\Queries\Page;

/** A team's event days, newest first. */
final readonly class DaysOfTeam
{
    /** @return list<DayFacts> */
    public function __invoke(string $teamId, Page $page): array
    {
        return array_values($page->of(EventDay::ofTeam($teamId), 'opens_ms', 'desc')->map(DayFacts::of(...))->all());
    }
}
