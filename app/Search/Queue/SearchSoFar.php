<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Models\Search\Search;
use App\Models\Search\SearchState;
use Illuminate\Support\Facades\DB;

/** How far a search is. Who asks is heard: a search that nobody asks after is ended. */
final readonly class SearchSoFar
{
    private const DIED = '{"message":"That took more than this machine could give it. Ask for less, or try again."}';

    /** @param  int  $from  the number of the first line that is not known yet */
    public function __invoke(Search $search, int $from): SearchProgress
    {
        Search::ofTeam($search->team_id)->whereKey($search->id)->update(['heard_at' => now()]);
        $isDead = TakeSearch::isDead($search);
        /** @var list<string> $lines */
        $lines = DB::table('search_lines')->where('search_id', $search->id)->where('number', '>=', $from)->orderBy('number')
            ->pluck('line')->all();

        return new SearchProgress(
            status: match (true) {
                $isDead => 503,
                $search->state === SearchState::Cancelled => 409,
                default => $search->status,
            },
            ahead: $search->state === SearchState::Waiting ? $this->before($search) : 0,
            runsMs: (int) $search->started_at?->diffInMilliseconds(now()),
            mostMs: $search->seconds * 1000,
            lines: $isDead ? [...$lines, self::DIED] : $lines,
        );
    }

    /** Of all teams: whoever waits is told how long the line is, not whose it is. */
    private function before(Search $search): int
    {
        return Search::query()->whereIn('state', [SearchState::Waiting, SearchState::Running])->where('id', '<', $search->id)
            ->where('heard_at', '>', now()->subSeconds(TakeSearch::GRACE_SECONDS))->count();
    }
}
