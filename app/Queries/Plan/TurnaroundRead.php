<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Core\Units\Duration;

final readonly class TurnaroundRead
{
    /** @param  Duration  $middle  half of them were no longer */
    public function __construct(public Duration $middle, public int $times) {}
}
