<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

/** What stands in a calendar, before any of it is taken. */
final readonly class CalendarLook
{
    /**
     * @param  list<DetectedBooking>  $found  in the order of time
     * @param  list<string>  $left  what was left out, in words
     */
    public function __construct(public array $found, public array $left) {}
}
