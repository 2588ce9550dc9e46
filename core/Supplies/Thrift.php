<?php

declare(strict_types=1);

namespace Core\Supplies;

/** How much more or less of something a team uses up than is estimated, learned from what was weighed after events. */
final readonly class Thrift
{
    private function __construct(public float $paint, public float $glitter) {}

    public static function asEstimated(): self
    {
        return new self(1.0, 1.0);
    }

    /**
     * The estimate weighs as much as Defaults::GRAMS_BEFORE of what was weighed.
     *
     * @param  list<array{kind: string, estimated: float, used: float}>  $weighed  grams of paints and glitters that somebody put right
     */
    public static function learned(array $weighed): self
    {
        return new self(self::of('paint', $weighed), self::of('glitter', $weighed));
    }

    /** @param  list<array{kind: string, estimated: float, used: float}>  $weighed */
    private static function of(string $kind, array $weighed): float
    {
        $own = array_filter($weighed, static fn (array $one): bool => $one['kind'] === $kind && $one['estimated'] > 0.0);
        $factor = (Defaults::GRAMS_BEFORE + array_sum(array_column($own, 'used')))
            / (Defaults::GRAMS_BEFORE + array_sum(array_column($own, 'estimated')));

        return min(Defaults::MOST_THRIFT, max(1.0 / Defaults::MOST_THRIFT, $factor));
    }
}
