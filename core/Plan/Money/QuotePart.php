<?php

declare(strict_types=1);

namespace Core\Plan\Money;

enum QuotePart: string
{
    case Painting = 'painting';
    case SetUp = 'set_up';
    case TravelTime = 'travel_time';
    case Way = 'way';
    case Pitch = 'pitch';
    case Materials = 'materials';
    /** What is missing to the least charge. */
    case Least = 'least';
    /** Up to an amount that is easily said. */
    case Rounding = 'rounding';
}
