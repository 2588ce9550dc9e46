<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use Core\Plan\Ages;
use Core\Plan\ArrivalKind;
use Core\Plan\BookingKind;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\TurnaroundPart;
use Core\Surface\Weather;
use Core\Units\Duration;

/** What is expected of an event, and how its line is to be kept. */
final readonly class PlanTerms
{
    /**
     * @param  int  $opensMs  milliseconds since 1970 in UTC
     * @param  int  $closesMs  likewise, later
     * @param  list<float>  $profile  how busy each equal part of the open time is against the others
     * @param  list<float>  $groups  how often one child comes alone, two together ...
     * @param  int|null  $bookingCents  for the whole event, in the smallest unit of the currency; null where the organiser pays nothing
     * @param  array<string, Duration>  $turnaround  by part, see TurnaroundPart
     * @param  int|null  $patienceMinutes  half of the children have left after so long; null where they stay
     * @param  int|null  $longest  nobody joins a line of so many for each chair; null where they do
     * @param  int|null  $quickAbove  quick versions are painted while more than so many wait; null for never
     * @param  int|null  $stopNamesMs  milliseconds since 1970; null for as long as all of them are painted by closing
     * @param  int  $wantedPercent  the chance that everybody is painted by closing
     * @param  list<LeverKind>  $levers  that were pulled
     * @param  Ages|null  $ages  of the children; null where nobody has said
     * @param  Weather|null  $weather  as typed; null for what the feed says
     */
    public function __construct(
        public int $opensMs,
        public int $closesMs,
        public int $chairs,
        public BookingKind $kind,
        public int $children,
        public ArrivalKind $arrivals,
        public array $profile,
        public array $groups,
        public ?int $bookingCents,
        public int $setUpMinutes,
        public int $packUpMinutes,
        public array $turnaround,
        public ?int $patienceMinutes,
        public ?int $longest,
        public ?int $quickAbove,
        public bool $isLineEach,
        public ?int $stopNamesMs,
        public int $wantedPercent,
        public array $levers,
        public ?Ages $ages = null,
        public ?Weather $weather = null,
    ) {}

    public function turnaround(): Duration
    {
        return array_reduce($this->turnaround, static fn (Duration $sum, Duration $part): Duration => $sum->plus($part), Duration::zero());
    }

    /** What a helper who takes names and money would take over. */
    public function forHelper(): Duration
    {
        $parts = array_filter(
            $this->turnaround,
            static fn (string $part): bool => TurnaroundPart::from($part)->isForHelper(),
            ARRAY_FILTER_USE_KEY,
        );

        return array_reduce($parts, static fn (Duration $sum, Duration $part): Duration => $sum->plus($part), Duration::zero());
    }
}
