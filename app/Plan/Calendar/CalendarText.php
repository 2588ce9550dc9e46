<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Account\Files\FileIds;
use App\Models\Account\CalendarFeed;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Sabre\VObject\Component\VCalendar;

/** Event days as an iCalendar object (RFC 5545), for any calendar to read and for taking back here. */
final readonly class CalendarText
{
    public const PRODUCT = '-//Inch Timer//Events//EN';

    private const BACK_MS = 366 * 86_400_000;

    private const MOST = 500;

    public function __construct(private FileIds $fileIds) {}

    /** @param  Collection<int, EventDay>  $days  with their menus and designs */
    public function __invoke(Collection $days, string $name): string
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'X-WR-CALNAME' => $name]);
        foreach ($days as $day) {
            $calendar->add('VEVENT', $this->event($day));
        }

        return $calendar->serialize();
    }

    /** One that another calendar knows keeps its name there, so that it stands there once. */
    private function uid(EventDay $day): string
    {
        return $day->calendar_key === null || str_contains($day->calendar_key, ReadCalendar::BETWEEN)
            ? $this->fileIds->inCalendars($day->id)
            : $day->calendar_key;
    }

    /** @return array<string, mixed> */
    private function event(EventDay $day): array
    {
        return [
            'UID' => $this->uid($day),
            'DTSTAMP' => self::utc($day->updated_at->getTimestampMs()),
            'LAST-MODIFIED' => self::utc($day->updated_at->getTimestampMs()),
            'DTSTART' => self::utc($day->opens_ms),
            'DTEND' => self::utc($day->closes_ms),
            'SUMMARY' => $day->name,
            ...($day->place === '' ? [] : ['LOCATION' => $day->place]),
            'DESCRIPTION' => self::description($day),
            'X-INCH-TIMEZONE' => $day->timezone,
            'X-INCH-CHAIRS' => (string) $day->chairs,
            'X-INCH-TURNAROUND-SECONDS' => (string) intdiv($day->turnaround_ms, 1000),
        ];
    }

    private static function description(EventDay $day): string
    {
        $menu = $day->menuItems->map(static fn (MenuItem $item): string => $item->design->name)->implode(', ');

        return ($day->chairs === 1 ? 'One chair.' : "{$day->chairs} chairs.").($menu === '' ? '' : " On the menu: {$menu}.");
    }

    private static function utc(int|float $milliseconds): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.intdiv((int) $milliseconds, 1000)))->setTimezone(new DateTimeZone('UTC'));
    }

    /** One event day as an iCalendar file. */
    public function ofDay(EventDay $day): string
    {
        return ($this)(new Collection([$day->loadMissing('menuItems.design')]), $day->name);
    }

    /**
     * The events that a private link leads to: a year back, and all to come.
     * Null where the link is revoked, or never was.
     */
    public function ofFeed(string $token): ?string
    {
        $feed = CalendarFeed::query()->where('token_hash', CalendarFeed::hash($token))->with('user.team')->first();
        // It ends with whoever it belongs to: with leaving, and with painting no more.
        if ($feed === null || $feed->user === null || ! $feed->user->role->paints()) {
            return null;
        }
        $days = EventDay::ofTeam($feed->user->team_id)->where('closes_ms', '>', now()->getTimestampMs() - self::BACK_MS)
            ->orderBy('opens_ms')->limit(self::MOST)->with('menuItems.design')->get();

        return ($this)($days, $feed->user->team->name);
    }
}
