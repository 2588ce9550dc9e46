<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

/** How many of the children are not there when they are called. */
final readonly class NoShows
{
    /** What is thought before any are counted weighs as much as so many calls. Team's estimate. */
    private const CALLS_BEFORE = 100;

    private function __construct() {}

    /**
     * A beta-binomial's posterior mean.
     *
     * @param  int  $came  children who sat down
     * @param  int  $notThere  who did not come
     * @return int thousandths
     */
    public static function share(int $came, int $notThere): int
    {
        return intdiv(
            Spread::NOT_THERE * self::CALLS_BEFORE + 1000 * $notThere,
            self::CALLS_BEFORE + $came + $notThere,
        );
    }
}
