<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** A named place on the skin. */
enum Zone: string
{
    case Forehead = 'forehead';
    case Hairline = 'hairline';
    case BetweenBrows = 'between_brows';
    case Brow = 'brow';
    case Temple = 'temple';
    case Eyelid = 'eyelid';
    case EyeSocket = 'eye_socket';
    case OuterEye = 'outer_eye';
    case InnerEye = 'inner_eye';
    case UnderEye = 'under_eye';
    case NoseBridge = 'nose_bridge';
    case Nose = 'nose';
    case NoseTip = 'nose_tip';
    case Nostril = 'nostril';
    case Cheekbone = 'cheekbone';
    case Cheek = 'cheek';
    case LowerCheek = 'lower_cheek';
    case Muzzle = 'muzzle';
    case UpperLip = 'upper_lip';
    case Lips = 'lips';
    case LowerLip = 'lower_lip';
    case MouthCorner = 'mouth_corner';
    case SmileLine = 'smile_line';
    case Chin = 'chin';
    case Jaw = 'jaw';
    case Ear = 'ear';
    case Neck = 'neck';
    case Arm = 'arm';
    case Forearm = 'forearm';
    case Wrist = 'wrist';
    case Hand = 'hand';
    case Knuckles = 'knuckles';
    case Fingers = 'fingers';

    /** Zones on the middle line of the face have no left or right of their own. */
    public function isOnMiddleLine(): bool
    {
        return match ($this) {
            self::BetweenBrows, self::NoseBridge, self::Nose, self::NoseTip, self::UpperLip, self::Lips, self::LowerLip, self::Chin => true,
            default => false,
        };
    }

    public function isOnLimb(): bool
    {
        return match ($this) {
            self::Arm, self::Forearm, self::Wrist, self::Hand, self::Knuckles, self::Fingers => true,
            default => false,
        };
    }

    public function isEye(): bool
    {
        return match ($this) {
            self::Eyelid, self::EyeSocket, self::OuterEye, self::InnerEye, self::UnderEye => true,
            default => false,
        };
    }

    public function isLip(): bool
    {
        return $this === self::UpperLip || $this === self::Lips || $this === self::LowerLip;
    }

    /** Eyes, nose and mouth: what makes a face. */
    public function isFeature(): bool
    {
        return $this->isEye() || $this->isLip() || match ($this) {
            self::Nose, self::NoseTip, self::Nostril, self::Muzzle => true,
            default => false,
        };
    }

    /** Rows from the hairline down, for those who paint from top to bottom. */
    public function row(): int
    {
        return match ($this) {
            self::Forehead, self::Hairline => 0,
            self::BetweenBrows, self::Brow, self::Temple => 1,
            self::Eyelid, self::EyeSocket, self::OuterEye, self::InnerEye, self::NoseBridge, self::Ear => 2,
            self::UnderEye, self::Cheekbone, self::Nose, self::NoseTip, self::Nostril, self::Cheek => 3,
            self::UpperLip, self::Muzzle, self::LowerCheek, self::Lips, self::LowerLip, self::MouthCorner, self::SmileLine => 4,
            self::Chin, self::Jaw => 5,
            self::Neck, self::Arm => 6,
            self::Forearm => 7,
            self::Wrist => 8,
            self::Hand => 9,
            self::Knuckles, self::Fingers => 10,
        };
    }

    /** Whether a beard grows there. */
    public function isBearded(): bool
    {
        return match ($this) {
            self::LowerCheek, self::Muzzle, self::UpperLip, self::LowerLip, self::MouthCorner, self::SmileLine,
            self::Chin, self::Jaw, self::Neck => true,
            default => false,
        };
    }

    /** Square centimetres on a child of seven: one side of it, or the whole on the middle line. Team's estimates. */
    public function area(): float
    {
        return match ($this) {
            self::Forehead => 22.0, self::Hairline => 6.0, self::BetweenBrows => 3.0, self::Brow => 5.0, self::Temple => 7.0,
            self::Eyelid => 4.0, self::EyeSocket => 9.0, self::OuterEye => 3.0, self::InnerEye => 1.5, self::UnderEye => 5.0,
            self::NoseBridge => 4.0, self::Nose => 9.0, self::NoseTip => 3.0, self::Nostril => 1.5,
            self::Cheekbone => 8.0, self::Cheek => 20.0, self::LowerCheek => 10.0, self::Muzzle => 12.0,
            self::UpperLip => 3.0, self::Lips => 6.0, self::LowerLip => 3.0, self::MouthCorner => 1.5, self::SmileLine => 3.0,
            self::Chin => 10.0, self::Jaw => 10.0, self::Ear => 6.0, self::Neck => 30.0,
            self::Arm, self::Forearm => 60.0, self::Wrist => 25.0, self::Hand => 45.0, self::Knuckles => 10.0, self::Fingers => 25.0,
        };
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
