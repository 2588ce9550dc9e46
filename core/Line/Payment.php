<?php

declare(strict_types=1);

namespace Core\Line;

/** How a face was paid for. */
enum Payment: string
{
    case Cash = 'cash';
    case Card = 'card';
    case Free = 'free';

    public function label(): string
    {
        return match ($this) {
            self::Cash => 'cash',
            self::Card => 'card',
            self::Free => 'nothing to pay',
        };
    }
}
