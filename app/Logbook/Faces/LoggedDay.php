<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Plan\Days\DayFacts;
use Core\Units\Duration;

/** A day with faces in the logbook, and how long they took together: painting, and from sitting down to getting up. */
final readonly class LoggedDay
{
    public function __construct(public DayFacts $day, public int $faces, public Duration $painted, public Duration $inChair) {}
}
