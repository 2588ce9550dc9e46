<?php

declare(strict_types=1);

namespace Core\Units;

/** A time of day in whole minutes after midnight, 0 to 1439. */
final readonly class ClockTime
{
    private const TYPED = '/^(?<hour>\d{1,2})(?:[:.h](?<minute>[0-5]\d))?\s*(?<half>am|pm|a\.m\.|p\.m\.)?$/i';

    private function __construct(public int $minutes) {}

    /** @throws UnreadableClockTime when out of the day */
    public static function of(int $hour, int $minute): self
    {
        if ($hour < 0 || $hour > 23 || $minute < 0 || $minute > 59) {
            throw UnreadableClockTime::text(sprintf('%d:%02d', $hour, $minute));
        }

        return new self($hour * 60 + $minute);
    }

    /**
     * Reads 11, 11:00, 9.30, 4 pm, 16h30.
     *
     * @throws UnreadableClockTime when the text is no time of day
     */
    public static function parse(string $text): self
    {
        if (preg_match(self::TYPED, trim($text), $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw UnreadableClockTime::text($text);
        }
        $hour = (int) $part['hour'];
        $half = strtolower($part['half'][0] ?? '');
        if ($half !== '' && ($hour < 1 || $hour > 12)) {
            throw UnreadableClockTime::text($text);
        }
        $hour = $half === '' ? $hour : $hour % 12 + ($half === 'p' ? 12 : 0);
        if ($hour > 23) {
            throw UnreadableClockTime::text($text);
        }

        return self::of($hour, (int) $part['minute']);
    }

    public function isAfter(self $other): bool
    {
        return $this->minutes > $other->minutes;
    }

    /** 24-hour form: 09:30, 16:00. */
    public function format(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minutes, 60), $this->minutes % 60);
    }
}
