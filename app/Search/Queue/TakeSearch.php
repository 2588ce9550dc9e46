<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Models\Search\Search;
use App\Models\Search\SearchState;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Support\Collection;

/**
 * Takes the search whose turn it is: short ones before long ones; of the team of which the fewest run, the one that has waited longest. Of
 * one team not so many run at once, nor so many long ones of all teams, that the others find no worker left.
 */
final readonly class TakeSearch
{
    public const MOST_OF_TEAM = 2;

    /** Seconds: somebody waits for those before a screen; longer ones are let run. */
    public const SHORT = 10;

    /** Of any search. */
    public const MOST_SECONDS = 60;

    /** One worker of bin/start is always left for short ones. */
    public const MOST_LONG = 2;

    /** What a long one gets at least while other teams wait for theirs: it is as good as it is by then. */
    public const SLICE_SECONDS = 15;

    /** A search that died with its worker counts as running no longer than this over its time. */
    public const GRACE_SECONDS = 5;

    /** Whoever asked is gone. */
    private const LONGEST_SILENCE_SECONDS = 30;

    private const LOCKED_SECONDS = 5;

    public function __construct(private Factory $cache) {}

    /** @return Search|null null when none waits whose turn it could be */
    public function __invoke(): ?Search
    {
        $lock = $this->lock();
        $lock->block(self::LOCKED_SECONDS);
        try {
            return self::next();
        } finally {
            $lock->release();
        }
    }

    /** Whether any team waits for one. */
    public function someWait(): bool
    {
        return Search::query()->where('state', SearchState::Waiting)
            ->where('heard_at', '>', now()->subSeconds(self::LONGEST_SILENCE_SECONDS))->exists();
    }

    private static function next(): ?Search
    {
        $live = Search::query()->whereIn('state', [SearchState::Waiting, SearchState::Running])
            ->where('heard_at', '>', now()->subSeconds(self::LONGEST_SILENCE_SECONDS))
            // Whoever has left the team since wants nothing any more.
            ->whereHas('user')->orderBy('id')->get(['id', 'team_id', 'state', 'started_at', 'seconds', 'address']);
        [$waiting, $begun] = $live->partition(static fn (Search $one): bool => $one->state === SearchState::Waiting);
        $running = $begun->reject(self::isDead(...));
        $ofTeam = $running->countBy('team_id');
        $long = $running->filter(self::isLong(...))->count();
        $of = static fn (Search $one): int => $ofTeam->get($one->team_id, 0);
        // Where no long one runs, one of them has its turn, however many short ones come.
        $turn = static fn (Search $one): array => [self::isLong($one) !== ($long === 0), $of($one), $one->id];
        $next = $waiting
            ->filter(static fn (Search $one): bool => $of($one) < self::MOST_OF_TEAM && ($long < self::MOST_LONG || ! self::isLong($one)))
            ->sortBy([static fn (Search $one, Search $other): int => $turn($one) <=> $turn($other)])
            ->first();
        $next?->update([
            'state' => SearchState::Running, 'started_at' => now(), 'seconds' => self::slice($next, $waiting->filter(self::isLong(...))),
        ]);

        return $next?->fresh('user');
    }

    private static function isLong(Search $search): bool
    {
        return $search->seconds > self::SHORT;
    }

    /**
     * @param  Collection<int, Search>  $waiting  long ones
     * @return int seconds: shared with the other teams that wait, where it ends with the best so far when its time is over
     */
    private static function slice(Search $search, Collection $waiting): int
    {
        if (! str_contains($search->address, 'seconds=')) {
            return $search->seconds;
        }
        $others = $waiting->pluck('team_id')->unique()->diff([$search->team_id])->count();

        return min($search->seconds, max(self::SLICE_SECONDS, intdiv($search->seconds, 1 + $others)));
    }

    /** Whether its worker must have ended without saying so. */
    public static function isDead(Search $search): bool
    {
        return $search->state === SearchState::Running
            && $search->started_at?->addSeconds($search->seconds + self::GRACE_SECONDS)->isPast() === true;
    }

    private function lock(): Lock
    {
        $locks = $this->cache->store()->getStore();
        assert($locks instanceof LockProvider);

        return $locks->lock('take-search', self::LOCKED_SECONDS);
    }
}
