<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

enum BookingState: string
{
    case Fresh = 'fresh';
    /** It is here with another name, place or other hours. */
    case Changed = 'changed';
    case Here = 'here';
    case Over = 'over';
    /** It cannot be taken. */
    case Unfit = 'unfit';
}
