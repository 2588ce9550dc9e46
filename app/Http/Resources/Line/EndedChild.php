<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;
use Core\Line\TicketStatus;

/** A child who is finished, left, did not come or was taken off. */
final readonly class EndedChild extends Resource
{
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
    ) {}
}
