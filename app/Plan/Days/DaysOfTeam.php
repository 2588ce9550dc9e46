<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Database\Page;
use App\Models\Plan\EventDay;

/** A team's event days, newest first. */
final readonly class DaysOfTeam
{
    /** Of those to come, as many as a chair can be set up for. */
    private const NEXT = 20;

    /** @return list<DayFacts> */
    public function __invoke(string $teamId, Page $page): array
    {
        return array_values($page->of(EventDay::ofTeam($teamId), 'opens_ms', 'desc')->map(DayFacts::of(...))->all());
    }

    /**
     * Those about now: the next ones to come, and a page of those that have begun.
     *
     * @return list<DayFacts>
     */
    public function near(string $teamId): array
    {
        $now = now()->getTimestampMs();
        $next = EventDay::ofTeam($teamId)->where('opens_ms', '>', $now)->orderBy('opens_ms')->limit(self::NEXT)->get()->reverse();
        $begun = (new Page)->of(EventDay::ofTeam($teamId)->where('opens_ms', '<=', $now), 'opens_ms', 'desc');

        return array_map(DayFacts::of(...), [...$next->all(), ...$begun->all()]);
    }
}
