<?php

declare(strict_types=1);

namespace App\Actions\Search;

use App\Models\Search;
use App\Models\SearchState;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockProvider;

/**
 * Takes the search whose turn it is: of the team of which the fewest run, the one that has waited longest. Of one team not so many
 * run at once that the others find no worker left.
 */
final readonly class TakeSearch
{
    public const MOST_OF_TEAM = 2;

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

    private static function next(): ?Search
    {
        $live = Search::query()->whereIn('state', [SearchState::Waiting, SearchState::Running])
            ->where('heard_at', '>', now()->subSeconds(self::LONGEST_SILENCE_SECONDS))
            // Whoever has left the team since wants nothing any more.
            ->whereHas('user')->orderBy('id')->get(['id', 'team_id', 'state', 'started_at', 'seconds']);
        $running = $live->filter(static fn (Search $one): bool => $one->state === SearchState::Running && ! self::isDead($one))
            ->countBy('team_id');
        $of = static fn (Search $one): int => $running->get($one->team_id, 0);
        $next = $live
            ->filter(static fn (Search $one): bool => $one->state === SearchState::Waiting && $of($one) < self::MOST_OF_TEAM)
            ->sortBy([static fn (Search $one, Search $other): int => [$of($one), $one->id] <=> [$of($other), $other->id]])
            ->first();
        $next?->update(['state' => SearchState::Running, 'started_at' => now()]);

        return $next?->fresh('user');
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
