<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Plan\Days\DayFacts;
use App\Plan\Days\DayRoster;
use App\Plan\Earlier\ForecastMet;
use App\Plan\Earlier\TurnaroundRead;
use Core\Plan\Logged\LastLines;

/** An event day's plan, and what it rests on. */
final readonly class EventPlanRead
{
    /**
     * @param  list<OfferedTimes>  $menu
     * @param  TurnaroundRead|null  $turnaround  as logged; null while too little is
     * @param  list<ForecastMet>  $met  how the last forecasts met their days, the newest first
     * @param  LastLines|null  $last  null while too little is logged
     */
    public function __construct(
        public DayFacts $day,
        public PlanTerms $terms,
        public bool $isAssumed,
        public DayRoster $roster,
        public array $menu,
        public ?TurnaroundRead $turnaround,
        public array $met,
        public ?LastLines $last,
    ) {}
}
