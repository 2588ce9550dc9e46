<?php

declare(strict_types=1);

namespace Core\Line\Texts;

/** What a parent who wants to be texted is told. */
enum TextKind: string
{
    case TwoBefore = 'two_before';
    case YourTurn = 'your_turn';
    case Closing = 'closing';
}
