<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\Technique;

/** What part a step has in a face, from the skin up. */
enum Layer
{
    case Powder;
    case Base;
    case Texture;
    case Shape;
    case Line;
    case Accent;
    case Glitter;
    case Gem;

    /** Lifting off, waiting, tidying: lays nothing. */
    case Bare;

    public static function of(Step $step): self
    {
        return match ($step->medium) {
            Medium::Powder => self::Powder,
            Medium::Stencil => self::Texture,
            Medium::Glitter => self::Glitter,
            Medium::Gem => self::Gem,
            Medium::Bare => self::Bare,
            Medium::Sponge, Medium::Brush => self::painted($step),
        };
    }

    /** Whether so much skin lies under it that what comes next lies on it; line work is too thin for that. */
    public function covers(): bool
    {
        return match ($this) {
            self::Powder, self::Base, self::Texture, self::Shape => true,
            default => false,
        };
    }

    /** Line work in the wider sense: what a stencil would hide and a base would bury. */
    public function isFine(): bool
    {
        return $this === self::Line || $this === self::Accent;
    }

    private static function painted(Step $step): self
    {
        return match ($step->technique) {
            Technique::Stipple, Technique::Sweep, Technique::Blend => self::Base,
            Technique::Fill => $step->mark->shape === null && $step->medium === Medium::Sponge ? self::Base : self::Shape,
            Technique::Line, Technique::Outline, Technique::Stripe, Technique::Whisker, Technique::Lash => self::Line,
            Technique::Teardrop, Technique::Swirl, Technique::DoubleSwirl, Technique::Dots, Technique::Starburst => self::Accent,
            default => self::Shape,
        };
    }
}
