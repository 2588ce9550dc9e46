<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Line\Internal\Folding;
use Core\Line\Internal\Past;
use Core\Line\Seating\Seats;

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
     * @param  Seats  $seats  who paints at which chair
     * @param  array<string, true>  $soldOut  designs that are not offered for now
     */
    public function __construct(
        public bool $isOpen = false,
        public array $tickets = [],
        public array $chairs = [],
        public array $setAside = [],
        public Past $past = new Past,
        public ?LineEvent $newest = null,
        public Forgotten $forgotten = new Forgotten,
        public Seats $seats = new Seats,
        public array $soldOut = [],
    ) {}

    /** @param  iterable<LineEvent>  $events in any order, repeats allowed */
    public static function fold(iterable $events): self
    {
        return (new self)->told(array_map(static fn (LineEvent $event): JudgedEvent => new JudgedEvent($event), self::inOrder($events)));
    }

    /** As fold() comes to it for the next event. */
    public function after(LineEvent $event): self
    {
        return $this->told([new JudgedEvent($event)]);
    }

    /** @param  iterable<JudgedEvent>  $events  in the line's own time */
    public function told(iterable $events): self
    {
        $folding = Folding::of($this);
        foreach ($events as $judged) {
            $folding->tell($judged);
        }

        return $folding->line();
    }

    /**
     * Without those who went but the newest, and without the past of all but those.
     *
     * @param  list<JudgedEvent>  $events  all that it knows
     */
    public function forgetting(int $endedKept, array $events): self
    {
        $gone = array_fill_keys(array_column(array_slice($this->ended(), $endedKept), 'id'), true);
        if ($gone === []) {
            return $this;
        }
        $kept = array_diff_key($this->tickets, $gone);
        $ticketOf = Story::ticketsOf($events);
        $until = $this->forgotten->until;
        foreach ($events as $judged) {
            if (isset($gone[$ticketOf[$judged->event->id] ?? ''])) {
                $until = $until === null ? $judged->event->at : $until->orLater($judged->event->at);
            }
        }

        return $this->with(
            tickets: $kept,
            setAside: array_filter(
                $this->setAside,
                static fn (string $id): bool => ! isset($gone[$ticketOf[$id] ?? '']),
                ARRAY_FILTER_USE_KEY,
            ),
            past: $this->past->only($kept),
            forgotten: new Forgotten(
                $this->finishedCount() - self::countFinished($kept),
                max($this->forgotten->highestNumber, ...array_column(array_diff_key($this->tickets, $kept), 'number')),
                $until,
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
        return $this->past->lastTapOn($chair, $this->chairs[$chair] ?? null);
    }

    /** The event to undo for a child: the newest that still stands. */
    public function newestEventOf(string $ticketId): ?string
    {
        return $this->past->newestEventOf($ticketId);
    }

    /** The same line but for what is named. */
    public function with(mixed ...$changes): self
    {
        /**
         * @var array{
         *     isOpen: bool, tickets: array<string, Ticket>, chairs: array<int, string>, setAside: array<string, string>,
         *     past: Past, newest: LineEvent|null, forgotten: Forgotten, seats: Seats, soldOut: array<string, true>
         * } $values
         */
        $values = [...get_object_vars($this), ...$changes];

        return new self(...$values);
    }

    /**
     * @param  iterable<LineEvent>  $events
     * @return list<LineEvent> each once, in the line's own time
     */
    public static function inOrder(iterable $events): array
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
