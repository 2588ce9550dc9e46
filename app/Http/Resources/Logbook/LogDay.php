<?php

declare(strict_types=1);

namespace App\Http\Resources\Logbook;

use App\Http\Resources\Plan\DaySummary;
use App\Http\Resources\Resource;
use App\Queries\Logbook\LoggedDay;

/** A day with faces in the logbook. */
final readonly class LogDay extends Resource
{
    public function __construct(public DaySummary $day, public int $faces, public int $paintedMs) {}

    public static function of(LoggedDay $logged): self
    {
        return new self(DaySummary::of($logged->day), $logged->faces, $logged->painted->milliseconds);
    }
}
