<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** A day with faces in the logbook. */
final readonly class LogDay extends Resource
{
    public function __construct(public DaySummary $day, public int $faces, public int $paintedMs) {}
}
