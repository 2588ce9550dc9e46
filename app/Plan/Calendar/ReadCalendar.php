<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use Core\Plan\Diary\InvalidCalendar;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\EventIterator;
use Sabre\VObject\Recur\NoInstancesException;
use Sabre\VObject\Settings;

/** Reads an iCalendar object (RFC 5545) from any calendar. Nothing is kept; what repeats is laid out for a year. */
final readonly class ReadCalendar
{
    /** Between the name of something that repeats and the beginning of one of them. */
    public const BETWEEN = ' at ';

    private const MOST_MEGABYTES = 5;

    /** Each takes a millisecond to read. */
    private const MOST_EVENTS = 3_000;

    private const YEAR_MS = 366 * 86_400_000;

    /** Of one that repeats; and of all together. */
    private const MOST_REPEATS = 60;

    private const MOST = 400;

    /** Times gone by of all that repeats, before it is enough: some seconds. */
    private const MOST_STEPS = 100_000;

    /** Times laid out of all that repeats: of those, too, only the first are shown. */
    private const MOST_LAID = 8_000;

    /**
     * @param  string  $timezone  in which times are meant that name none
     * @param  int  $nowMs  what is over by then is told last, and not laid out where it repeats
     * @return array{found: list<DetectedBooking>, left: list<string>} in the order of time, and what was left out, in words
     *
     * @throws InvalidCalendar when it cannot be read as a whole
     */
    public function __invoke(string $text, string $timezone, int $nowMs): array
    {
        $here = new DateTimeZone($timezone);
        $found = [];
        $gone = $more = 0;
        [$steps, $laid] = [self::MOST_STEPS, self::MOST_LAID];
        // How many times are too many is decided here.
        Settings::$maxRecurrences = -1;
        foreach (self::byUid(self::parsed($text), $here) as $uid => $entries) {
            foreach (self::laidOut(
                uid: (string) $uid, entries: $entries, here: $here, nowMs: $nowMs, steps: $steps, laid: $laid,
            ) as $one) {
                $one === null ? $more++ : $found[] = $one;
            }
            $gone += count(array_filter($entries, static fn (CalendarEntry $entry): bool => $entry->isCancelled()));
        }
        if ($found === []) {
            throw InvalidCalendar::empty();
        }
        $order = static fn (DetectedBooking $one): array => [$one->closesMs < $nowMs, $one->opensMs, $one->key];
        usort($found, static fn (DetectedBooking $one, DetectedBooking $other): int => $order($one) <=> $order($other));

        return ['found' => array_slice($found, 0, self::MOST), 'left' => self::left($gone, $more, count($found))];
    }

    private static function parsed(string $text): VCalendar
    {
        $megabytes = strlen($text) / 1_000_000;
        if ($megabytes > self::MOST_MEGABYTES) {
            throw InvalidCalendar::tooLarge((int) ceil($megabytes), self::MOST_MEGABYTES);
        }
        $events = substr_count(strtoupper($text), 'BEGIN:VEVENT');
        if ($events > self::MOST_EVENTS) {
            throw InvalidCalendar::tooMany($events, self::MOST_EVENTS);
        }
        $utf8 = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'ISO-8859-1');
        try {
            $calendar = Reader::read($utf8, Reader::OPTION_FORGIVING);
        } catch (ParseException|InvalidDataException $broken) {
            $said = rtrim(preg_replace('/\s+/', ' ', $broken->getMessage()) ?? '', '. ');
            throw InvalidCalendar::unreadable(mb_substr($said, 0, 160).'.');
        }

        return $calendar instanceof VCalendar ? $calendar : throw InvalidCalendar::unreadable('it holds something else than events.');
    }

    /** @return array<array-key, non-empty-list<CalendarEntry>> what repeats with what was changed of it */
    private static function byUid(VCalendar $calendar, DateTimeZone $here): array
    {
        $byUid = [];
        foreach ($calendar->select('VEVENT') as $at => $event) {
            $entry = $event instanceof VEvent ? new CalendarEntry($event) : null;
            try {
                $uid = $entry?->start($here) === null ? null : $entry->uid();
            } catch (InvalidDataException) {
                throw InvalidCalendar::unreadable('an event of it begins at no time.');
            }
            if ($entry !== null && $uid !== null) {
                $byUid[$uid === '' ? "nameless {$at}" : $uid][] = $entry;
            }
        }

        return $byUid;
    }

    /**
     * @param  non-empty-list<CalendarEntry>  $entries  of one name
     * @param  int  $steps  left, of all that repeats
     * @param  int  $laid  times left that may be laid out
     * @return iterable<DetectedBooking|null> null for more than is laid out
     */
    private static function laidOut(string $uid, array $entries, DateTimeZone $here, int $nowMs, int &$steps, int &$laid): iterable
    {
        if (array_filter($entries, static fn (CalendarEntry $entry): bool => $entry->repeats()) === []) {
            // The last one said of a name holds.
            $entry = $entries[count($entries) - 1];
            $start = $entry->start($here);
            if (! $entry->isCancelled() && $start !== null) {
                yield from DetectedBooking::in($entry, self::key($uid), $start, $here);
            }

            return;
        }
        $isPlain = array_filter($entries, static fn (CalendarEntry $entry): bool => $entry->rule()?->isPlain() === false) === [];
        try {
            $events = array_map(static fn (CalendarEntry $entry): VEvent => $entry->event, $entries);
            $each = $isPlain ? new EventIterator($events, null, $here) : throw new InvalidDataException('Not followed.');
            yield from self::repeats(uid: $uid, each: $each, here: $here, nowMs: $nowMs, steps: $steps, laid: $laid);
        } catch (NoInstancesException|InvalidDataException) {
            yield DetectedBooking::troubled($entries[0], self::key($uid), $here, 'How it repeats cannot be read. Make this one by hand.');
        }
    }

    /** @return iterable<DetectedBooking|null> */
    private static function repeats(string $uid, EventIterator $each, DateTimeZone $here, int $nowMs, int &$steps, int &$laid): iterable
    {
        while ($each->valid() && $each->getDtEnd()->getTimestamp() * 1000 <= $nowMs && $steps > 0) {
            $each->next();
            $steps--;
        }
        for ($times = 0; $each->valid(); $each->next()) {
            $start = DateTimeImmutable::createFromInterface($each->getDtStart());
            if ($start->getTimestamp() * 1000 > $nowMs + self::YEAR_MS || $times >= self::MOST_REPEATS || $steps <= 0 || $laid <= 0) {
                yield null;

                return;
            }
            $entry = new CalendarEntry($each->getEventObject());
            if (! $entry->isCancelled()) {
                $times++;
                $laid--;
                yield from DetectedBooking::in($entry, self::key($uid.self::BETWEEN.$start->format('Y-m-d\TH:i')), $start, $here);
            }
        }
    }

    /** Names in calendars have no end; ours have. */
    private static function key(string $key): string
    {
        return strlen($key) <= 200 ? $key : hash('sha256', $key);
    }

    /** @return list<string> */
    private static function left(int $gone, int $more, int $found): array
    {
        $most = [self::MOST_REPEATS, self::MOST];

        return array_values(array_filter([
            $gone === 0 ? '' : "Cancelled there and left out: {$gone}.",
            $more === 0 ? '' : "What repeats for longer is laid out for a year, {$most[0]} times at most.",
            $found <= self::MOST ? '' : "The first {$most[1]} of {$found} are shown. Take these, then choose the file again.",
        ], static fn (string $words): bool => $words !== ''));
    }
}
