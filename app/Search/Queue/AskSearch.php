<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Exceptions\TooManySearches;
use App\Models\Account\User;
use App\Models\Search\Search;
use App\Models\Search\SearchState;

/** Puts what somebody asked for into the queue of searches. */
final readonly class AskSearch
{
    /** Of one team: more than all its screens ask for at a time. */
    private const MOST_WAITING = 12;

    /** What was found is fetched at once, or never. */
    private const KEPT_MINUTES = 5;

    /**
     * @param  int  $seconds  that it may take
     *
     * @throws TooManySearches when more of the team's wait than make sense
     */
    public function __invoke(User $user, string $method, string $address, string $body, int $seconds): Search
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
}
