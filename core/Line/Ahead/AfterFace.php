<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

/** What is done after the last stroke and before the next child: the line waits for it too. Common practice, no source. */
enum AfterFace: string
{
    case Mirror = 'mirror';
    case Photo = 'photo';
    case Pay = 'pay';
    case Sponges = 'sponges';
    case Hands = 'hands';
    case Water = 'water';

    public function label(): string
    {
        return match ($this) {
            self::Mirror => 'Mirror',
            self::Photo => 'Photo',
            self::Pay => 'Pay',
            self::Sponges => 'Clean sponge set',
            self::Hands => 'Hands',
            self::Water => 'Fresh water',
        };
    }
}
