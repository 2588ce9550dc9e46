<?php

declare(strict_types=1);

namespace Core\Design;

/** How big the face is. */
enum FaceSize: string
{
    case Small = 'small';
    case Child = 'child';
    case Adult = 'adult';

    /** Skin to cover, against a child's of seven. Team's estimates. */
    public function areaFactor(): float
    {
        return match ($this) {
            self::Small => 0.8,
            self::Child => 1.0,
            self::Adult => 1.3,
        };
    }
}
