<?php

declare(strict_types=1);

namespace Core\Plan\Money;

/** Amounts as they are said to a parent: 4.50 rather than 4.37. */
final readonly class EasyAmount
{
    /** Painters price a face in halves of a coin, a booking in fives or tens: this team's estimate. */
    private const STEPS_IN_A_FACE = 8;

    private const STEPS_IN_A_BOOKING = 16;

    public static function ofFace(int $amount): int
    {
        return self::up($amount, self::STEPS_IN_A_FACE);
    }

    public static function ofBooking(int $amount): int
    {
        return self::up($amount, self::STEPS_IN_A_BOOKING);
    }

    /** The next amount up in steps of 1 or 5 with noughts, at least so many steps in it. */
    private static function up(int $amount, int $steps): int
    {
        $most = intdiv($amount, $steps);
        if ($most < 1) {
            return max(0, $amount);
        }
        $power = 10 ** (strlen((string) $most) - 1);
        $step = $most >= 5 * $power ? 5 * $power : $power;

        return intdiv($amount + $step - 1, $step) * $step;
    }
}
