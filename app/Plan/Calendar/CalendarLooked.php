<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Plan\Days\DayFacts;
use App\Plan\Diary\DiaryRead;

/** What stands in a calendar, held against what is here. */
final readonly class CalendarLooked
{
    /**
     * @param  array<string, DayFacts>  $known  by their names there
     * @param  DiaryRead  $diary  with what is found in it
     * @param  int  $nowMs  milliseconds since 1970
     * @param  int  $turnaroundMs  as on the team's last day, where nothing is said
     */
    public function __construct(
        public CalendarLook $look,
        public array $known,
        public DiaryRead $diary,
        public int $nowMs,
        public int $turnaroundMs,
    ) {}
}
