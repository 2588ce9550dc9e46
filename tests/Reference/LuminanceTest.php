<?php

declare(strict_types=1);

use Core\Design\Colour;

/** (L1 + 0.05) / (L2 + 0.05), WCAG 2.2, "contrast ratio". */
function contrast(string $one, string $other): float
{
    $luminances = [Colour::of('', $one)->luminance(), Colour::of('', $other)->luminance()];

    return (max($luminances) + 0.05) / (min($luminances) + 0.05);
}

// Source: WCAG 2.2, definition of relative luminance: white is 1, black is 0, and the weights of the primaries are
// those of IEC 61966-2-1 (sRGB).
it('is the relative luminance of the primaries', function (string $hex, float $luminance): void {
    expect(Colour::of('', $hex)->luminance())->toEqualWithDelta($luminance, 1e-9);
})->with([['#ffffff', 1.0], ['#000000', 0.0], ['#ff0000', 0.2126], ['#00ff00', 0.7152], ['#0000ff', 0.0722]]);

// Source: contrast ratios commonly published for these greys on white; #767676 is the lightest grey that passes 4.5:1.
// Values from memory.
it('gives the contrast of well-known greys on white', function (string $grey, float $ratio): void {
    expect(contrast($grey, '#ffffff'))->toEqualWithDelta($ratio, 0.005);
})->with([['#767676', 4.54], ['#777777', 4.48], ['#595959', 7.0], ['#949494', 3.03], ['#000000', 21.0]]);
