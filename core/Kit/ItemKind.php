<?php

declare(strict_types=1);

namespace Core\Kit;

use Core\Design\Medium;

/** What kind of thing lies in the kit. */
enum ItemKind: string
{
    case Paint = 'paint';
    case Sponge = 'sponge';
    case Brush = 'brush';
    case Applicator = 'applicator';
    case Stencil = 'stencil';
    case Glitter = 'glitter';
    case Gem = 'gem';
    case Glue = 'glue';
    case Bud = 'bud';
    case Wipe = 'wipe';
    case WaterPot = 'water_pot';
    case Spritz = 'spritz';
    case Towel = 'towel';
    case Mirror = 'mirror';
    case PracticeBoard = 'practice_board';

    /** What steps are painted with it; null for paint, which any of them carries, and for what lies beside. */
    public function medium(): ?Medium
    {
        return match ($this) {
            self::Sponge => Medium::Sponge,
            self::Brush => Medium::Brush,
            self::Applicator => Medium::Powder,
            self::Stencil => Medium::Stencil,
            self::Glitter => Medium::Glitter,
            self::Gem, self::Glue => Medium::Gem,
            self::Bud, self::Wipe => Medium::Bare,
            default => null,
        };
    }

    /** Whether it comes to lie on a child's skin. */
    public function goesOnSkin(): bool
    {
        return match ($this) {
            self::Paint, self::Glitter, self::Gem, self::Glue => true,
            default => false,
        };
    }

    public function hasColours(): bool
    {
        return match ($this) {
            self::Paint, self::Glitter, self::Gem => true,
            default => false,
        };
    }

    public function isWeighed(): bool
    {
        return $this === self::Paint || $this === self::Glitter;
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
