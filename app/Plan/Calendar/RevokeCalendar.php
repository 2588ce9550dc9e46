<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Account\Team\RecordAudit;
use App\Models\Account\CalendarFeed;
use App\Models\Account\User;

final readonly class RevokeCalendar
{
    public function __construct(private RecordAudit $recordAudit) {}

    /** @param  User  $by  the holder, or who answers for the team */
    public function __invoke(User $holder, User $by): void
    {
        $isGone = CalendarFeed::query()->whereKey($holder->id)->delete() > 0;
        if ($isGone && $by->isNot($holder)) {
            ($this->recordAudit)($by, "ended {$holder->name}’s calendar link");
        }
    }
}
