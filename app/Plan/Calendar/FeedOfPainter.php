<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Account\CalendarFeed;
use App\Models\Account\User;

/** The secret of a painter's private link; null where there is none. */
final readonly class FeedOfPainter
{
    public function __invoke(User $painter): ?string
    {
        return CalendarFeed::query()->find($painter->id)?->token;
    }
}
