<?php

declare(strict_types=1);

namespace Core\Order\Search;

/** Ends a search after so many partial orders: the same on every machine. */
final readonly class WithinLabels implements Watch
{
    public function __construct(private int $most) {}

    public function goesOn(Outcome $soFar): bool
    {
        return $soFar->labels < $this->most;
    }
}
