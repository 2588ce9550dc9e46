<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;

/** What to look at before a day. */
final readonly class ChecklistSheet extends Resource
{
    /**
     * @param  list<CheckShown>  $checks
     * @param  list<AirThen>  $air  hour by hour
     */
    public function __construct(public DaySummary $day, public array $checks, public array $air) {}
}
