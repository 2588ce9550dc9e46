<?php

declare(strict_types=1);

namespace Core\Order\Search;

/** From the end of one step to the start of a later one: at least so long, and at most so long where there is a most. */
final readonly class Lag
{
    /**
     * @param  int  $least  milliseconds, 0 or more
     * @param  int|null  $most  milliseconds, not less than the least
     */
    public function __construct(public int $from, public int $to, public int $least = 0, public ?int $most = null) {}
}
