<?php

declare(strict_types=1);

namespace Core\Line;

/**
 * What may be answered when one asks before painting. The usual cautions, common practice, no source; local codes and licensed
 * practice come first.
 */
enum Caution: string
{
    case Guardian = 'guardian';
    case UnderThree = 'under_three';
    case Skin = 'skin';
    case Latex = 'latex';
    case Eyes = 'eyes';
    case Lips = 'lips';
    case Photo = 'photo';

    /** As the answer reads. */
    public function label(): string
    {
        return match ($this) {
            self::Guardian => 'no parent’s yes',
            self::UnderThree => 'under three',
            self::Skin => 'skin or sickness',
            self::Latex => 'latex allergy',
            self::Eyes => 'not near the eyes',
            self::Lips => 'no lips',
            self::Photo => 'no photo',
        };
    }
}
