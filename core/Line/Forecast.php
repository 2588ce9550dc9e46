<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;
use Core\Units\Instant;

/**
 * A first forecast of the line: every chair paints on as planned for whoever sits there, and whoever is first in line goes to the
 * chair that is free first (list scheduling: Graham 1966, "Bounds for certain multiprocessing anomalies").
 */
final readonly class Forecast
{
    /**
     * @param  list<CallTime>  $calls  in the order of the line
     * @param  non-empty-array<int, Instant>  $freeAt  when each chair is free for one more child after all of them
     * @param  array<int, string|null>  $painters  who sits at each chair then
     */
    private function __construct(public array $calls, private array $freeAt, private array $painters) {}

    /**
     * @param  PlannedTimes  $planned  painting times, of each chair's own painter where known
     * @param  Duration  $turnaround  between two faces
     * @param  int<1, max>  $chairs
     */
    public static function of(Line $line, PlannedTimes $planned, Roster $roster, Duration $turnaround, int $chairs, Instant $now): self
    {
        $freeAt = [];
        foreach (range(1, $chairs) as $chair) {
            $freeAt[$chair] = self::chairFreeAt($line->seatedOn($chair), $turnaround, $now);
        }
        $staffed = self::staffed($freeAt, $line->seats, $roster);
        // Where nobody is meant to come any more, somebody will have to.
        $freeAt = $staffed === [] ? $freeAt : $staffed;
        $calls = [];
        foreach ($line->queue() as $ticket) {
            $chair = self::firstFree($freeAt);
            $at = $freeAt[$chair];
            $finished = $at->plus($planned->of($ticket->design, $roster->painterAt($chair, $at, $line->seats)));
            $calls[] = new CallTime($ticket, $chair, $at, $finished);
            $free = $finished->plus($turnaround);
            $next = $staffed === [] ? $free : $roster->staffedFrom($chair, $free, $line->seats);
            $freeAt = self::withFree($freeAt, $chair, $next, $free);
        }
        $painters = [];
        foreach ($freeAt as $chair => $free) {
            $painters[$chair] = $roster->painterAt($chair, $free, $line->seats);
        }

        return new self($calls, $freeAt, $painters);
    }

    /**
     * @param  array<int, Instant>  $freeAt
     * @return array<int, Instant> from when somebody paints there, without chairs to which nobody comes
     */
    private static function staffed(array $freeAt, Seats $seats, Roster $roster): array
    {
        $staffed = [];
        foreach ($freeAt as $chair => $free) {
            $staffed[$chair] = $roster->staffedFrom($chair, $free, $seats);
        }

        return array_filter($staffed, static fn (?Instant $from): bool => $from !== null);
    }

    /**
     * A chair to which nobody comes any more is not counted on, unless it is the last.
     *
     * @param  non-empty-array<int, Instant>  $freeAt
     * @return non-empty-array<int, Instant>
     */
    private static function withFree(array $freeAt, int $chair, ?Instant $next, Instant $otherwise): array
    {
        $others = array_diff_key($freeAt, [$chair => true]);

        return $next === null && $others !== [] ? $others : array_replace($freeAt, [$chair => $next ?? $otherwise]);
    }

    /** When a child whose name is taken now would be called. */
    public function nextNameCalledAt(): Instant
    {
        return $this->freeAt[self::firstFree($this->freeAt)];
    }

    /** When the last face of those in the line and the chairs is finished and turned around. */
    public function clearAt(): Instant
    {
        return array_reduce(
            $this->freeAt,
            static fn (Instant $latest, Instant $free): Instant => $latest->orLater($free),
            $this->nextNameCalledAt(),
        );
    }

    /**
     * How many more faces are finished by the end, each chair painting one after another.
     *
     * @param  callable(?string): Duration  $face  how long one takes, by who paints it
     */
    public function facesUntil(Instant $end, callable $face, Duration $turnaround): int
    {
        $faces = 0;
        foreach ($this->freeAt as $chair => $free) {
            $each = max(1, $face($this->painters[$chair])->plus($turnaround)->milliseconds);
            $faces += intdiv($end->plus($turnaround)->since($free)->milliseconds, $each);
        }

        return $faces;
    }

    private static function chairFreeAt(?Ticket $seated, Duration $turnaround, Instant $now): Instant
    {
        $face = $seated?->face;
        if ($face === null) {
            return $now;
        }
        $painted = $face->paintedAt ?? $now->plus($face->leftToPaint($now));

        return $painted->plus($turnaround)->orLater($now);
    }

    /** @param  non-empty-array<int, Instant>  $freeAt */
    private static function firstFree(array $freeAt): int
    {
        $first = array_key_first($freeAt);
        foreach ($freeAt as $chair => $free) {
            $first = $freeAt[$first]->isAfter($free) ? $chair : $first;
        }

        return $first;
    }
}
