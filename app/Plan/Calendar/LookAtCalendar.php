<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
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
    public function __invoke(string $teamId, string $text, string $timezone): CalendarLooked
    {
        $now = now()->getTimestampMs();
        $look = ($this->readCalendar)($text, $timezone, $now);
        $known = ($this->bookingsKnown)($teamId, array_map(static fn (DetectedBooking $one): string => $one->key, $look->found));
        $thought = array_values(array_filter(
            $look->found,
            static fn (DetectedBooking $one): bool => $one->trouble === null && $one->closesMs > $now,
        ));
        $last = EventDay::ofTeam($teamId)->orderByDesc('opens_ms')->first();

        return new CalendarLooked(
            look: $look,
            known: array_map(DayFacts::of(...), $known),
            diary: ($this->diaryOfTeam)($teamId, array_map(static fn (DetectedBooking $one): Booking => DiaryOfTeam::thought(
                id: $one->key, opensMs: $one->opensMs, closesMs: $one->closesMs, place: $one->place, chairs: $one->chairs ?? 1,
            ), $thought), array_map(static fn (EventDay $day): string => $day->id, array_values($known))),
            nowMs: $now,
            turnaroundMs: $last->turnaround_ms ?? self::TURNAROUND_MS,
        );
    }
}
