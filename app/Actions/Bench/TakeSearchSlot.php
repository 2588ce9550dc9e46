<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Exceptions\TooManySearches;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockProvider;

/**
 * So many searches run at once, for the best order, the ladder, the schools and whatever else is looked for among many, and no
 * more; and of one team not so many that the others find none left.
 */
final readonly class TakeSearchSlot
{
    private const SLOTS = 3;

    private const SLOTS_OF_TEAM = 2;

    /** A search that dies without giving its slot back holds it no longer than this over its time. */
    private const GRACE_SECONDS = 5;

    public function __construct(private Factory $cache) {}

    /**
     * @param  float  $seconds  that the search may take
     * @return SearchSlot to be given back when the search is over
     *
     * @throws TooManySearches when all are taken, or all of the team's
     */
    public function __invoke(string $teamId, float $seconds): SearchSlot
    {
        $held = (int) ceil($seconds) + self::GRACE_SECONDS;
        $ofTeam = $this->take("search-of-{$teamId}", self::SLOTS_OF_TEAM, $held);
        $slot = $ofTeam === null ? null : $this->take('search', self::SLOTS, $held);
        if ($ofTeam === null || $slot === null) {
            $ofTeam?->release();

            throw TooManySearches::now();
        }

        return new SearchSlot($held, $ofTeam, $slot);
    }

    private function take(string $name, int $most, int $seconds): ?Lock
    {
        $locks = $this->cache->store()->getStore();
        for ($number = 1; $locks instanceof LockProvider && $number <= $most; $number++) {
            $lock = $locks->lock("{$name}-{$number}", $seconds);
            if ($lock->get() === true) {
                return $lock;
            }
        }

        return null;
    }
}
