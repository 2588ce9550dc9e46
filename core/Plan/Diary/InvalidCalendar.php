<?php

declare(strict_types=1);

namespace Core\Plan\Diary;

use Core\Units\CoreException;
use DomainException;

final class InvalidCalendar extends DomainException implements CoreException
{
    public static function unreadable(string $because): self
    {
        return new self("That is no calendar that can be read: {$because} Export it again as an .ics file and choose that one.");
    }

    public static function empty(): self
    {
        return new self('There is no event in that calendar. Export one that holds your bookings.');
    }

    public static function tooMany(int $events, int $most): self
    {
        return new self("That calendar holds {$events} events; up to {$most} are read. Export this year alone.");
    }

    public static function tooLarge(int $megabytes, int $most): self
    {
        return new self("That calendar has {$megabytes} MB, more than the {$most} MB that are read. Export only this year’s events.");
    }
}
