<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Models\Account\User;
use App\Models\Line\BoardLink;
use App\Models\Plan\EventDay;

/**
 * Where screens listen for changes of a day. Nobody can guess the name of such a channel; nothing but that something changed is
 * said there. Each is given up with what gave the right to it: a painter who leaves the team, a board's link that is revoked.
 */
final readonly class ChannelOfDay
{
    /** The team's own; null where nothing is said on any. */
    public function __invoke(EventDay $day): ?string
    {
        if (config('push.socket') === '') {
            return null;
        }
        $members = User::ofTeam($day->team_id)->orderBy('id')->pluck('id')->implode(' ');

        return self::name("day {$day->id} of {$members}");
    }

    /** That of the parents' board; null where it is not shared, or nothing is said. */
    public function ofBoard(EventDay $day): ?string
    {
        $hash = config('push.socket') === '' ? null : BoardLink::query()->where('event_day_id', $day->id)->value('token_hash');

        return is_string($hash) ? self::name("board {$hash}") : null;
    }

    private static function name(string $of): string
    {
        return hash_hmac('sha256', $of, config()->string('app.key'));
    }
}
