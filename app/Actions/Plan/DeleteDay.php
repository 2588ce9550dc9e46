<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Account\KeepAct;
use App\Exceptions\DayInUse;
use App\Models\ChairEvent;
use App\Models\EventDay;
use App\Models\User;

/** Takes a day out of the diary, as long as nothing has happened on its line. */
final readonly class DeleteDay
{
    public function __construct(private KeepAct $keepAct) {}

    /** @throws DayInUse when something has */
    public function __invoke(User $by, EventDay $day): void
    {
        if (ChairEvent::query()->where('event_day_id', $day->id)->exists()) {
            throw DayInUse::of($day->name);
        }
        $day->delete();
        ($this->keepAct)($by, "deleted the event {$day->name}");
    }
}
