<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Illuminate\Contracts\Cache\Lock;

/** The right to search for a while. It is given back even where the search ends by running out of memory or time. */
final class SearchSlot
{
    /** @var list<Lock> */
    private array $locks;

    public function __construct(Lock ...$locks)
    {
        $this->locks = array_values($locks);
        register_shutdown_function($this->release(...));
    }

    public function release(): void
    {
        foreach ($this->locks as $lock) {
            $lock->release();
        }
        $this->locks = [];
    }
}
