<?php

declare(strict_types=1);

namespace Core\Supplies;

/**
 * For how many faces of each design one packs: as many as nine days of ten have, children crowding onto what others chose.
 *
 * Source: mean and variance of an urn's draws, N. L. Johnson, S. Kotz, "Urn models and their application" (1977); how far above the mean
 * to go is the newsvendor's question, F. Y. Edgeworth, "The mathematical theory of banking", J. Royal Statistical Society 51 (1888).
 */
final readonly class FacesToBring
{
    private function __construct() {}

    /**
     * @param  list<float>  $weights  by design: how often it is asked for
     * @param  float  $contagion  by what part of all weights each choice adds to its own
     * @return list<int> by design, never more than all faces
     */
    public static function of(int $faces, array $weights, float $contagion, float $margin = Defaults::MARGIN): array
    {
        $all = array_sum($weights);
        $above = self::normal($margin);

        return array_map(static function (float $weight) use ($faces, $all, $contagion, $above): int {
            $share = $weight / $all;
            $variance = $faces * $share * (1.0 - $share) * (1.0 + $faces * $contagion) / (1.0 + $contagion);

            return min($faces, max(0, (int) ceil($faces * $share + $above * sqrt($variance) - 1e-9)));
        }, $weights);
    }

    /** The standard normal distribution's quantile, within 0.00045: Abramowitz and Stegun, "Handbook of Mathematical Functions" 26.2.23. */
    private static function normal(float $share): float
    {
        $tail = min($share, 1.0 - $share);
        $t = sqrt(-2.0 * log(max($tail, 1e-12)));
        $value = $t - (2.515517 + 0.802853 * $t + 0.010328 * $t ** 2) / (1.0 + 1.432788 * $t + 0.189269 * $t ** 2 + 0.001308 * $t ** 3);

        return $share < 0.5 ? -$value : $value;
    }
}
