<?php

declare(strict_types=1);

namespace Core\Ladder\Internal;

use Core\Order\Search\Outcome;
use Core\Order\Search\Watch;

/** Ends the search for one version after so many partial orders, or when the whole ladder is ended. */
final readonly class ForOneVersion implements Watch
{
    /** @param  int  $before  partial orders looked at for other versions */
    public function __construct(private Watch $whole, private int $before, private int $most) {}

    public function goesOn(Outcome $soFar): bool
    {
        return $soFar->labels < $this->most
            && $this->whole->goesOn(new Outcome($soFar->best, $soFar->bound, $soFar->isProven, $this->before + $soFar->labels));
    }
}
