<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** A named form that a step fills, outlines or stencils, so that a design is composed by words. */
enum Shape: string
{
    case Circle = 'circle';
    case Oval = 'oval';
    case Ring = 'ring';
    case Triangle = 'triangle';
    case Diamond = 'diamond';
    case Arch = 'arch';
    case Band = 'band';
    case Banner = 'banner';
    case Bow = 'bow';
    case Mask = 'mask';
    case Crescent = 'crescent';
    case Sun = 'sun';
    case Star = 'star';
    case FourPointStar = 'four_point_star';
    case Snowflake = 'snowflake';
    case Cloud = 'cloud';
    case Bolt = 'bolt';
    case Drop = 'drop';
    case Flame = 'flame';
    case WaveCurl = 'wave_curl';
    case Wave = 'wave';
    case Ripple = 'ripple';
    case Starfish = 'starfish';
    case Shell = 'shell';
    case Spiral = 'spiral';
    case Fin = 'fin';
    case Fish = 'fish';
    case WhaleTail = 'whale_tail';
    case Tentacle = 'tentacle';
    case Octopus = 'octopus';
    case Bell = 'bell';
    case Crab = 'crab';
    case Claw = 'claw';
    case Coral = 'coral';
    case Seaweed = 'seaweed';
    case UpperWing = 'upper_wing';
    case LowerWing = 'lower_wing';
    case Feather = 'feather';
    case Beak = 'beak';
    case RoundEar = 'round_ear';
    case PointedEar = 'pointed_ear';
    case Muzzle = 'muzzle';
    case Nose = 'nose';
    case Eye = 'eye';
    case Tooth = 'tooth';
    case Horn = 'horn';
    case Paw = 'paw';
    case Leaf = 'leaf';
    case Flower = 'flower';
    case Heart = 'heart';
    case Lighthouse = 'lighthouse';
    case Beam = 'beam';
    case Lantern = 'lantern';
    case Anchor = 'anchor';
    case Sail = 'sail';
    case Boat = 'boat';
    case Wheel = 'wheel';
    case Rope = 'rope';
    case Web = 'web';
    case Net = 'net';
    case Zigzag = 'zigzag';
    case ScallopEdge = 'scallop_edge';
    case Crack = 'crack';
    case ToothRow = 'tooth_row';
    case SpikeRow = 'spike_row';
    case DripRow = 'drip_row';
    case FlameRow = 'flame_row';
    case BeadString = 'bead_string';
    case LoopRow = 'loop_row';
    case LeafVeins = 'leaf_veins';
    case Antennae = 'antennae';
    case Ribbon = 'ribbon';
    case Swoops = 'swoops';
    case QuestionCurl = 'question_curl';
    case ManeCurls = 'mane_curls';
    case FurFlicks = 'fur_flicks';
    case BasketWeave = 'basket_weave';
    case JointedLegs = 'jointed_legs';
    case FrostingSwirl = 'frosting_swirl';
    case Scales = 'scales';
    case Mesh = 'mesh';
    case StarField = 'star_field';

    /** Textures fill a whole place; the others have a middle, a size and a turn of their own. */
    public function isTexture(): bool
    {
        return $this === self::Scales || $this === self::Mesh || $this === self::StarField;
    }

    /** What is painted on a figure, as bands, eyes and teeth are, and not as a figure of its own beside it. */
    public function isPart(): bool
    {
        return match ($this) {
            self::Circle, self::Oval, self::Ring, self::Triangle, self::Diamond, self::Band, self::Crescent, self::Eye,
            self::Nose, self::Tooth, self::ToothRow, self::LeafVeins, self::Muzzle, self::Swoops,
            self::BasketWeave, self::JointedLegs, self::FurFlicks => true,
            default => false,
        };
    }

    /** What stands on both sides of a head or a body. */
    public function isOfPair(): bool
    {
        return match ($this) {
            self::RoundEar, self::PointedEar, self::Horn, self::UpperWing, self::LowerWing, self::Eye, self::Claw => true,
            default => false,
        };
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
