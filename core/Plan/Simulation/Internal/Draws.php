<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

use Core\Plan\Simulation\FaceTime;

/**
 * Chance from tables: a number below the number of cells says which equally likely part of a distribution is drawn, and the table
 * holds the mean of that part, so that means are exact and spreads very nearly so.
 */
final class Draws
{
    public const BITS = 12;

    public const CELLS = 1 << self::BITS;

    public const CELL = self::CELLS - 1;

    /** @var list<float>|null of the standard normal distribution */
    private ?array $normal = null;

    /** @var array<int, list<float>> by spread, in thousandths */
    private array $logNormal = [];

    /** @return list<float> of the exponential distribution with mean one */
    public static function exponential(): array
    {
        // The part of the mean above x is (1 + x) e^-x, and e^-x is the share above it.
        $above = static fn (float $share): float => $share <= 0.0 ? 0.0 : (1.0 - log($share)) * $share;

        return self::meansOf($above, static fn (int $cell): float => 1.0 - $cell / self::CELLS);
    }

    /** @return list<float> of the standard normal distribution */
    public static function normal(): array
    {
        // The part of the mean above z is the density at z.
        return self::meansOf(
            static fn (float $share): float => $share <= 0.0 || $share >= 1.0
                ? 0.0
                : exp(-0.5 * NormalQuantile::of($share) ** 2) / sqrt(2.0 * M_PI),
            static fn (int $cell): float => $cell / self::CELLS,
        );
    }

    /**
     * Factors of a middle of one.
     *
     * @param  float  $spread  standard deviation of the logarithm
     * @return list<float>
     */
    public function logNormal(float $spread): array
    {
        $this->normal ??= self::normal();
        $thousandths = (int) round(1000.0 * $spread);

        return $this->logNormal[$thousandths] ??= array_map(
            static fn (float $draw): float => exp($thousandths * $draw / 1000.0),
            $this->normal,
        );
    }

    /** @return list<float> factors of the middle */
    public function factors(FaceTime $time): array
    {
        return $time->isMemoryless
            ? array_map(static fn (float $draw): float => $draw / log(2.0), self::exponential())
            : $this->logNormal($time->spread);
    }

    /**
     * @param  callable(float): float  $above  part of the mean above a cell's edge
     * @param  callable(int): float  $edge
     * @return list<float>
     */
    private static function meansOf(callable $above, callable $edge): array
    {
        $means = [];
        $last = $above($edge(0));
        for ($cell = 1; $cell <= self::CELLS; $cell++) {
            $next = $above($edge($cell));
            $means[] = self::CELLS * ($last - $next);
            $last = $next;
        }

        return $means;
    }
}
