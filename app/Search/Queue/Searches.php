<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Exceptions\TooManySearches;
use App\Models\Account\User;
use App\Models\Search\Search;
use App\Models\Search\SearchState;
use Illuminate\Support\Facades\DB;

/** Searches as those see them who wait for one. */
final readonly class Searches
{
    /** Of one team: more than all its screens ask for at a time. */
    private const MOST_WAITING = 12;

    /** What was found is fetched at once, or never. */
    private const KEPT_MINUTES = 5;

    private const DIED = '{"message":"That took more than this machine could give it. Ask for less, or try again."}';

    /**
     * Puts what somebody asked for into the queue of searches.
     *
     * @param  int  $seconds  that it may take
     *
     * @throws TooManySearches when more of the team's wait than make sense
     */
    public function ask(User $user, string $method, string $address, string $body, int $seconds): Search
    {
        $ofTeam = Search::ofTeam($user->team_id);
        (clone $ofTeam)->where('heard_at', '<', now()->subMinutes(self::KEPT_MINUTES))->delete();
        if ((clone $ofTeam)->where('state', SearchState::Waiting)->count() >= self::MOST_WAITING) {
            throw TooManySearches::now();
        }
        $search = $ofTeam->create([
            'team_id' => $user->team_id,
            'user_id' => $user->id,
            'method' => $method,
            'address' => $address,
            'body' => $body,
            'state' => SearchState::Waiting,
            'seconds' => $seconds,
            'heard_at' => now(),
        ]);
        RunSearch::dispatch($search->id);

        return $search;
    }

    /** Nobody wants it any more: one that waits is never begun, one that runs ends within moments. */
    public function cancel(Search $search): void
    {
        Search::ofTeam($search->team_id)->whereKey($search->id)
            ->whereIn('state', [SearchState::Waiting, SearchState::Running])->update(['state' => SearchState::Cancelled]);
    }

    /**
     * How far a search is. Who asks is heard: a search that nobody asks after is ended.
     *
     * @param  int  $from  the number of the first line that is not known yet
     */
    public function soFar(Search $search, int $from): SearchProgress
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
