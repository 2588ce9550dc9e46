<?php

declare(strict_types=1);

namespace Core\Plan\Diary;

use Core\Units\Duration;

/** Two bookings that the same painters cannot both keep. */
final readonly class Clash
{
    /** Beyond that nobody thinks of the way any more. Minutes. */
    private const FAR_APART = 720;

    /**
     * @param  Booking  $first  the one that begins earlier
     * @param  list<string>  $painters  who is wanted at both; empty where there are just not enough of them
     * @param  Duration  $between  from the end of the first to the beginning of the second; how long both last where they overlap
     * @param  Duration  $way  from one to the other
     */
    private function __construct(
        public ClashKind $kind,
        public Booking $first,
        public Booking $second,
        public array $painters,
        public Duration $between,
        public Duration $way,
    ) {}

    /**
     * @param  list<Booking>  $bookings
     * @param  int  $painters  of the team
     * @return list<self> in the order of the diary
     */
    public static function among(array $bookings, int $painters): array
    {
        usort($bookings, static fn (Booking $one, Booking $other): int => [$one->from->epochMilliseconds, $one->id]
            <=> [$other->from->epochMilliseconds, $other->id]);
        $clashes = $running = [];
        foreach ($bookings as $second) {
            $near = $second->from->minus(Duration::ofMinutes(self::FAR_APART));
            $running = array_values(array_filter($running, static fn (Booking $first): bool => $first->until->isAfter($near)));
            foreach ($running as $first) {
                $clashes[] = self::between($first, $second, $painters);
            }
            $running[] = $second;
        }

        return array_values(array_filter($clashes, is_object(...)));
    }

    private static function between(Booking $first, Booking $second, int $painters): ?self
    {
        $both = $first->painters === null || $second->painters === null
            ? []
            : array_values(array_intersect($first->painters, $second->painters));
        // Where it is not said who sits where, they share out as long as there are enough.
        $isUnsaid = $first->painters === null || $second->painters === null;
        $isEnough = self::taken($first) + self::taken($second) <= $painters;
        if ($isUnsaid ? $isEnough : $both === []) {
            return null;
        }
        $way = $first->wayTo($second);
        if ($first->isBefore($second)) {
            $between = $second->from->since($first->until);

            return ! $way->isLongerThan($between) ? null : new self(
                kind: ClashKind::ShortWay, first: $first, second: $second, painters: $both, between: $between, way: $way,
            );
        }
        $end = $first->until->isAfter($second->until) ? $second->until : $first->until;

        return new self(
            kind: ClashKind::Overlap, first: $first, second: $second, painters: $both, between: $end->since($second->from), way: $way,
        );
    }

    private static function taken(Booking $booking): int
    {
        return $booking->painters === null ? $booking->chairs : count($booking->painters);
    }
}
