<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;
use Core\Units\Instant;

/**
 * A first forecast of the line: every chair paints on as planned, and whoever is first in line goes to the chair that is
 * free first (list scheduling: Graham 1966, "Bounds for certain multiprocessing anomalies").
 */
final readonly class Forecast
{
    /**
     * @param  list<CallTime>  $calls  in the order of the line
     * @param  non-empty-array<int, Instant>  $freeAt  when each chair is free for one more child after all of them
     */
    private function __construct(public array $calls, private array $freeAt) {}

    /**
     * @param  array<string, Duration>  $planned  painting time by design id; a design that is missing counts as nothing
     * @param  Duration  $turnaround  between two faces
     * @param  int<1, max>  $chairs
     */
    public static function of(Line $line, array $planned, Duration $turnaround, int $chairs, Instant $now): self
    {
        $freeAt = [];
        foreach (range(1, $chairs) as $chair) {
            $freeAt[$chair] = self::chairFreeAt($line->seatedOn($chair), $turnaround, $now);
        }
        $calls = [];
        foreach ($line->queue() as $ticket) {
            $chair = self::firstFree($freeAt);
            $finished = $freeAt[$chair]->plus($planned[$ticket->design] ?? Duration::zero());
            $calls[] = new CallTime($ticket, $chair, $freeAt[$chair], $finished);
            $freeAt[$chair] = $finished->plus($turnaround);
        }

        return new self($calls, $freeAt);
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

    /** How many more faces of that length are finished by the end, each chair painting one after another. */
    public function facesUntil(Instant $end, Duration $face, Duration $turnaround): int
    {
        $each = max(1, $face->plus($turnaround)->milliseconds);
        $faces = 0;
        foreach ($this->freeAt as $free) {
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
