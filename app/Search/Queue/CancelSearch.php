<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Models\Search\Search;
use App\Models\Search\SearchState;

/** Nobody wants it any more: one that waits is never begun, one that runs ends within moments. */
final readonly class CancelSearch
{
    public function __invoke(Search $search): void
    {
        Search::ofTeam($search->team_id)->whereKey($search->id)
            ->whereIn('state', [SearchState::Waiting, SearchState::Running])->update(['state' => SearchState::Cancelled]);
    }
}
