<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Exceptions\DayInUse;
use App\Models\ChairEvent;
use App\Models\EventDay;

/** Takes a day out of the diary, as long as nothing has happened on its line. */
final readonly class DeleteDay
{
    /** @throws DayInUse when something has */
    public function __invoke(EventDay $day): void
    {
        if (ChairEvent::query()->where('event_day_id', $day->id)->exists()) {
            throw DayInUse::of($day->name);
        }
        $day->delete();
    }
}
