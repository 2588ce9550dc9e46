<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use Core\Units\Duration;

final readonly class TurnaroundRead
{
    /** @param  Duration  $middle  half of them were no longer */
    public function __construct(public Duration $middle, public int $times) {}
}
