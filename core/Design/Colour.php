<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Colour\LinearRgb;

/** A paint's colour as the painter calls it, with its sRGB value as #rrggbb. */
final readonly class Colour
{
    /** Luminances beyond which a painter calls it black or white. Team's estimates. */
    public const NEARLY_BLACK = 0.03;

    public const NEARLY_WHITE = 0.8;

    public const HEX = '/^#?([0-9a-f]{6})$/i';

    private function __construct(public string $name, public string $hex) {}

    /** @throws InvalidStep when the hex is not six hex digits */
    public static function of(string $name, string $hex): self
    {
        if (preg_match(self::HEX, $hex, $digits) !== 1) {
            throw InvalidStep::colour($hex);
        }

        return new self($name, '#'.strtolower($digits[1]));
    }

    public function equals(self $other): bool
    {
        return $this->hex === $other->hex;
    }

    /** WCAG 2.2 relative luminance, 0 black to 1 white. */
    public function luminance(): float
    {
        return LinearRgb::ofHex($this->hex)->luminance();
    }
}
