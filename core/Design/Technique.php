<?php

declare(strict_types=1);

namespace Core\Design;

/** How the hand moves in a step. */
enum Technique: string
{
    case Stipple = 'stipple';
    case Sweep = 'sweep';
    case Blend = 'blend';
    case Fill = 'fill';
    case Petal = 'petal';
    case Leaf = 'leaf';
    case Line = 'line';
    case Outline = 'outline';
    case Stripe = 'stripe';
    case Teardrop = 'teardrop';
    case Swirl = 'swirl';
    case DoubleSwirl = 'double_swirl';
    case Dots = 'dots';
    case Starburst = 'starburst';
    case Flower = 'flower';
    case Heart = 'heart';
    case Whisker = 'whisker';
    case Lash = 'lash';
    case Stencil = 'stencil';
    case Powder = 'powder';
    case LooseGlitter = 'loose_glitter';
    case GlitterGel = 'glitter_gel';
    case Gem = 'gem';
    case LiftOff = 'lift_off';
    case Wait = 'wait';
    case Tidy = 'tidy';

    /** What a medium does when nothing else is said. */
    public static function usualOf(Medium $medium): self
    {
        return match ($medium) {
            Medium::Sponge => self::Stipple,
            Medium::Brush => self::Line,
            Medium::Stencil => self::Stencil,
            Medium::Powder => self::Powder,
            Medium::Glitter => self::LooseGlitter,
            Medium::Gem => self::Gem,
            Medium::Bare => self::Tidy,
        };
    }

    /** What it is done with when nothing else is said. */
    public function usualMedium(): Medium
    {
        return match ($this) {
            self::Stipple, self::Sweep, self::Blend => Medium::Sponge,
            self::Stencil => Medium::Stencil,
            self::Powder => Medium::Powder,
            self::LooseGlitter, self::GlitterGel => Medium::Glitter,
            self::Gem => Medium::Gem,
            self::LiftOff, self::Wait, self::Tidy => Medium::Bare,
            default => Medium::Brush,
        };
    }

    public function suits(Medium $medium): bool
    {
        return match ($medium) {
            Medium::Sponge => $this->covers() || in_array(
                $this,
                [self::Petal, self::Leaf, self::Teardrop, self::Dots, self::Stripe, self::Heart],
                true,
            ),
            Medium::Brush => $this->covers() || ($this->usualMedium() === Medium::Brush),
            Medium::Powder => $this === self::Powder || $this === self::Blend,
            default => $this->usualMedium() === $medium,
        };
    }

    /** Whether it lays a film over skin, rather than strokes that can be counted. */
    public function covers(): bool
    {
        return match ($this) {
            self::Stipple, self::Sweep, self::Blend, self::Fill => true,
            default => false,
        };
    }

    /** Whether a base is laid with it. */
    public function isBase(): bool
    {
        return $this === self::Stipple || $this === self::Sweep || $this === self::Blend;
    }

    /** Whether it lays a thin line, and not a drop or a field of paint. */
    public function isThin(): bool
    {
        return match ($this) {
            self::Line, self::Outline, self::Whisker, self::Lash, self::Swirl, self::DoubleSwirl => true,
            default => false,
        };
    }

    /** Whether strokes or marks of it can be counted. */
    public function isCounted(): bool
    {
        return match ($this) {
            self::Petal, self::Leaf, self::Line, self::Stripe, self::Teardrop, self::Swirl, self::DoubleSwirl, self::Dots, self::Starburst,
            self::Flower, self::Heart, self::Whisker, self::Lash, self::Gem => true,
            default => false,
        };
    }

    /** Whether it needs no place on the skin. */
    public function needsNoZone(): bool
    {
        return $this === self::Wait || $this === self::Tidy;
    }

    /** In small letters; the word for one stroke of it. */
    public function label(): string
    {
        return match ($this) {
            self::LooseGlitter => 'loose glitter',
            self::LiftOff => 'lift off',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** The word for several strokes of it. */
    public function plural(): string
    {
        return match ($this) {
            self::Leaf => 'leaves',
            self::Lash => 'lashes',
            self::Dots => 'dots',
            default => "{$this->label()}s",
        };
    }
}
