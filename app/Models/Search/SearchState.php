<?php

declare(strict_types=1);

namespace App\Models\Search;

/** How far a search is. */
enum SearchState: string
{
    /** For a worker, and for the team's turn. */
    case Waiting = 'waiting';

    case Running = 'running';

    /** All that it had to say is there. */
    case Over = 'over';

    /** Nobody wants it any more. */
    case Cancelled = 'cancelled';
}
