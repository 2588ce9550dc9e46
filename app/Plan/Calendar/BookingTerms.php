<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Plan\Days\DayTerms;

/** A day as it is taken from another calendar. */
final readonly class BookingTerms
{
    /** @param  string  $key  its name there */
    public function __construct(public string $key, public DayTerms $day) {}
}
