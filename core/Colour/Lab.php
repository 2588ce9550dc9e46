<?php

declare(strict_types=1);

namespace Core\Colour;

/** A colour in CIELAB for reference white D65: lightness 0 to 100, and the two opponent axes. */
final readonly class Lab
{
    /** CIE 15: the corner between the cube root and its straight start. */
    private const CORNER = 216 / 24389;

    private const SLOPE = 24389 / 27;

    /** Chromaticity x 0.3127, y 0.3290 at Y = 1, the white of IEC 61966-2-1. */
    private const WHITE_X = 0.3127 / 0.3290;

    private const WHITE_Z = (1 - 0.3127 - 0.3290) / 0.3290;

    public function __construct(public float $lightness, public float $a, public float $b) {}

    public static function of(LinearRgb $colour): self
    {
        $x = 0.4123907992659595 * $colour->red + 0.35758433938387796 * $colour->green + 0.1804807884018343 * $colour->blue;
        $y = 0.21263900587151036 * $colour->red + 0.7151686787677559 * $colour->green + 0.07219231536073371 * $colour->blue;
        $z = 0.01933081871559185 * $colour->red + 0.11919477979462599 * $colour->green + 0.9505321522496606 * $colour->blue;
        [$fx, $fy, $fz] = [self::curve($x / self::WHITE_X), self::curve($y), self::curve($z / self::WHITE_Z)];

        return new self(116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz));
    }

    public static function ofHex(string $hex): self
    {
        return self::of(LinearRgb::ofHex($hex));
    }

    /** How far from grey. */
    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    private static function curve(float $share): float
    {
        return $share > self::CORNER ? $share ** (1 / 3) : (self::SLOPE * $share + 16) / 116;
    }
}
