<?php

declare(strict_types=1);

namespace Core\Order\Schools;

use Core\Colour\Defaults as ColourDefaults;
use Core\Order\Defaults;
use Core\Surface\Defaults as SurfaceDefaults;

/** A number that findings rest on, and that a painter may set for the own hands, paints and eyes. */
enum TradeNumber: string
{
    case WaxSeconds = 'wax_seconds';
    case GlycerineSeconds = 'glycerine_seconds';
    case LineAtOnce = 'line_at_once';
    case ShapeAtOnce = 'shape_at_once';
    case SparkleAtOnce = 'sparkle_at_once';
    case StrongAtOnce = 'strong_at_once';
    case GlitterHolds = 'glitter_holds';
    case SeenAtTwoMetres = 'seen_at_two_metres';
    case EyesShut = 'eyes_shut';
    case Crowded = 'crowded';
    case WorthSaving = 'worth_saving';

    public function label(): string
    {
        return match ($this) {
            self::WaxSeconds => 'a brush load of wax paint dries in',
            self::GlycerineSeconds => 'a brush load of soft or split-cake paint dries in',
            self::LineAtOnce => 'a line goes on at once over what is nearly dry within',
            self::ShapeAtOnce => 'a shape goes on at once over what is nearly dry within',
            self::SparkleAtOnce => 'sparkle goes on at once over what is nearly dry within',
            self::StrongAtOnce => 'strong strokes go on at once over pale paint that is nearly dry within',
            self::GlitterHolds => 'loose glitter still holds after a film is dry for',
            self::SeenAtTwoMetres => 'difference of colour that is seen from two metres',
            self::EyesShut => 'eyes shut at a stretch at most',
            self::Crowded => 'share of a place that marks may fill',
            self::WorthSaving => 'another order is worth it from',
        };
    }

    public function isSeconds(): bool
    {
        return $this !== self::SeenAtTwoMetres && $this !== self::Crowded;
    }

    /** The team's starting value; see the Defaults it stands in for what it rests on. */
    public function start(): float
    {
        return match ($this) {
            self::WaxSeconds => SurfaceDefaults::WAX_SECONDS,
            self::GlycerineSeconds => SurfaceDefaults::GLYCERINE_SECONDS,
            self::LineAtOnce => Defaults::LINE_AT_ONCE_SECONDS,
            self::ShapeAtOnce => Defaults::SHAPE_AT_ONCE_SECONDS,
            self::SparkleAtOnce => Defaults::SPARKLE_AT_ONCE_SECONDS,
            self::StrongAtOnce => Defaults::STRONG_AT_ONCE_SECONDS,
            self::GlitterHolds => Defaults::GLITTER_HOLDS_SECONDS,
            self::SeenAtTwoMetres => ColourDefaults::SEEN_AT_TWO_METRES,
            self::EyesShut => Defaults::EYES_SHUT_SECONDS,
            self::Crowded => Defaults::CROWDED_SHARE,
            self::WorthSaving => Defaults::WORTH_SECONDS,
        };
    }

    public function least(): float
    {
        return match ($this) {
            self::WaxSeconds, self::GlycerineSeconds, self::EyesShut => 5.0,
            self::Crowded => 0.2,
            default => 0.0,
        };
    }

    public function most(): float
    {
        return match ($this) {
            self::SeenAtTwoMetres => 60.0,
            self::Crowded => 5.0,
            default => 600.0,
        };
    }
}
