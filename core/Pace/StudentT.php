<?php

declare(strict_types=1);

namespace Core\Pace;

/**
 * Student's t distribution, for any real degrees of freedom above 0: its distribution function by the continued fraction of
 * the incomplete beta function, its quantiles by Newton's
 * method from 0, where the function is concave and no step goes too far.
 *
 * Source: M. Abramowitz, I. Stegun, "Handbook of Mathematical Functions" (1964), 26.5.8 and 26.7.1; J. Lanczos, "A precision
 * approximation of the gamma function" (1964).
 */
final readonly class StudentT
{
    private const LANCZOS = [
        676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905, -0.13857109526572012,
        9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    private const EPSILON = 1e-14;

    private const TINY = 1e-300;

    private const MOST_ROUNDS = 200;

    private function __construct() {}

    /** @param  float  $probability  above 0 and below 1 */
    public static function quantile(float $probability, float $degrees): float
    {
        if ($probability === 0.5) {
            return 0.0;
        }
        if ($probability < 0.5) {
            return -self::quantile(1.0 - $probability, $degrees);
        }
        $top = exp(self::logGamma(($degrees + 1.0) / 2.0) - self::logGamma($degrees / 2.0)) / sqrt($degrees * M_PI);
        $value = 0.0;
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $density = $top * (1.0 + $value * $value / $degrees) ** (-($degrees + 1.0) / 2.0);
            $step = ($probability - self::below($value, $degrees)) / $density;
            $value += $step;
            if (abs($step) <= 1e-12 * $value) {
                break;
            }
        }

        return $value;
    }

    /** The chance of a value below $value. */
    public static function below(float $value, float $degrees): float
    {
        $tail = 0.5 * self::incompleteBeta($degrees / 2.0, 0.5, $degrees / ($degrees + $value * $value));

        return $value > 0.0 ? 1.0 - $tail : $tail;
    }

    private static function incompleteBeta(float $a, float $b, float $x): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1.0 - $x));

        return $x < ($a + 1.0) / ($a + $b + 2.0)
            ? $front * self::fraction($a, $b, $x) / $a
            : 1.0 - $front * self::fraction($b, $a, 1.0 - $x) / $b;
    }

    /** By Lentz's method. */
    private static function fraction(float $a, float $b, float $x): float
    {
        $c = 1.0;
        $d = 1.0 / self::apart(1.0 - ($a + $b) * $x / ($a + 1.0));
        $value = $d;
        for ($m = 1; $m <= 300; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1.0 / self::apart(1.0 + $even * $d);
            $c = self::apart(1.0 + $even / $c);
            $value *= $d * $c;
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1.0 / self::apart(1.0 + $odd * $d);
            $c = self::apart(1.0 + $odd / $c);
            $value *= $d * $c;
            if (abs($d * $c - 1.0) < self::EPSILON) {
                break;
            }
        }

        return $value;
    }

    private static function apart(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }

    private static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::logGamma(1.0 - $x);
        }
        $x -= 1.0;
        $sum = 0.99999999999980993;
        foreach (self::LANCZOS as $index => $coefficient) {
            $sum += $coefficient / ($x + $index + 1);
        }
        $t = $x + 7.5;

        return 0.5 * log(2.0 * M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }
}
