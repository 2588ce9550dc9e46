<?php

declare(strict_types=1);

namespace Core\Surface;

use Core\Units\Duration;

/** One time that a painter went on over a film, sooner or later than was reckoned. */
final readonly class GoingOn
{
    /**
     * @param  Duration  $reckoned  how long the film was to be left
     * @param  Duration  $left  how long it was
     * @param  bool  $isRepaired  whether what went on, or what lay below, had to be painted again
     */
    public function __construct(public Duration $reckoned, public Duration $left, public bool $isRepaired) {}

    /**
     * How much faster paint dries than was reckoned: the middle of the times it held although it was left for less. No faster than a
     * film that was left as long and had to be mended; and no more than twice as fast, for then something else is meant.
     *
     * @param  list<self>  $times
     * @return float|null 1 and more; null where too few say anything
     */
    public static function share(array $times): ?float
    {
        $early = array_filter($times, static fn (self $one): bool => $one->reckoned->isLongerThan($one->left));
        $held = array_map(self::ratio(...), array_filter($early, static fn (self $one): bool => ! $one->isRepaired));
        if (count($held) < Defaults::GOING_ON_TIMES) {
            return null;
        }
        sort($held);
        $mended = array_map(self::ratio(...), array_filter($early, static fn (self $one): bool => $one->isRepaired));

        return max(1.0, min(Defaults::MOST_GOING_ON, $held[intdiv(count($held), 2)], ...$mended));
    }

    private static function ratio(self $one): float
    {
        return $one->reckoned->seconds() / max(1.0, $one->left->seconds());
    }
}
