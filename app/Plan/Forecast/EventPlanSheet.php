<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use App\Plan\Days\RosterShown;
use Core\Design\RungName;

/**
 * An event day's plan: what is expected, and what it rests on.
 *
 * ForecastMetShown: isWithin: whether the faces kept within what eight days of ten do.
 *
 * @phpstan-type ForecastMetShown array{
 *     name: string,
 *     opensAt: int,
 *     timezone: string,
 *     foreseen: float,
 *     low: int,
 *     high: int,
 *     painted: int,
 *     isWithin: bool,
 *     waitForeseenMs: int,
 *     waitedMs: int,
 * }
 *
 * LastLinesShown: profile: how busy each part of this day would be against the others; one is the mean; groups: how often one
 *   child comes alone, two together ...; notTherePercent: of the children, when they are called; patienceMinutes: after which
 *   half have given up; null where too few have; drawsPercent: of the menu's weight, that each choice adds to its own.
 * @phpstan-type LastLinesShown array{
 *     days: int,
 *     children: int,
 *     anHour: float,
 *     profile: list<float>,
 *     groups: list<float>,
 *     notTherePercent: float,
 *     patienceMinutes: int|null,
 *     drawsPercent: float,
 * }
 * @phpstan-type OfferPlanned array{
 *     designId: string,
 *     name: string,
 *     rung: RungName|null,
 *     usualMs: int,
 *     quickMs: int|null,
 *     priceCents: int,
 * }
 */
final readonly class EventPlanSheet extends Resource
{
    /**
     * @param  bool  $isAssumed  whether nobody has said so yet
     * @param  list<OfferPlanned>  $menu
     * @param  int|null  $loggedTurnaroundMs  half of the last ones were no longer; null while too little is logged
     * @param  LastLinesShown|null  $last  what the last lines were like
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
        public ?array $last,
    ) {}
}
