<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use App\Plan\Diary\ClashShown;
use App\Plan\Diary\DiaryOfTeam;
use Core\Plan\Diary\Booking;
use Core\Plan\Diary\InvalidCalendar;

/** Reads another calendar and holds it against the diary. Nothing is kept. */
final readonly class LookAtCalendar
{
    private const TURNAROUND_MS = 60_000;

    public function __construct(
        private ReadCalendar $readCalendar,
        private BookingsKnown $bookingsKnown,
        private DiaryOfTeam $diaryOfTeam,
    ) {}

    /** @throws InvalidCalendar when it cannot be read */
    public function __invoke(string $teamId, string $text, string $timezone): CalendarShown
    {
        $now = now()->getTimestampMs();
        ['found' => $found, 'left' => $left] = ($this->readCalendar)($text, $timezone, $now);
        $known = ($this->bookingsKnown)($teamId, array_map(static fn (DetectedBooking $one): string => $one->key, $found));
        $thought = array_values(array_filter(
            $found,
            static fn (DetectedBooking $one): bool => $one->trouble === null && $one->closesMs > $now,
        ));
        /** @var array<string, string> $names */
        $names = array_column($found, 'name', 'key');
        $last = EventDay::ofTeam($teamId)->orderByDesc('opens_ms')->first();

        $clashes = ($this->diaryOfTeam)(
            teamId: $teamId,
            more: array_map(static fn (DetectedBooking $one): Booking => DiaryOfTeam::thought(
                id: $one->key, opensMs: $one->opensMs, closesMs: $one->closesMs, place: $one->place, chairs: $one->chairs ?? 1,
            ), $thought),
            without: array_map(static fn (EventDay $day): string => $day->id, array_values($known)),
            moreNames: $names,
        );

        return new CalendarShown(
            found: array_map(static fn (DetectedBooking $one): BookingFound => BookingFound::of(
                one: $one,
                known: isset($known[$one->key]) ? DayFacts::of($known[$one->key]) : null,
                turnaroundMs: $last->turnaround_ms ?? self::TURNAROUND_MS,
                nowMs: $now,
            ), $found),
            left: $left,
            clashes: array_values(array_filter($clashes, static fn (ClashShown $clash): bool => isset($names[$clash->firstId])
                || isset($names[$clash->secondId]))),
        );
    }
}
