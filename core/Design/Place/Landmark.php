<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** A point on the skin that strokes aim at or start from. */
enum Landmark: string
{
    case NoseTop = 'nose_top';
    case NoseTip = 'nose_tip';
    case BetweenBrows = 'between_brows';
    case BrowEnd = 'brow_end';
    case InnerEyeCorner = 'inner_eye_corner';
    case OuterEyeCorner = 'outer_eye_corner';
    case MouthCorner = 'mouth_corner';
    case LipCentre = 'lip_centre';
    case ChinTip = 'chin_tip';
    case EarLobe = 'ear_lobe';
    case Hairline = 'hairline_centre';
    case Wrist = 'wrist_centre';

    public function label(): string
    {
        return $this === self::Hairline ? 'hairline' : str_replace('_', ' ', str_replace('_centre', ' centre', $this->value));
    }
}
