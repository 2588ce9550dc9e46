<?php

declare(strict_types=1);

namespace Core\Order\Search;

/** Ends a search as soon as any order keeps all lags, or after so many partial orders. */
final readonly class UntilFeasible implements Watch
{
    public function __construct(private int $most) {}

    public function goesOn(Outcome $soFar): bool
    {
        return $soFar->best === null && $soFar->labels < $this->most;
    }
}
