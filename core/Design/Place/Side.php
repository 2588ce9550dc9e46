<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** The child's side a step lies on. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Both = 'both';
    case Centre = 'centre';

    /** Only left and right never touch: centre films reach to either side. */
    public function meets(self $other): bool
    {
        return ! ($this === self::Left && $other === self::Right)
            && ! ($this === self::Right && $other === self::Left);
    }

    /** Left for right; what lies on both or in the middle stays there. */
    public function opposite(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            default => $this,
        };
    }

    public function isOneSided(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    public function label(): string
    {
        return $this === self::Both ? 'both sides' : $this->value;
    }
}
