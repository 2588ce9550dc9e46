<?php

declare(strict_types=1);

namespace Core\Pace;

/** Tells runs that cannot be meant, such as a tap a second after the one before, from slow and quick ones. */
final readonly class Slips
{
    /** The share of a normal distribution's deviation that its median absolute deviation is. */
    private const MAD_OF_NORMAL = 0.6745;

    private function __construct(private float $middle, private float $most) {}

    /**
     * @param  list<float>  $logs  of all runs that count
     * @param  float  $planned  log of what was planned: counts as one more
     */
    public static function among(array $logs, float $planned, Prior $prior = new Prior): self
    {
        $all = [...$logs, $planned];
        if (count($logs) === 1) {
            return new self($planned, $prior->slipZ * $prior->slipSpread);
        }
        $middle = self::median($all);
        $apart = self::median(array_map(static fn (float $log): float => abs($log - $middle), $all));

        return new self($middle, $prior->slipZ * max($prior->slipSpread, $apart / self::MAD_OF_NORMAL));
    }

    public function isNone(float $log): bool
    {
        return abs($log - $this->middle) <= $this->most;
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $half = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$half] : ($values[$half - 1] + $values[$half]) / 2.0;
    }
}
