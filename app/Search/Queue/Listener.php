<?php

declare(strict_types=1);

namespace App\Search\Queue;

use Closure;
use JsonSerializable;

/** Whoever waits for what a search finds. */
interface Listener
{
    /** @return bool whether anybody still listens */
    public function tell(JsonSerializable $line): bool;

    /** @return Closure(): bool whether anybody still listens, asked as often as is convenient */
    public function isThere(): Closure;
}
