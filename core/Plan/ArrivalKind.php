<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Plan\Simulation\Arrivals;

/** How children come to the line. */
enum ArrivalKind: string
{
    case AtOnce = 'at_once';

    case Even = 'even';

    case ByProfile = 'by_profile';

    /**
     * @param  list<float>  $profile  how busy each equal part of the open time is against the others
     * @param  list<float>  $groups  how often one child comes alone, two together ...
     */
    public function of(int $children, array $profile, array $groups): Arrivals
    {
        return match ($this) {
            self::AtOnce => Arrivals::atOnce($children),
            self::Even => Arrivals::even($children),
            self::ByProfile => Arrivals::byProfile((float) $children, $profile, $groups),
        };
    }
}
