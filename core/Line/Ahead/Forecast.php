<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\Ticket;
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
     * Who wished for a painter waits for that one, as long as he or she paints at some chair; who was called and is not there takes
     * no time.
     *
     * @param  NextChild|null  $first  taken before all others, where that is to be tried
     */
    public static function of(Outlook $outlook, ?NextChild $first = null): self
    {
        $freeAt = [];
        foreach (range(1, $outlook->chairs) as $chair) {
            $freeAt[$chair] = self::chairFreeAt($outlook->line->seatedOn($chair), $outlook->turnaround, $outlook->now);
        }
        $staffed = self::staffed($freeAt, $outlook);
        // Where nobody is meant to come any more, somebody will have to.
        $freeAt = $staffed === [] ? $freeAt : $staffed;
        $calls = [];
        foreach (self::order($outlook->line->queue(), $first) as $ticket) {
            $isFirst = $ticket->id === $first?->ticket && isset($freeAt[$first->chair]);
            $chair = $isFirst ? $first->chair : self::chairFor($ticket, $freeAt, $outlook);
            $at = $freeAt[$chair];
            if ($outlook->isOverdue($ticket)) {
                $calls[] = new CallTime($ticket, $chair, $at, $at);

                continue;
            }
            $finished = $at->plus($outlook->planned->of($ticket->design, $outlook->painterAt($chair, $at)));
            $calls[] = new CallTime($ticket, $chair, $at, $finished);
            $free = $finished->plus($outlook->turnaround);
            $next = $staffed === [] ? $free : $outlook->staffedFrom($chair, $free);
            $freeAt = self::withFree($freeAt, $chair, $next, $free);
        }
        $painters = [];
        foreach ($freeAt as $chair => $free) {
            $painters[$chair] = $outlook->painterAt($chair, $free);
        }

        return new self($calls, $freeAt, $painters);
    }

    /** Until when all of them have waited for their last stroke, added up: what who takes whom is chosen by. Milliseconds. */
    public function waitedFor(): int
    {
        return array_sum(array_map(static fn (CallTime $call): int => $call->finishedAt->epochMilliseconds, $this->calls));
    }

    /**
     * @param  list<Ticket>  $queue
     * @return list<Ticket>
     */
    private static function order(array $queue, ?NextChild $first): array
    {
        usort($queue, static fn (Ticket $one, Ticket $other): int => ($other->id === $first?->ticket) <=> ($one->id === $first?->ticket));

        return $queue;
    }

    /** @param  non-empty-array<int, Instant>  $freeAt */
    private static function chairFor(Ticket $ticket, array $freeAt, Outlook $outlook): int
    {
        $wished = $ticket->wish === null ? [] : array_filter(
            $freeAt,
            static fn (Instant $at, int $chair): bool => $outlook->painterAt($chair, $at) === $ticket->wish,
            ARRAY_FILTER_USE_BOTH,
        );

        return self::firstFree($wished === [] ? $freeAt : $wished);
    }

    /**
     * @param  array<int, Instant>  $freeAt
     * @return array<int, Instant> from when somebody paints there, without chairs to which nobody comes
     */
    private static function staffed(array $freeAt, Outlook $outlook): array
    {
        $staffed = [];
        foreach ($freeAt as $chair => $free) {
            $staffed[$chair] = $outlook->staffedFrom($chair, $free);
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
