<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use Core\Plan\Simulation\Scenario;
use Core\Units\Instant;

/** An event as it is planned, ready to be played. */
final readonly class EventOutline
{
    /**
     * @param  Scenario  $scenario  with the levers pulled
     * @param  list<OfferedTimes>  $menu  of the day; a lever may have taken one of them off the scenario's
     * @param  array<string, string>  $names  by artist's id in the scenario
     * @param  list<string>  $assumed  artists whose own pace is not known
     * @param  Instant  $opens  earlier than planned where that lever is pulled
     */
    public function __construct(
        public PlanTerms $terms,
        public Scenario $scenario,
        public array $menu,
        public array $names,
        public array $assumed,
        public Instant $opens,
    ) {}

    public function nameOf(string $artist): string
    {
        return $this->names[$artist] ?? ($artist === '' ? 'One more artist' : ucfirst($artist));
    }
}
