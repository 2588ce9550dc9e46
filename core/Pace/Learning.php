<?php

declare(strict_types=1);

namespace Core\Pace;

/**
 * Crawford's unit model: the n-th repetition takes T_n = T_1 n^b, so that each doubling takes the same share of the one before.
 *
 * Source: J. R. Crawford, "Learning curve, ship curve, ratios, related data", Lockheed (1944).
 */
final readonly class Learning
{
    /** @param  float  $slope  b: 0 for none, below 0 for getting quicker */
    public function __construct(public float $slope) {}

    /** @param  float  $rate  what is left of the time when the repetitions double: 0.8 on an "80 percent curve" */
    public static function ofRate(float $rate): self
    {
        return new self(log($rate) / log(2));
    }

    public function rate(): float
    {
        return 2 ** $this->slope;
    }

    /** Time of the n-th repetition as a share of the first. */
    public function unit(int $nth): float
    {
        return $nth ** $this->slope;
    }

    /** Time of the first n together, in times of the first. */
    public function total(int $repetitions): float
    {
        return array_sum(array_map($this->unit(...), $repetitions < 1 ? [] : range(1, $repetitions)));
    }
}
