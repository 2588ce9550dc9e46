<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\CalendarFeed;
use App\Models\User;

final readonly class RevokeCalendar
{
    public function __invoke(User $painter): void
    {
        CalendarFeed::query()->whereKey($painter->id)->delete();
    }
}
