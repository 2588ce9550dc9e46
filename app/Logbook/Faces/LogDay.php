<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;

/** A day with faces in the logbook. */
final readonly class LogDay extends Resource
{
    /** @param  int  $chairMs  from sitting down to getting up, of all faces together */
    public function __construct(public DaySummary $day, public int $faces, public int $paintedMs, public int $chairMs) {}
}
