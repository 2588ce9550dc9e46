<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use App\Plan\Days\RosterShown;
use App\Plan\Earlier\ForecastMetShown;
use App\Plan\Earlier\LastLinesShown;

/** An event day's plan: what is expected, and what it rests on. */
final readonly class EventPlanSheet extends Resource
{
    /**
     * @param  bool  $isAssumed  whether nobody has said so yet
     * @param  list<OfferPlanned>  $menu
     * @param  int|null  $loggedTurnaroundMs  half of the last ones were no longer; null while too little is logged
     * @param  list<ForecastMetShown>  $met  how the last forecasts met their days, the newest first
     */
    public function __construct(
        public DaySummary $day,
        public TermsShown $terms,
        public bool $isAssumed,
        public RosterShown $roster,
        public array $menu,
        public ?int $loggedTurnaroundMs,
        public int $loggedTurnarounds,
        public array $met,
        public ?LastLinesShown $last,
    ) {}
}
