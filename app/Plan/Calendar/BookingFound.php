<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Http\Resources\Resource;
use App\Plan\Days\DayFacts;

/** A booking in another calendar, as it is sent back to be taken. */
final readonly class BookingFound extends Resource
{
    /**
     * @param  list<string>  $assumed
     * @param  string|null  $trouble  why it cannot be taken
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $place,
        public string $timezone,
        public int $opensAt,
        public int $closesAt,
        public int $chairs,
        public int $turnaroundMs,
        public BookingState $state,
        public array $assumed,
        public ?string $trouble,
    ) {}

    /**
     * @param  DayFacts|null  $known  the day that it is here
     * @param  int  $turnaroundMs  where nothing is said
     */
    public static function of(DetectedBooking $one, ?DayFacts $known, int $turnaroundMs, int $nowMs): self
    {
        return new self(
            key: $one->key,
            name: $one->name,
            place: $one->place,
            timezone: $one->timezone,
            opensAt: $one->opensMs,
            closesAt: $one->closesMs,
            chairs: $one->chairs ?? $known->chairs ?? 1,
            turnaroundMs: $one->turnaroundMs ?? $known->turnaround->milliseconds ?? $turnaroundMs,
            state: self::state($one, $known, $nowMs),
            assumed: $one->assumed,
            trouble: $one->trouble,
        );
    }

    private static function state(DetectedBooking $one, ?DayFacts $known, int $nowMs): BookingState
    {
        return match (true) {
            $one->trouble !== null => BookingState::Unfit,
            $known !== null => [$known->name, $known->place, $known->opens->epochMilliseconds, $known->closes->epochMilliseconds]
                === [$one->name, $one->place, $one->opensMs, $one->closesMs] ? BookingState::Here : BookingState::Changed,
            $one->closesMs < $nowMs => BookingState::Over,
            default => BookingState::Fresh,
        };
    }
}
