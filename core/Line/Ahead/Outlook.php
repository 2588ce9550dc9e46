<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\Defaults;
use Core\Line\Line;
use Core\Line\Seating\Roster;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Duration;
use Core\Units\Instant;

/** All that the time to come of a line hangs on at a moment. */
final readonly class Outlook
{
    /**
     * @param  PlannedTimes  $planned  painting times, of each chair's own painter where known
     * @param  Duration  $turnaround  between two faces
     * @param  int<1, max>  $chairs
     * @param  int  $notThere  thousandths of the children who are not there when they are called
     */
    public function __construct(
        public Line $line,
        public PlannedTimes $planned,
        public Roster $roster,
        public Duration $turnaround,
        public int $chairs,
        public Instant $now,
        public int $notThere = Spread::NOT_THERE,
    ) {}

    public function painterAt(int $chair, Instant $at): ?string
    {
        return $this->roster->painterAt($chair, $at, $this->line->seats);
    }

    public function staffedFrom(int $chair, Instant $at): ?Instant
    {
        return $this->roster->staffedFrom($chair, $at, $this->line->seats);
    }

    /** Called, and not there for so long that somebody else is taken meanwhile. */
    public function isOverdue(Ticket $ticket): bool
    {
        return $ticket->status === TicketStatus::Called && $ticket->calledAt !== null
            && $this->now->since($ticket->calledAt)->milliseconds >= 60_000 * Defaults::NO_SHOW_MINUTES;
    }
}
