<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Property\ICalendar\Duration;

/** One VEVENT of another calendar, asked for what a booking needs of it. */
final readonly class CalendarEntry
{
    private const LONGEST_NAME = 80;

    public function __construct(public VEvent $event) {}

    public function uid(): string
    {
        return trim((string) $this->property('UID')?->getValue());
    }

    public function isCancelled(): bool
    {
        return strtoupper($this->text('STATUS')) === 'CANCELLED';
    }

    /** Whether it says when it comes again, or what is different of one of those. */
    public function repeats(): bool
    {
        foreach (['RRULE', 'RDATE', 'RECURRENCE-ID'] as $name) {
            if ($this->property($name) !== null) {
                return true;
            }
        }

        return false;
    }

    /** How it comes again; null where it does not say. */
    public function rule(): ?RepeatRule
    {
        $rule = $this->property('RRULE');

        return $rule === null ? null : RepeatRule::of($rule->getRawMimeDirValue());
    }

    public function isWholeDay(): bool
    {
        return $this->moment('DTSTART')?->hasTime() === false;
    }

    /** Whether its time is meant wherever one is. */
    public function isFloating(): bool
    {
        return ! $this->isWholeDay() && $this->moment('DTSTART')?->isFloating() === true;
    }

    /** Null where it has no beginning, and so is no event. */
    public function start(DateTimeZone $here): ?DateTimeImmutable
    {
        return $this->moment('DTSTART')?->getDateTime($here);
    }

    /**
     * Milliseconds; 0 where it says nothing of its end.
     *
     * @throws InvalidDataException when the end cannot be read
     */
    public function length(DateTimeZone $here): int
    {
        $start = $this->start($here);
        $duration = $this->property('DURATION');
        $end = $duration instanceof Duration
            ? $start?->add($duration->getDateInterval())
            : $this->moment('DTEND')?->getDateTime($here);

        return $start === null || $end === null ? 0 : ($end->getTimestamp() - $start->getTimestamp()) * 1000;
    }

    /** Where its times are told in: its own zone where it names one that is known, else the one of whoever reads. */
    public function zone(DateTimeInterface $start, DateTimeZone $here): DateTimeZone
    {
        $own = $this->text('X-INCH-TIMEZONE');
        $named = $own === '' ? $start->getTimezone()->getName() : $own;

        return in_array($named, DateTimeZone::listIdentifiers(), true) && $named !== 'UTC' ? new DateTimeZone($named) : $here;
    }

    /** On one line, and no longer than a name. */
    public function text(string $property): string
    {
        $text = preg_replace('/\s+/u', ' ', (string) $this->property($property)?->getValue());

        return mb_substr(trim($text ?? ''), 0, self::LONGEST_NAME);
    }

    public function number(string $property, int $least, int $most): ?int
    {
        $number = filter_var($this->text($property), FILTER_VALIDATE_INT);

        return is_int($number) && $number >= $least && $number <= $most ? $number : null;
    }

    private function moment(string $name): ?DateTime
    {
        $property = $this->property($name);

        return $property instanceof DateTime ? $property : null;
    }

    private function property(string $name): ?Property
    {
        $found = $this->event->select($name)[0] ?? null;

        return $found instanceof Property ? $found : null;
    }
}
