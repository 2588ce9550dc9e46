<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** A half or a third of a place. */
enum Portion: string
{
    case UpperHalf = 'upper_half';
    case LowerHalf = 'lower_half';
    case InnerHalf = 'inner_half';
    case OuterHalf = 'outer_half';
    case UpperThird = 'upper_third';
    case MiddleThird = 'middle_third';
    case LowerThird = 'lower_third';
    case InnerThird = 'inner_third';
    case OuterThird = 'outer_third';

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
