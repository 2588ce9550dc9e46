<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Account\CalendarFeed;
use App\Models\Account\User;
use Illuminate\Support\Str;

/** Makes a painter a private link to the team's events. An older one ends. */
final readonly class ShareCalendar
{
    private const TOKEN_LETTERS = 43;

    /** @return string its secret */
    public function __invoke(User $painter): string
    {
        $token = Str::random(self::TOKEN_LETTERS);

        CalendarFeed::query()->updateOrCreate(
            ['user_id' => $painter->id],
            ['token' => $token, 'token_hash' => CalendarFeed::hash($token)],
        );

        return $token;
    }
}
