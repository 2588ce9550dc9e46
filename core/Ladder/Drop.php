<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Units\Duration;

/** One thing that may be left out of a rung, and what that gains and costs. */
final readonly class Drop
{
    /**
     * @param  string  $words  such as “Foam dots” left out
     * @param  Duration  $saved  more than nothing, the rest put in its quickest order
     * @param  int  $lost  tenths of a look value
     * @param  Rung  $left  what is then painted
     */
    public function __construct(public string $words, public Duration $saved, public int $lost, public Rung $left) {}

    /** Tenths of a look value for each second that is saved. */
    public function lookPerSecond(): float
    {
        return $this->lost / $this->saved->seconds();
    }
}
