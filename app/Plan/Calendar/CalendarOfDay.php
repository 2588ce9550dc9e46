<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Plan\EventDay;
use Illuminate\Database\Eloquent\Collection;

/** One event day as an iCalendar file. */
final readonly class CalendarOfDay
{
    public function __construct(private CalendarText $text) {}

    public function __invoke(EventDay $day): string
    {
        return ($this->text)(new Collection([$day->loadMissing('menuItems.design')]), $day->name);
    }
}
