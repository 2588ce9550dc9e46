<?php

declare(strict_types=1);

namespace App\Bench\Order;

use Closure;
use Core\Order\Search\Outcome;
use Core\Order\Search\Watch;

/** Ends a search by the clock, or when nobody waits for it any more; tells of it a few times a second. */
final class WatchSearch implements Watch
{
    private const TELL_EVERY_SECONDS = 0.25;

    private float $told;

    private readonly float $ends;

    /** @param  Closure(Outcome): bool  $tell  answers whether anybody still listens */
    public function __construct(float $seconds, private readonly Closure $tell)
    {
        $this->told = microtime(true);
        $this->ends = $this->told + $seconds;
    }

    public static function silent(float $seconds): self
    {
        return new self($seconds, static fn (Outcome $soFar): bool => true);
    }

    /**
     * Tells nothing on the way.
     *
     * @param  Closure(): bool  $isThere  whether anybody still listens
     */
    public static function for(float $seconds, Closure $isThere): self
    {
        return new self($seconds, static fn (Outcome $soFar): bool => $isThere());
    }

    public function goesOn(Outcome $soFar): bool
    {
        $now = microtime(true);
        if ($now < $this->told + self::TELL_EVERY_SECONDS) {
            return $now < $this->ends;
        }
        $this->told = $now;

        return ($this->tell)($soFar) && $now < $this->ends;
    }
}
