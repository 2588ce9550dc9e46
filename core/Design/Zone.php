<?php

declare(strict_types=1);

namespace Core\Design;

/** A named place on the skin. */
enum Zone: string
{
    case Forehead = 'forehead';
    case Brow = 'brow';
    case Temple = 'temple';
    case Eyelid = 'eyelid';
    case UnderEye = 'under_eye';
    case Nose = 'nose';
    case Cheek = 'cheek';
    case Muzzle = 'muzzle';
    case Lips = 'lips';
    case Chin = 'chin';
    case Jaw = 'jaw';
    case Ear = 'ear';
    case Neck = 'neck';
    case Arm = 'arm';
    case Hand = 'hand';

    /** Zones on the middle line of the face have no left or right of their own. */
    public function isOnMiddleLine(): bool
    {
        return match ($this) {
            self::Nose, self::Lips, self::Chin => true,
            default => false,
        };
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
