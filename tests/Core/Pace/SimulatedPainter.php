<?php

declare(strict_types=1);

namespace Tests\Core\Pace;

use Core\Pace\Run;
use Random\Randomizer;

/** A painter whose true pace is known: log-normal about a learning curve. */
final readonly class SimulatedPainter
{
    /**
     * @param  float  $first  log of the middle of the first time, in milliseconds
     * @param  float  $slope  of the learning curve
     * @param  float  $spread  standard deviation of the logarithm
     */
    public function __construct(private Randomizer $chance, private float $first, private float $slope, private float $spread) {}

    public function paint(int $nth): int
    {
        return (int) round(exp($this->first + $this->slope * log($nth) + $this->spread * self::normal($this->chance)));
    }

    /** @return list<Run> */
    public function runs(int $count): array
    {
        return array_map(fn (int $nth): Run => new Run($this->paint($nth), $nth), $count === 0 ? [] : range(1, $count));
    }

    /** By Box and Muller. */
    public static function normal(Randomizer $chance): float
    {
        $uniform = static fn (): float => $chance->getInt(1, 1_000_000_000) / 1e9;

        return sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());
    }
}
