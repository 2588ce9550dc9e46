<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\Ahead\AfterFace;
use Core\Line\Ticket;
use Core\Line\TicketStatus;

/** A child who is finished, left, did not come or was taken off. */
final readonly class EndedChild extends Resource
{
    /** @param  bool  $freshWater  whether the water was changed after it */
    public function __construct(
        public string $id,
        public int $number,
        public ?string $firstName,
        public string $design,
        public TicketStatus $outcome,
        public ?int $chair,
        public ?int $seatedAt,
        public int $endedAt,
        public string $lastEventId,
        public bool $isPaid,
        public bool $freshWater,
    ) {}

    public static function of(Ticket $ticket, LineRead $read): self
    {
        return new self(
            id: $ticket->id,
            number: $ticket->number,
            firstName: $ticket->firstName,
            design: $read->designs[$ticket->design]->name,
            outcome: $ticket->status,
            chair: $ticket->chair,
            seatedAt: $ticket->face?->seatedAt->epochMilliseconds,
            endedAt: (int) $ticket->endedAt?->epochMilliseconds,
            lastEventId: (string) $read->story->line->newestEventOf($ticket->id),
            isPaid: $ticket->paid !== null,
            freshWater: in_array(AfterFace::Water, array_column($ticket->face->parts ?? [], 'part'), true),
        );
    }
}
