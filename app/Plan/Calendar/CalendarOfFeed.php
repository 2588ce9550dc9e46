<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Account\CalendarFeed;
use App\Models\Plan\EventDay;

/** The events that a private link leads to: a year back, and all to come. */
final readonly class CalendarOfFeed
{
    private const BACK_MS = 366 * 86_400_000;

    private const MOST = 500;

    public function __construct(private CalendarText $text) {}

    /** Null where the link is revoked, or never was. */
    public function __invoke(string $token): ?string
    {
        $feed = CalendarFeed::query()->where('token_hash', CalendarFeed::hash($token))->with('user.team')->first();
        // It ends with whoever it belongs to: with leaving, and with painting no more.
        if ($feed === null || $feed->user === null || ! $feed->user->role->paints()) {
            return null;
        }
        $days = EventDay::ofTeam($feed->user->team_id)->where('closes_ms', '>', now()->getTimestampMs() - self::BACK_MS)
            ->orderBy('opens_ms')->limit(self::MOST)->with('menuItems.design')->get();

        return ($this->text)($days, $feed->user->team->name);
    }
}
