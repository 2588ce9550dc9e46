<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\MariaDbConnection;

/**
 * Begins a transaction anew that lost against another one: as a deadlock on one machine, or, where several hold the data, because
 * another of them had written the same row meanwhile. The one place where that is tried again.
 */
final class RetryingConnection extends MariaDbConnection
{
    private const ATTEMPTS = 8;

    /** @phpstan-param  Closure  $callback */
    public function transaction(Closure $callback, $attempts = self::ATTEMPTS): mixed
    {
        /** @var Closure(self): mixed $callback */
        return parent::transaction($callback, $attempts);
    }
}
