<?php

declare(strict_types=1);

namespace Core\Line\Internal;

use Core\Line\EventKind;
use Core\Line\LineEvent;
use Core\Line\Ticket;

/** Which events took effect and what each replaced, newest last, so that the newest of a ticket can be taken back. */
final readonly class Past
{
    /**
     * @param  array<string, list<array{LineEvent, Ticket|null}>>  $ofTicket  events with the ticket as it was before; the
     *                                                                        key '' holds those of the whole line
     * @param  array<int, list<LineEvent>>  $onChair
     */
    public function __construct(private array $ofTicket = [], private array $onChair = []) {}

    public function with(LineEvent $event, ?Ticket $before, ?int $chair): self
    {
        $ofTicket = $this->ofTicket;
        $ofTicket[$event->ticket ?? ''][] = [$event, $before];
        $onChair = $this->onChair;
        if ($chair !== null) {
            $onChair[$chair][] = $event;
        }

        return new self($ofTicket, $onChair);
    }

    /** @return array{LineEvent, Ticket|null}|null the newest entry of the ticket that the event is about */
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
    public function without(LineEvent $newest): self
    {
        $ofTicket = $this->ofTicket;
        array_pop($ofTicket[$newest->ticket ?? '']);
        $onChair = array_map(
            static fn (array $events): array => array_values(array_filter(
                $events,
                static fn (LineEvent $event): bool => $event->id !== $newest->id,
            )),
            $this->onChair,
        );

        return new self($ofTicket, $onChair);
    }

    /**
     * Of those tickets, and of the whole line.
     *
     * @param  array<string, Ticket>  $tickets
     */
    public function only(array $tickets): self
    {
        return new self(
            array_intersect_key($this->ofTicket, ['' => true, ...$tickets]),
            array_map(static fn (array $events): array => array_values(array_filter($events, static fn (LineEvent $event): bool => isset($tickets[(string) $event->ticket]))), $this->onChair),
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
                return ($this->ofTicket[(string) $event->ticket][$at + 1][1] ?? $tickets[(string) $event->ticket])->rank;
            }
        }

        return null;
    }

    /** @return list<string> ids of the chair's newest events of one instant, newest first */
    public function lastTapOn(int $chair): array
    {
        $events = array_reverse($this->onChair[$chair] ?? []);
        $ids = [];
        foreach ($events as $event) {
            if ($event->at->epochMilliseconds !== $events[0]->at->epochMilliseconds) {
                break;
            }
            $ids[] = $event->id;
        }

        return $ids;
    }
}
