<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Illuminate\Contracts\Cache\Lock;

/** The right to search for a while. It is given back even where the search ends by running out of memory or time. */
final class SearchSlot
{
    /** @var list<Lock> */
    private array $locks;

    /** @param  int  $seconds  after which whoever searches on is ended, where a request has a process of its own */
    public function __construct(int $seconds, Lock ...$locks)
    {
        $this->locks = array_values($locks);
        register_shutdown_function($this->release(...));
        if (PHP_SAPI === 'fpm-fcgi') {
            set_time_limit($seconds);
        }
    }

    public function release(): void
    {
        foreach ($this->locks as $lock) {
            $lock->release();
        }
        $this->locks = [];
    }
}
