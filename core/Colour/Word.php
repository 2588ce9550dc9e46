<?php

declare(strict_types=1);

namespace Core\Colour;

/** What one would call a colour across a room: the nearest of a few plain words, straight through CIELAB. */
final readonly class Word
{
    /** Team's choice of words, and CIELAB of a colour that each stands for. */
    private const WORDS = [
        'white' => [98.2, -0.5, 1.4], 'pale grey' => [81.9, -0.3, -2.3], 'grey' => [58.5, -0.3, -2.5],
        'dark grey' => [32.6, -0.1, -3.4], 'black' => [9.9, 1.1, -2.8], 'pink' => [71.8, 30.7, 16.2],
        'pale pink' => [86.4, 13.8, 4.6], 'red' => [47.3, 60.7, 42.5], 'dark red' => [31.0, 45.0, 28.5],
        'orange' => [67.2, 32.3, 65.6], 'pale orange' => [80.0, 14.5, 32.7], 'yellow' => [83.7, 0.1, 72.5],
        'pale yellow' => [92.3, -5.2, 33.7], 'brown' => [36.6, 17.8, 25.9], 'sand' => [76.6, 3.9, 26.7],
        'olive' => [50.2, -8.2, 35.0], 'green' => [58.9, -44.9, 30.3], 'pale green' => [86.8, -18.9, 14.7],
        'dark green' => [33.8, -27.9, 14.1], 'turquoise' => [71.5, -33.2, -6.6], 'blue' => [49.3, 2.4, -44.1],
        'pale blue' => [86.1, -6.3, -13.3], 'dark blue' => [21.0, 13.2, -34.6], 'violet' => [42.4, 37.7, -44.3],
        'pale violet' => [80.0, 12.4, -17.0], 'plum' => [26.8, 24.4, -20.5],
    ];

    private function __construct() {}

    public static function of(LinearRgb $colour): string
    {
        $lab = Lab::of($colour);
        $nearest = '';
        $least = INF;
        foreach (self::WORDS as $word => [$lightness, $red, $yellow]) {
            $apart = ($lab->lightness - $lightness) ** 2 + ($lab->a - $red) ** 2 + ($lab->b - $yellow) ** 2;
            if ($apart < $least) {
                [$least, $nearest] = [$apart, $word];
            }
        }

        return $nearest;
    }
}
