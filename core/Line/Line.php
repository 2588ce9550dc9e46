<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Exceptions\NeedsWholeDay;
use Core\Exceptions\TapSetAside;
use Core\Line\Internal\Deeds;
use Core\Line\Internal\Past;

/** The state of a day's line and chairs: a fold over its events, the same for any order of arrival and any repeats. */
final readonly class Line
{
    /**
     * @param  array<string, Ticket>  $tickets  by id
     * @param  array<int, string>  $chairs  ticket id by number of the chair it sits in
     * @param  array<string, string>  $setAside  reason by id of the event that changed nothing
     * @param  Past  $past  what each event replaced, for taking it back
     * @param  LineEvent|null  $newest  of the events folded so far
     * @param  Forgotten  $forgotten  what is known of the children that forgetting() left out
     */
    public function __construct(
        public bool $isOpen = false,
        public array $tickets = [],
        public array $chairs = [],
        public array $setAside = [],
        public Past $past = new Past,
        public ?LineEvent $newest = null,
        public Forgotten $forgotten = new Forgotten,
    ) {}

    /** @param  iterable<LineEvent>  $events in any order, repeats allowed */
    public static function fold(iterable $events): self
    {
        return array_reduce(self::inOrder($events), static fn (self $line, LineEvent $event): self => $line->after($event), new self);
    }

    /**
     * The same line as fold() gives for all events from the beginning, where only the later ones are at hand.
     *
     * @param  iterable<LineEvent>  $events  none of which this line has seen, in any order, repeats allowed
     *
     * @throws NeedsWholeDay when one lies before the newest seen, takes another back, or is about a forgotten child
     */
    public function goOn(iterable $events): self
    {
        return array_reduce(self::inOrder($events), static function (self $line, LineEvent $event): self {
            if ($line->reachesBack($event)) {
                throw NeedsWholeDay::for($event->id);
            }

            return $line->after($event);
        }, $this);
    }

    /** Enough of the line to show it and to go on from: without the past, and with the newest of those who went only. */
    public function forgetting(int $endedKept): self
    {
        $ended = array_slice($this->ended(), $endedKept);
        $gone = array_fill_keys(array_column($ended, 'id'), true);
        $kept = array_diff_key($this->tickets, $gone);

        return new self(
            $this->isOpen,
            $kept,
            $this->chairs,
            [],
            $this->past->newestOnly($kept),
            $this->newest,
            new Forgotten(
                $this->finishedCount() - self::countFinished($kept),
                $this->highestNumber(),
            ),
        );
    }

    /** @return list<Ticket> those who went, newest first */
    public function ended(): array
    {
        $ended = array_filter($this->tickets, static fn (Ticket $ticket): bool => $ticket->endedAt !== null);
        usort($ended, static fn (Ticket $a, Ticket $b): int => [$b->endedAt, $b->number] <=> [$a->endedAt, $a->number]);

        return $ended;
    }

    public function finishedCount(): int
    {
        return $this->forgotten->finished + self::countFinished($this->tickets);
    }

    /** The highest number given out; 0 before the first. */
    public function highestNumber(): int
    {
        return max($this->forgotten->highestNumber, 0, ...array_column($this->tickets, 'number'));
    }

    /** @return list<Ticket> those waiting or called, first one first */
    public function queue(): array
    {
        $inLine = array_filter($this->tickets, static fn (Ticket $ticket): bool => $ticket->status->isInLine());
        usort($inLine, static fn (Ticket $a, Ticket $b): int => [$a->rank, $a->number] <=> [$b->rank, $b->number]);

        return $inLine;
    }

    public function seatedOn(int $chair): ?Ticket
    {
        return $this->tickets[$this->chairs[$chair] ?? ''] ?? null;
    }

    /**
     * The events of the last tap on a chair, newest first: what one press of "undo" takes back. Events of one instant
     * are one tap.
     *
     * @return list<string>
     */
    public function undoable(int $chair): array
    {
        return $this->past->lastTapOn($chair);
    }

    /** The event to undo for a child: the newest that still stands. */
    public function newestEventOf(string $ticketId): ?string
    {
        return $this->past->newestEventOf($ticketId);
    }

    private function after(LineEvent $event): self
    {
        try {
            return Deeds::apply($this, $event);
        } catch (TapSetAside $reason) {
            return new self(
                $this->isOpen,
                $this->tickets,
                $this->chairs,
                [...$this->setAside, $event->id => $reason->getMessage()],
                $this->past,
                $event,
                $this->forgotten,
            );
        }
    }

    private function reachesBack(LineEvent $event): bool
    {
        return match (true) {
            $this->newest !== null && LineEvent::compare($event, $this->newest) <= 0, $event->kind === EventKind::Undone => true,
            $event->kind === EventKind::Joined => $event->number <= $this->forgotten->highestNumber,
            default => $event->ticket !== null && ! isset($this->tickets[$event->ticket]),
        };
    }

    /**
     * @param  iterable<LineEvent>  $events
     * @return list<LineEvent> each once, in the line's own time
     */
    private static function inOrder(iterable $events): array
    {
        $unique = [];
        foreach ($events as $event) {
            $unique[$event->id] = $event;
        }
        usort($unique, LineEvent::compare(...));

        return $unique;
    }

    /** @param  array<string, Ticket>  $tickets */
    private static function countFinished(array $tickets): int
    {
        return count(array_filter($tickets, static fn (Ticket $ticket): bool => $ticket->status === TicketStatus::Finished));
    }
}
