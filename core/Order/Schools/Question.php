<?php

declare(strict_types=1);

namespace Core\Order\Schools;

/** Where good painters disagree: what a painter is asked once, and every rule then follows. */
enum Question: string
{
    case Glitter = 'glitter';
    case Lips = 'lips';
    case LargeWhite = 'large_white';
    case FaceOrder = 'face_order';
    case LineWork = 'line_work';
    case FinerLine = 'finer_line';
    case Frame = 'frame';
    case Highlights = 'highlights';
    case Texture = 'texture';
    case Gems = 'gems';

    public function label(): string
    {
        return match ($this) {
            self::Glitter => 'Loose glitter',
            self::Lips => 'Lips',
            self::LargeWhite => 'Large white areas',
            self::FaceOrder => 'Order of the face',
            self::LineWork => 'My line work',
            self::FinerLine => 'A finer line',
            self::Frame => 'Muzzle or frame line',
            self::Highlights => 'Highlights',
            self::Texture => 'Texture',
            self::Gems => 'Gems',
        };
    }

    /** @return non-empty-list<School> the usual one first */
    public function schools(): array
    {
        return match ($this) {
            self::Glitter => [School::GlitterOnWetBase, School::GlitterLast],
            self::Lips => [School::LipsPainted, School::LipsNever],
            self::LargeWhite => [School::WhiteOpaque, School::WhitePearl],
            self::FaceOrder => [School::Quickest, School::FeaturesFirst, School::TopToBottom],
            self::LineWork => [School::LineOnTacky, School::LineOnDry],
            self::FinerLine => [School::SmallerBrush, School::TipOfBrush],
            self::Frame => [School::FrameOutlined, School::FrameDotted],
            self::Highlights => [School::HighlightsWhite, School::HighlightsLighter],
            self::Texture => [School::TextureStencil, School::TextureFreehand],
            self::Gems => [School::GemsSelfStick, School::GemsGlued, School::GemsNone],
        };
    }
}
