<?php

declare(strict_types=1);

namespace Core\Colour;

/** What one would call a colour across a room: the nearest of a few plain words. */
final readonly class Word
{
    /** Team's choice of words and of a colour that each stands for. */
    private const WORDS = [
        'white' => '#fafaf7', 'pale grey' => '#c9ccd0', 'grey' => '#8a8d91', 'dark grey' => '#4a4d52', 'black' => '#1b1b1f',
        'pink' => '#ee9a94', 'pale pink' => '#f6cfd0', 'red' => '#d2332c', 'dark red' => '#8c1f1f', 'orange' => '#f08a24', 'pale orange' => '#f4bb8a',
        'yellow' => '#f5cd3c', 'pale yellow' => '#f7eaa8', 'brown' => '#7b4a2d', 'sand' => '#d6b98c', 'olive' => '#7d7a3a',
        'green' => '#3fa056', 'pale green' => '#bfe3bd', 'dark green' => '#1f5a38', 'turquoise' => '#4fc0ba', 'blue' => '#2f78c0', 'pale blue' => '#bcdcf0',
        'dark blue' => '#1d2f66', 'violet' => '#7a4fae', 'pale violet' => '#cfc0e6', 'plum' => '#55325f',
    ];

    private function __construct() {}

    public static function of(LinearRgb $colour): string
    {
        $lab = Lab::of($colour);
        $nearest = '';
        $least = INF;
        foreach (self::WORDS as $word => $hex) {
            $difference = Difference::between($lab, Lab::ofHex($hex));
            if ($difference < $least) {
                [$least, $nearest] = [$difference, $word];
            }
        }

        return $nearest;
    }
}
