<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Pace\Pace;
use Core\Units\Duration;

/** What an evening of practice saves at the events to come. */
final readonly class PracticeWin
{
    /** Repetitions that a good evening holds. Team's estimate. */
    public const EVENING = 10;

    private function __construct() {}

    /** @param  float  $faces  expected, with that step in them */
    public static function of(Pace $pace, float $faces): Duration
    {
        return $pace->gain(self::EVENING)->times($faces);
    }
}
