<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\Plan\PlanTerms;

/** An event day's plan, and what it rests on. */
final readonly class EventPlanRead
{
    /** @param  list<OfferedTimes>  $menu */
    public function __construct(
        public DayFacts $day,
        public PlanTerms $terms,
        public bool $isAssumed,
        public DayRoster $roster,
        public array $menu,
    ) {}
}
