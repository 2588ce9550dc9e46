<?php

declare(strict_types=1);

namespace App\Plan\Party;

use Core\Plan\PartyOrder;
use Core\Units\Duration;
use Core\Units\Instant;

/** The children of a party in the order in which they are painted. */
final readonly class PartyOrderRead
{
    /** @param  Duration  $eachWithMore  what is left for each if so many more come */
    public function __construct(
        public PartyOrder $order,
        public Instant $opens,
        public Duration $turnaround,
        public Duration $eachWithMore,
    ) {}
}
