<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Plan\Simulation\FaceTime;
use Core\Units\Duration;

/** How long a child is told that a design takes. */
final readonly class Promise
{
    /** Promises are made in quarters of a minute. */
    private const STEP_SECONDS = 15;

    private function __construct() {}

    /** What eight of ten faces keep: 8 of 10 by 3:50 is a promise of 4:00. */
    public static function for(FaceTime $face): Duration
    {
        return self::rounded($face->eightOfTen());
    }

    /** The next promise that is made in whole steps. */
    public static function rounded(Duration $time): Duration
    {
        return Duration::ofSeconds(self::STEP_SECONDS * ceil($time->milliseconds / 1000 / self::STEP_SECONDS));
    }

    /** Whether eight of ten faces are done within it. */
    public static function isKept(Duration $promise, FaceTime $face): bool
    {
        return ! $face->eightOfTen()->isLongerThan($promise);
    }
}
