<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Models\Plan\EventDay;

final readonly class SaveDay
{
    /** @param  EventDay  $day new or known, its team set */
    public function __invoke(EventDay $day, DayTerms $terms): EventDay
    {
        $day->fill([
            'name' => $terms->name,
            'place' => $terms->place,
            'timezone' => $terms->timezone,
            'opens_ms' => $terms->opensMs,
            'closes_ms' => $terms->closesMs,
            'chairs' => $terms->chairs,
            'turnaround_ms' => $terms->turnaround->milliseconds,
        ])->save();

        return $day;
    }
}
