<?php

declare(strict_types=1);

namespace Core\Line;

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
     */
    public function __construct(
        public bool $isOpen = false,
        public array $tickets = [],
        public array $chairs = [],
        public array $setAside = [],
        public Past $past = new Past,
    ) {}

    /** @param  iterable<LineEvent>  $events in any order, repeats allowed */
    public static function fold(iterable $events): self
    {
        $unique = [];
        foreach ($events as $event) {
            $unique[$event->id] = $event;
        }
        usort($unique, LineEvent::compare(...));

        return array_reduce($unique, static fn (self $line, LineEvent $event): self => $line->after($event), new self);
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
            );
        }
    }
}
