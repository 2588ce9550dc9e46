<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Http\Resources\Resource;
use App\Plan\Diary\ClashShown;

/** What stands in another calendar, to be looked at before any of it is taken. */
final readonly class CalendarShown extends Resource
{
    /**
     * @param  list<BookingFound>  $found
     * @param  list<string>  $left  what was left out, in words
     * @param  list<ClashShown>  $clashes  of what is found with the diary; found ones are named by their key
     */
    public function __construct(public array $found, public array $left, public array $clashes) {}
}
