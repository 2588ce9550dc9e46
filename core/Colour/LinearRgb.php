<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * A colour as the share of light it sends back in each of the three channels of linear sRGB, 0 to 1.
 *
 * Source of the transfer curve and the primaries: IEC 61966-2-1 (sRGB), reference white D65.
 */
final readonly class LinearRgb
{
    public function __construct(public float $red, public float $green, public float $blue) {}

    /** @param  string  $hex  #rrggbb */
    public static function ofHex(string $hex): self
    {
        $channel = static fn (int $at): float => self::decode((int) hexdec(substr($hex, $at, 2)) / 255);

        return new self($channel(1), $channel(3), $channel(5));
    }

    /** Nearest #rrggbb; what lies outside the gamut is clipped to it. */
    public function hex(): string
    {
        $byte = static fn (float $share): int => (int) round(255 * self::encode(min(1.0, max(0.0, $share))));

        return sprintf('#%02x%02x%02x', $byte($this->red), $byte($this->green), $byte($this->blue));
    }

    /** WCAG 2.2 relative luminance, 0 black to 1 white. */
    public function luminance(): float
    {
        return 0.2126 * $this->red + 0.7152 * $this->green + 0.0722 * $this->blue;
    }

    /** @param  callable(float, float): float  $join  of one channel of this and of the other */
    public function joined(self $other, callable $join): self
    {
        return new self($join($this->red, $other->red), $join($this->green, $other->green), $join($this->blue, $other->blue));
    }

    private static function decode(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }

    private static function encode(float $linear): float
    {
        return $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;
    }
}
