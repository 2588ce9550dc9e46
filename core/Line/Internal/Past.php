<?php

declare(strict_types=1);

namespace Core\Line\Internal;

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
     * Which event of each ticket is the newest, and which ones were the last tap on each chair; not what they replaced.
     *
     * @param  array<string, Ticket>  $tickets  those to be known of
     */
    public function newestOnly(array $tickets): self
    {
        $newest = array_map(
            static fn (array $entries): array => array_map(static fn (array $entry): array => [$entry[0], null], array_slice($entries, -1)),
            array_intersect_key($this->ofTicket, $tickets),
        );
        $onChair = [];
        foreach ($this->onChair as $chair => $events) {
            $ids = $this->lastTapOn($chair);
            $onChair[$chair] = array_values(array_filter($events, static fn (LineEvent $event): bool => in_array($event->id, $ids, true)));
        }

        return new self($newest, $onChair);
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
