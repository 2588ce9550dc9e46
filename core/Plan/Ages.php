<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\Duration;

/** How old the children of an event are, as many of each age. */
final readonly class Ages
{
    private function __construct(public int $youngest, public int $oldest) {}

    /** Whichever way round they were said. */
    public static function between(int $one, int $other): self
    {
        return new self(min($one, $other), max($one, $other));
    }

    /** How many times as long a face takes, for the little ones who wriggle among them. */
    public function slowing(): float
    {
        $all = $this->oldest - $this->youngest + 1;
        $wriggling = max(0, min($this->oldest + 1, Defaults::WRIGGLING_AGE) - $this->youngest);

        return 1.0 + Defaults::WRIGGLING * $wriggling / $all;
    }

    /** How long the youngest sit still, as a rule. */
    public function sits(): Duration
    {
        $age = max(min(array_keys(Defaults::SITS_SECONDS)), min($this->youngest, max(array_keys(Defaults::SITS_SECONDS))));

        return Duration::ofSeconds(Defaults::SITS_SECONDS[$age]);
    }

    /** Whether some are too little for a full face and for gems. */
    public function hasLittleOnes(): bool
    {
        return $this->youngest < Defaults::LITTLE_AGE;
    }
}
