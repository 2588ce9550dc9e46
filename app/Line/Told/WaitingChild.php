<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\Ahead\CallTime;
use Core\Line\TicketStatus;

/** A child in the line, with the time it is likely to be called and whether it is finished before closing. */
final readonly class WaitingChild extends Resource
{
    /**
     * @param  string|null  $party  the same for those who came together
     * @param  string|null  $wishId  the painter wished for
     * @param  bool  $overdue  called, and not there for so long that somebody else is taken meanwhile
     */
    public function __construct(
        public string $id,
        public int $number,
        public ?string $firstName,
        public string $designId,
        public string $design,
        public ?string $planId,
        public int $plannedMs,
        public bool $called,
        public int $joinedAt,
        public int $callAt,
        public int $callChair,
        public int $finishedAt,
        public bool $beforeClosing,
        public ?string $party,
        public ?string $wishId,
        public ?string $note,
        public int $calls,
        public bool $overdue,
    ) {}

    public static function of(CallTime $call, LineRead $read): self
    {
        $ticket = $call->ticket;
        $design = $read->designs[$ticket->design];
        $own = $read->ownTime($call);

        return new self(
            id: $ticket->id,
            number: $ticket->number,
            firstName: $ticket->firstName,
            designId: $ticket->design,
            design: $design->name,
            planId: $own->planId ?? $design->planId,
            plannedMs: ($own->planned ?? $design->planned)->milliseconds,
            called: $ticket->status === TicketStatus::Called,
            joinedAt: $ticket->joinedAt->epochMilliseconds,
            callAt: $call->callAt->epochMilliseconds,
            callChair: $call->chair,
            finishedAt: $call->finishedAt->epochMilliseconds,
            beforeClosing: ! $call->finishedAt->isAfter($read->day->closes),
            party: $ticket->party,
            wishId: $ticket->wish,
            note: $ticket->note,
            calls: $ticket->calls,
            overdue: $read->outlook->isOverdue($ticket),
        );
    }
}
