<?php

declare(strict_types=1);

namespace Core\Colour;

/** How much water the paint carries when it goes on. */
enum Load: string
{
    case Damp = 'damp';
    case Normal = 'normal';
    case Liquid = 'liquid';

    public function label(): string
    {
        return match ($this) {
            self::Damp => 'damp',
            self::Normal => 'normal load',
            self::Liquid => 'nearly liquid',
        };
    }
}
