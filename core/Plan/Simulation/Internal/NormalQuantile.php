<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

/**
 * The value below which a share of the standard normal distribution lies, to about seven digits.
 *
 * Source: M. J. Wichura, "Algorithm AS 241: the percentage points of the normal distribution", Applied Statistics 37 (1988): PPND7.
 */
final readonly class NormalQuantile
{
    private function __construct() {}

    /** @param  float  $share  between 0 and 1, neither of them */
    public static function of(float $share): float
    {
        $q = $share - 0.5;
        if (abs($q) <= 0.425) {
            $r = 0.180625 - $q * $q;

            return $q * (((59.109374720 * $r + 159.29113202) * $r + 50.434271938) * $r + 3.3871327179)
                / (((67.187563600 * $r + 78.757757664) * $r + 17.895169469) * $r + 1.0);
        }
        $r = sqrt(-log($q < 0.0 ? $share : 1.0 - $share));
        if ($r <= 5.0) {
            $r -= 1.6;
            $value = (((0.17023821103 * $r + 1.3067284816) * $r + 2.7568153900) * $r + 1.4234372777)
                / ((0.12021132975 * $r + 0.73700164250) * $r + 1.0);
        } else {
            $r -= 5.0;
            $value = (((0.017337203997 * $r + 0.42868294337) * $r + 3.0812263860) * $r + 6.6579051150)
                / ((0.012258202635 * $r + 0.24197894225) * $r + 1.0);
        }

        return $q < 0.0 ? -$value : $value;
    }
}
