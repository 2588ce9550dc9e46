<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Account\Team\RecordAudit;
use App\Models\Account\CalendarFeed;
use App\Models\Account\User;
use Illuminate\Support\Str;

/** The links by which a painter's calendar is fetched. */
final readonly class CalendarFeeds
{
    private const TOKEN_LETTERS = 43;

    public function __construct(private RecordAudit $recordAudit) {}

    /**
     * Makes a painter a private link to the team's events. An older one ends.
     *
     * @return string its secret
     */
    public function share(User $painter): string
    {
        $token = Str::random(self::TOKEN_LETTERS);

        CalendarFeed::query()->updateOrCreate(
            ['user_id' => $painter->id],
            ['token' => $token, 'token_hash' => CalendarFeed::hash($token)],
        );

        return $token;
    }

    /** @param  User  $by  the holder, or who answers for the team */
    public function revoke(User $holder, User $by): void
    {
        $isGone = CalendarFeed::query()->whereKey($holder->id)->delete() > 0;
        if ($isGone && $by->isNot($holder)) {
            ($this->recordAudit)($by, "ended {$holder->name}’s calendar link");
        }
    }

    /** The secret of a painter's private link; null where there is none. */
    public function ofPainter(User $painter): ?string
    {
        return CalendarFeed::query()->find($painter->id)?->token;
    }
}
