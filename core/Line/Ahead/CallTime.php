<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\Ticket;
use Core\Units\Instant;

/** When a waiting child is likely to be called, to which chair, and finished. */
final readonly class CallTime
{
    public function __construct(
        public Ticket $ticket,
        public int $chair,
        public Instant $callAt,
        public Instant $finishedAt,
    ) {}
}
