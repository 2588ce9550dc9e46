<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Http\Resources\Resource;
use App\Logbook\Pace\DesignMinutes;
use App\Plan\Days\DaySummary;

/** The logbook page of one day. */
final readonly class DayLog extends Resource
{
    /**
     * @param  list<LoggedFace>  $faces  in the order they were seated
     * @param  list<DesignMinutes>  $designs  most painted first
     * @param  bool  $isBroughtIn  whether it came with a file, and may go again
     */
    public function __construct(public DaySummary $day, public array $faces, public array $designs, public bool $isBroughtIn) {}
}
