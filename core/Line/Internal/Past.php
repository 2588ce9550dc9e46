<?php

declare(strict_types=1);

namespace Core\Line\Internal;

use Core\Line\EventKind;
use Core\Line\LineEvent;
use Core\Line\Seating\Seats;
use Core\Line\Ticket;

/** Which events took effect and what each replaced, newest last, so that the newest of a ticket can be taken back. */
final class Past
{
    /** A ULID is none, so that no ticket is called so. */
    private const SEATS = 'seats';

    /**
     * @param  array<string, list<array{LineEvent, Ticket|Seats|null}>>  $ofTicket  events with what they replaced; '' holds those of
     *                                                                              the whole line, 'seats' those of the roster
     * @param  array<int, list<LineEvent>>  $onChair
     */
    public function __construct(private array $ofTicket = [], private array $onChair = []) {}

    public function add(LineEvent $event, Ticket|Seats|null $before, ?int $chair): void
    {
        $this->ofTicket[self::key($event)][] = [$event, $before];
        if ($chair !== null) {
            $this->onChair[$chair][] = $event;
        }
    }

    /** @return array{LineEvent, Ticket|Seats|null}|null the newest entry of what the event is about */
    public function newestLike(string $eventId): ?array
    {
        foreach ($this->ofTicket as $entries) {
            $newest = end($entries);
            if ($newest !== false && $newest[0]->id === $eventId) {
                return $newest;
            }
        }

        return null;
    }

    /** Whether the event took effect and still stands. */
    public function holds(string $eventId): bool
    {
        foreach ($this->ofTicket as $entries) {
            foreach ($entries as [$event]) {
                if ($event->id === $eventId) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Id of the newest event of the ticket that still stands. */
    public function newestEventOf(string $ticketId): ?string
    {
        $entries = $this->ofTicket[$ticketId] ?? [];
        $newest = end($entries);

        return $newest === false ? null : $newest[0]->id;
    }

    /** Without the newest entry of the ticket that the event is about. */
    public function drop(LineEvent $newest): void
    {
        array_pop($this->ofTicket[self::key($newest)]);
        $this->onChair = array_map(
            static fn (array $events): array => array_values(array_filter(
                $events,
                static fn (LineEvent $event): bool => $event->id !== $newest->id,
            )),
            $this->onChair,
        );
    }

    /**
     * Of those tickets, of the whole line, and of the roster.
     *
     * @param  array<string, Ticket>  $tickets
     */
    public function only(array $tickets): self
    {
        return new self(
            array_intersect_key($this->ofTicket, ['' => true, self::SEATS => true, ...$tickets]),
            array_map(
                static fn (array $events): array => array_values(array_filter(
                    $events,
                    static fn (LineEvent $event): bool => $event->ticket === null || isset($tickets[$event->ticket]),
                )),
                $this->onChair,
            ),
        );
    }

    /**
     * Where a Moved that still stands has put its child.
     *
     * @param  array<string, Ticket>  $tickets  as they stand now
     */
    public function rankAfter(LineEvent $event, array $tickets): ?float
    {
        foreach ($event->kind === EventKind::Moved ? $this->ofTicket[(string) $event->ticket] ?? [] : [] as $at => [$told]) {
            if ($told->id === $event->id) {
                $after = $this->ofTicket[(string) $event->ticket][$at + 1][1] ?? $tickets[(string) $event->ticket];

                return $after instanceof Ticket ? $after->rank : null;
            }
        }

        return null;
    }

    /**
     * Ids of the chair's newest events of one instant, newest first, as far as they can be taken back. Who was brought back to a
     * chair keeps it: no tap about the child after it seats that one again.
     *
     * @param  string|null  $sitting  ticket on the chair now
     * @return list<string>
     */
    public function lastTapOn(int $chair, ?string $sitting): array
    {
        $events = array_reverse($this->onChair[$chair] ?? []);
        $tap = array_filter(
            $events,
            static fn (LineEvent $event): bool => $event->at->epochMilliseconds === $events[0]->at->epochMilliseconds,
        );
        $keepsChair = $sitting !== null && ! in_array($sitting, array_column($tap, 'ticket'), strict: true);
        $seats = array_reverse($this->ofTicket[self::SEATS] ?? []);
        $ids = [];
        foreach ($tap as $event) {
            if (! $event->kind->isOfRoster()) {
                $ids = $keepsChair ? $ids : [...$ids, $event->id];
            } elseif (($seats[0][0]->id ?? null) === $event->id) {
                $ids[] = $event->id;
                array_shift($seats);
            }
        }

        return $ids;
    }

    private static function key(LineEvent $event): string
    {
        return $event->kind->isOfRoster() ? self::SEATS : $event->ticket ?? '';
    }
}
