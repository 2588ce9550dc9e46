<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** Which part of the person a design is made for. */
enum Placement: string
{
    case FullFace = 'full_face';
    case Mask = 'mask';
    case Cheek = 'cheek';
    case Brow = 'brow';
    case Eye = 'eye';
    case Nose = 'nose';
    case Arm = 'arm';
    case Hand = 'hand';

    public function isOnLimb(): bool
    {
        return $this === self::Arm || $this === self::Hand;
    }

    /** A face has no wrist and an arm has no nose; a design made for a cheek may still run over onto the temple. */
    public function has(Zone $zone): bool
    {
        return $zone->isOnLimb() === $this->isOnLimb();
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
