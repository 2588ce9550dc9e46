<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** What a placing guide goes by. */
enum GuideKind: string
{
    case Clock = 'clock';
    case Portion = 'portion';
    case Angle = 'angle';
    case Aim = 'aim';
    case Figure = 'figure';

    /** Which part of its own figure it is. */
    case Part = 'part';
}
