<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use Core\Line\Defaults as OfTheLine;
use DateInterval;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\InvalidDataException;

/** A booking as it was found in a calendar. */
final readonly class DetectedBooking
{
    private const LONGEST_DAY_MS = 14 * 3_600_000;

    /** Where nothing is said of the end. */
    private const USUAL_MS = 2 * 3_600_000;

    /** Of an event of a whole day, as painters open as a rule. */
    private const OPENS = '11:00';

    private const CLOSES = '16:00';

    /** Days of one event that lasts for several. */
    private const MOST_DAYS = 14;

    /**
     * @param  string  $key  its name there; of one that repeats, with its beginning
     * @param  list<string>  $assumed  what was not said there, in words
     * @param  string|null  $trouble  why it cannot be taken
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $place,
        public string $timezone,
        public int $opensMs,
        public int $closesMs,
        public ?int $chairs,
        public ?int $turnaroundMs,
        public array $assumed,
        public ?string $trouble,
    ) {}

    /** @return iterable<self> one, or one for each day of an event of whole days */
    public static function in(CalendarEntry $entry, string $key, DateTimeImmutable $start, DateTimeZone $here): iterable
    {
        try {
            $length = $entry->length($here);
        } catch (InvalidDataException) {
            yield self::troubled($entry, $key, $here, 'When it ends cannot be read. Make this one by hand.');

            return;
        }
        if ($entry->isWholeDay()) {
            yield from self::days(
                entry: $entry, key: $key, start: $start, days: max(1, (int) round($length / 86_400_000)), here: $here,
            );

            return;
        }
        $zone = $entry->zone($start, $here);
        $opens = $start->getTimestamp() * 1000;
        yield self::of(
            entry: $entry,
            key: $key,
            hours: [$opens, $opens + ($length > 0 ? $length : self::USUAL_MS)],
            zone: $zone,
            assumed: [
                ...($entry->isFloating() ? ["It names no time zone: {$zone->getName()} is assumed."] : []),
                ...($length > 0 ? [] : ['It has no end: two hours are assumed.']),
            ],
        );
    }

    public static function troubled(CalendarEntry $entry, string $key, DateTimeZone $here, string $trouble): self
    {
        $at = ($entry->start($here)?->getTimestamp() ?? 0) * 1000;

        return self::of(entry: $entry, key: $key, hours: [$at, $at], zone: $here, assumed: [], trouble: $trouble);
    }

    /** @return iterable<self> */
    private static function days(CalendarEntry $entry, string $key, DateTimeImmutable $start, int $days, DateTimeZone $here): iterable
    {
        for ($day = 0; $day < min(self::MOST_DAYS, $days); $day++) {
            $date = (new DateTimeImmutable($start->format('Y-m-d'), $here))->add(new DateInterval("P{$day}D"))->format('Y-m-d');
            $at = static fn (string $time): int => (new DateTimeImmutable("{$date} {$time}", $here))->getTimestamp() * 1000;
            yield self::of(
                entry: $entry,
                key: $days === 1 ? $key : "{$key}, {$date}",
                hours: [$at(self::OPENS), $at(self::CLOSES)],
                zone: $here,
                assumed: ['It is there for the whole day: '.self::OPENS.' to '.self::CLOSES.' is assumed.'],
            );
        }
    }

    /**
     * @param  array{int, int}  $hours  opening and closing, milliseconds since 1970
     * @param  list<string>  $assumed
     */
    private static function of(
        CalendarEntry $entry, string $key, array $hours, DateTimeZone $zone, array $assumed, ?string $trouble = null,
    ): self {
        $name = $entry->text('SUMMARY');
        $turnaround = $entry->number('X-INCH-TURNAROUND-SECONDS', 1, 1800);
        $tooLong = $hours[1] - $hours[0] > self::LONGEST_DAY_MS
            ? 'It is longer than 14 hours at a stretch. Make its days by hand, each with its hours.'
            : null;

        return new self(
            key: $key,
            name: $name === '' ? 'Without a name' : $name,
            place: $entry->text('LOCATION'),
            timezone: $zone->getName(),
            opensMs: $hours[0],
            closesMs: $hours[1],
            chairs: $entry->number('X-INCH-CHAIRS', 1, OfTheLine::MOST_CHAIRS),
            turnaroundMs: $turnaround === null ? null : 1000 * $turnaround,
            assumed: $assumed,
            trouble: $trouble ?? $tooLong,
        );
    }
}
