<?php

declare(strict_types=1);

namespace Core\Pace;

use Core\Timeline\StepTime;
use Core\Units\Duration;

/**
 * By when eight of ten faces are done, where only steps are logged and no whole face: a sum of log-normal times is taken for
 * log-normal, with the mean and the variance of the sum.
 *
 * Source: L. F. Fenton, "The sum of log-normal probability distributions in scatter transmission systems", IRE Trans. Comm.
 * Systems 8 (1960).
 */
final readonly class WholeFace
{
    /** The standard normal distribution's own value for eight of ten: R's qnorm(0.8). */
    public const EIGHT_OF_TEN = 0.8416212335729143;

    private function __construct() {}

    /**
     * @param  list<StepTime>  $steps
     * @param  Duration  $rest  changes of tool and waits, which hardly vary
     * @return Duration|null null when no step is logged
     */
    public static function eightOfTen(array $steps, Duration $rest): ?Duration
    {
        $mean = $variance = 0.0;
        foreach ($steps as $time) {
            $spread = self::spread($time);
            $own = $time->duration->milliseconds * exp($spread ** 2 / 2);
            $mean += $own;
            $variance += $own ** 2 * (exp($spread ** 2) - 1.0);
        }
        if ($variance <= 0.0) {
            return null;
        }
        $square = log(1.0 + $variance / $mean ** 2);
        $sum = exp(log($mean) - $square / 2 + self::EIGHT_OF_TEN * sqrt($square));

        return $rest->plus(Duration::ofMilliseconds((int) round($sum)));
    }

    /** Standard deviation of the logarithm; none where nothing is logged. */
    private static function spread(StepTime $time): float
    {
        return $time->eightOfTen === null || $time->duration->isZero()
            ? 0.0
            : log($time->eightOfTen->milliseconds / $time->duration->milliseconds) / self::EIGHT_OF_TEN;
    }
}
