<?php

declare(strict_types=1);

namespace Core\Line\Seating;

use Core\Line\Ticket;
use Core\Units\Instant;

/** Who is meant to sit at which chair from when. What was tapped at a chair goes before what was meant, until the next shift. */
final readonly class Roster
{
    /** Later than any day ends, in milliseconds from now. */
    public const NEVER = 1_000_000_000;

    /** @var array<int, list<Shift>> by chair, in order of time */
    private array $shifts;

    /** @param  iterable<Shift>  $shifts  in any order */
    public function __construct(iterable $shifts = [])
    {
        $byChair = [];
        foreach ($shifts as $shift) {
            $byChair[$shift->chair][] = $shift;
        }
        $this->shifts = array_map(static function (array $ofChair): array {
            usort($ofChair, static fn (Shift $one, Shift $other): int => $one->from->epochMilliseconds <=> $other->from->epochMilliseconds);

            return $ofChair;
        }, $byChair);
    }

    /**
     * Where nothing was said: the first chair is the first painter's, all day, and so on.
     *
     * @param  list<string>  $painters
     * @return list<Shift>
     */
    public static function assumed(array $painters, int $chairs): array
    {
        $shifts = [];
        foreach (array_slice($painters, 0, $chairs) as $at => $painter) {
            $shifts[] = new Shift($at + 1, $painter, Instant::ofEpochMilliseconds(0));
        }

        return $shifts;
    }

    /** Who began a face: whoever sat at its chair then. */
    public function painterOf(Ticket $ticket): ?string
    {
        $face = $ticket->face;

        return $face === null || $ticket->chair === null ? null : $this->painterAt($ticket->chair, $face->seatedAt, $face->seats);
    }

    /** Who sits there at that moment; null where nobody does, or nothing is known. */
    public function painterAt(int $chair, Instant $at, Seats $seats): ?string
    {
        $shift = $this->shiftAt($chair, $at);
        $seat = $seats->at($chair);
        if ($seat?->since !== null && ($shift === null || ! $shift->from->isAfter($seat->since))) {
            return $seat->painter;
        }

        return $shift === null || $shift->painter === null || $seats->hasElsewhere(
            $shift->painter,
            $chair,
            $shift->from,
        ) ? null : $shift->painter;
    }

    /**
     * From when on somebody paints there, not before that moment; null where nobody comes any more. A chair of which nothing is
     * known has somebody.
     */
    public function staffedFrom(int $chair, Instant $at, Seats $seats): ?Instant
    {
        $seat = $seats->at($chair);
        $at = $seat?->awayUntil === null ? $at : $at->orLater($seat->awayUntil);
        $isUnknown = $seat?->since === null && $this->shiftAt($chair, $at) === null;
        if ($isUnknown || $this->painterAt($chair, $at, $seats) !== null) {
            return $at;
        }
        foreach ($this->shifts[$chair] ?? [] as $shift) {
            if ($shift->painter !== null && $shift->from->isAfter($at)) {
                return $shift->from;
            }
        }

        return null;
    }

    /**
     * When nobody is meant to paint there, later on.
     *
     * @return list<array{int, int}> from and until, in milliseconds from that moment, in order; until NEVER where nobody comes back
     */
    public function gaps(int $chair, Instant $from, Seats $seats): array
    {
        $gaps = [];
        foreach ($this->shifts[$chair] ?? [] as $shift) {
            if ($shift->from->isAfter($from) && $this->painterAt($chair, $shift->from, $seats) === null) {
                $back = $this->staffedFrom($chair, $shift->from, $seats);
                $gaps[] = [
                    $shift->from->since($from)->milliseconds,
                    $back === null ? self::NEVER : $back->since($from)->milliseconds,
                ];
            }
        }

        return $gaps;
    }

    /**
     * Who is meant to paint when.
     *
     * @return array<string, list<array{int, int}>> from and until in milliseconds since the opening, in order, by painter; a chair of
     *                                              which nothing is known is somebody's, such as "chair 3"
     */
    public function stints(int $chairs, Instant $opens, Instant $closes): array
    {
        $open = $closes->since($opens)->milliseconds;
        $stints = [];
        for ($chair = 1; $chair <= $chairs; $chair++) {
            $ofChair = $this->shifts[$chair] ?? [];
            if ($ofChair === []) {
                $stints["chair {$chair}"] = [[0, $open]];
            }
            foreach ($ofChair as $at => $shift) {
                $from = max(0, $shift->from->epochMilliseconds - $opens->epochMilliseconds);
                $next = $ofChair[$at + 1] ?? null;
                $until = $next === null ? $open : min($open, $next->from->epochMilliseconds - $opens->epochMilliseconds);
                if ($shift->painter !== null && $from < $until) {
                    $stints[$shift->painter][] = [$from, $until];
                }
            }
        }

        return array_map(self::joined(...), $stints);
    }

    /** @throws DoubleShift when somebody is meant to sit at two chairs at once */
    public function refuseDoubles(): void
    {
        foreach ($this->shifts as $ofChair) {
            foreach ($ofChair as $shift) {
                foreach (array_keys($this->shifts) as $other) {
                    if ($shift->painter !== null && $other !== $shift->chair
                        && $this->shiftAt($other, $shift->from)?->painter === $shift->painter) {
                        throw DoubleShift::of($shift->painter, min($shift->chair, $other), max($shift->chair, $other));
                    }
                }
            }
        }
    }

    /**
     * @param  list<array{int, int}>  $stints
     * @return list<array{int, int}> in order, those that follow at once made one
     */
    private static function joined(array $stints): array
    {
        sort($stints);
        $joined = [];
        foreach ($stints as [$from, $until]) {
            $last = array_key_last($joined);
            if ($last !== null && $joined[$last][1] >= $from) {
                $joined[$last] = [$joined[$last][0], max($joined[$last][1], $until)];
            } else {
                $joined[] = [$from, $until];
            }
        }

        return $joined;
    }

    private function shiftAt(int $chair, Instant $at): ?Shift
    {
        $begun = null;
        foreach ($this->shifts[$chair] ?? [] as $shift) {
            $begun = $shift->from->isAfter($at) ? $begun : $shift;
        }

        return $begun;
    }
}
