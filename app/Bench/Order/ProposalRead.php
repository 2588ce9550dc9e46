<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Bench\Advice\FixRead;
use Core\Order\Proposal;
use Core\Timeline\Timeline;

/** A best order so far. */
final readonly class ProposalRead
{
    /**
     * @param  bool  $isDone  whether the search has ended
     * @param  FixRead|null  $fix  what applies it; null when no order was found
     * @param  Timeline|null  $best  likewise
     * @param  Timeline|null  $lawful  the typed order with its waits; null where it needs none
     */
    public function __construct(
        public Proposal $proposal,
        public bool $isDone,
        public ?FixRead $fix,
        public ?Timeline $best,
        public ?Timeline $lawful,
    ) {}
}
