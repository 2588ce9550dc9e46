<?php

declare(strict_types=1);

namespace Core\Order\Search;

/** Looks on while a search runs, and may end it. */
interface Watch
{
    /** Asked every few hundred partial orders and after every sweep; false ends the search with the best so far. */
    public function goesOn(Outcome $soFar): bool;
}
