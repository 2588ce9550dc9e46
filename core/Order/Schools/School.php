<?php

declare(strict_types=1);

namespace Core\Order\Schools;

/** One of the ways that good painters answer a question. */
enum School: string
{
    case GlitterOnWetBase = 'glitter_on_wet_base';
    case GlitterLast = 'glitter_last';
    case LipsPainted = 'lips_painted';
    case LipsNever = 'lips_never';
    case WhiteOpaque = 'white_opaque';
    case WhitePearl = 'white_pearl';
    case Quickest = 'quickest';
    case FeaturesFirst = 'features_first';
    case TopToBottom = 'top_to_bottom';
    case LineOnTacky = 'line_on_tacky';
    case LineOnDry = 'line_on_dry';
    case SmallerBrush = 'smaller_brush';
    case TipOfBrush = 'tip_of_brush';
    case FrameOutlined = 'frame_outlined';
    case FrameDotted = 'frame_dotted';
    case HighlightsWhite = 'highlights_white';
    case HighlightsLighter = 'highlights_lighter';
    case TextureStencil = 'texture_stencil';
    case TextureFreehand = 'texture_freehand';
    case GemsSelfStick = 'gems_self_stick';
    case GemsGlued = 'gems_glued';
    case GemsNone = 'gems_none';

    public function label(): string
    {
        return match ($this) {
            self::GlitterOnWetBase => 'on the wet base, at once',
            self::GlitterLast => 'last, with gel or a damp finger',
            self::LipsPainted => 'part of the design',
            self::LipsNever => 'never on children',
            self::WhiteOpaque => 'opaque white',
            self::WhitePearl => 'pearl',
            self::Quickest => 'whatever is quickest',
            self::FeaturesFirst => 'features first',
            self::TopToBottom => 'top to bottom',
            self::LineOnTacky => 'straight away with wax paint, on a tacky base',
            self::LineOnDry => 'wait until the base is dry',
            self::SmallerBrush => 'change to a smaller brush',
            self::TipOfBrush => 'use the tip',
            self::FrameOutlined => 'outline it',
            self::FrameDotted => 'dots only',
            self::HighlightsWhite => 'white',
            self::HighlightsLighter => 'a lighter colour of the base',
            self::TextureStencil => 'stencil',
            self::TextureFreehand => 'freehand dots, for speed',
            self::GemsSelfStick => 'self-stick',
            self::GemsGlued => 'set with skin glue',
            self::GemsNone => 'none',
        };
    }
}
