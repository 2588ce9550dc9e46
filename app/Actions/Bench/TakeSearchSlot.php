<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Exceptions\TooManySearches;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockProvider;

/** So many searches, for the best order or for the ladder, run at once, and no more: the chairs need the other workers. */
final readonly class TakeSearchSlot
{
    private const SLOTS = 2;

    /** Longer than any search, should one die without giving its slot back. */
    private const SECONDS = 90;

    public function __construct(private Factory $cache) {}

    /**
     * @return Lock to be released when the search is over
     *
     * @throws TooManySearches when all are taken
     */
    public function __invoke(): Lock
    {
        $locks = $this->cache->store()->getStore();
        for ($slot = 1; $locks instanceof LockProvider && $slot <= self::SLOTS; $slot++) {
            $lock = $locks->lock("best-order-{$slot}", self::SECONDS);
            if ($lock->get() === true) {
                return $lock;
            }
        }

        throw TooManySearches::now();
    }
}
