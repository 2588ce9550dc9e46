<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Colour\Difference;
use Core\Colour\Finish;
use Core\Colour\LinearRgb;
use Core\Colour\Load;
use Core\Colour\Paint;
use Core\Colour\PaintKind;
use Core\Design\Colour;

/** Colours that go by name, lighter and darker ones, and what colours give when they are mixed. */
final readonly class ColourWords
{
    /** Values of a face painter's usual cakes: the team's own mixtures. */
    private const CAKES = [
        'white' => '#fafaf7', 'pearl white' => '#f4f2ec', 'black' => '#1c1c22', 'grey' => '#8a9096', 'sea grey' => '#8593a0',
        'slate' => '#4a5563',
        'silver' => '#b9c0c6', 'gold' => '#c9a03c', 'sand' => '#d9b98a', 'brown' => '#6b4a31', 'copper' => '#a5603a', 'red' => '#c62f2f',
        'coral red' => '#d2402f', 'shell pink' => '#eda2c0', 'pink' => '#e77fae', 'orange' => '#ee7d22', 'buoy orange' => '#f08a24',
        'yellow' => '#f5cf3d', 'lamp yellow' => '#f6c945', 'green' => '#3a8f4a', 'kelp green' => '#2f6b4f', 'lime' => '#a4cf4a',
        'turquoise' => '#37b3ad', 'shallow turquoise' => '#55c3bd', 'blue' => '#2f6fb5', 'foam blue' => '#bfe3f2', 'tide blue' => '#3f8fc6',
        'deep blue' => '#1d4e89', 'night blue' => '#1b2a52', 'purple' => '#6a3fa0', 'plum' => '#5b3a86', 'lilac' => '#a98bd6',
        'mint' => '#9fe0c4',
        'cream' => '#f5ead0', 'peach' => '#f7b78f', 'rust' => '#a8452a', 'charcoal' => '#34373d', 'bronze' => '#8c6239',
        'brass' => '#b58f3a', 'skin' => '#e3b493',
        'leaf green' => '#4f9a3c', 'grass green' => '#4c9f38', 'moss green' => '#6b7a3a', 'bottle green' => '#1e4d3a',
        'apple green' => '#8cc63f', 'lime green' => '#a4cf4a', 'mint green' => '#9fe0c4', 'olive green' => '#7a7a33',
        'cherry red' => '#b01f35', 'blood red' => '#8c1c1f', 'brick red' => '#a3402f', 'wine red' => '#6d1f33',
        'fire red' => '#d62f1f', 'rose pink' => '#e58aa5', 'candy pink' => '#f27fb2', 'coral pink' => '#f0867a', 'lemon' => '#f7e65a',
        'lemon yellow' => '#f7e65a', 'sun yellow' => '#f8cf2f', 'ice blue' => '#cfe8f2', 'ocean blue' => '#1f6f9f',
        'cobalt' => '#22489c', 'cobalt blue' => '#22489c', 'ultramarine' => '#2b3f9e', 'petrol blue' => '#1f5f6b',
        'slate blue' => '#53657d',
        'chestnut' => '#6f3f28', 'caramel' => '#b9804a', 'honey' => '#d9a441', 'off white' => '#f3efe2', 'snow white' => '#fbfcfc',
        'jet black' => '#141418', 'ash grey' => '#a9adae', 'stone grey' => '#8f8d86', 'steel grey' => '#71797f',
        'rose' => '#d96a86', 'mustard' => '#d3a52c', 'aubergine' => '#43254f', 'petrol' => '#1f5f6b', 'emerald' => '#1f8a5b',
        'apricot' => '#f3a66a', 'burgundy' => '#6d1f33', 'amber' => '#e8962e', 'gold yellow' => '#f2bd2c', 'golden yellow' => '#f2bd2c',
        'russet' => '#8a4b2b', 'russet brown' => '#7d452a', 'ginger' => '#c8702a', 'blonde' => '#e6c887', 'blond' => '#e6c887',
        'rosy' => '#e58aa5',
        'ruby' => '#a3183c', 'sapphire' => '#1f4fa0', 'rosé' => '#e9a7b0', 'fawn' => '#c49a6c', 'tawny' => '#b5713a', 'mauve' => '#9a7bb0',
    ];

    /** Source of the values: named colours of the W3C's CSS Color Module Level 4, section 6.1. */
    private const NAMED = [
        'aqua' => '#00ffff', 'aquamarine' => '#7fffd4', 'beige' => '#f5f5dc', 'coral' => '#ff7f50', 'chocolate' => '#d2691e',
        'crimson' => '#dc143c', 'cyan' => '#00ffff', 'forest green' => '#228b22',
        'fuchsia' => '#ff00ff', 'hot pink' => '#ff69b4', 'indigo' => '#4b0082', 'ivory' => '#fffff0', 'khaki' => '#f0e68c',
        'lavender' => '#e6e6fa', 'magenta' => '#ff00ff',
        'maroon' => '#800000', 'midnight blue' => '#191970', 'navy' => '#000080', 'olive' => '#808000', 'orchid' => '#da70d6',
        'royal blue' => '#4169e1', 'salmon' => '#fa8072',
        'sea green' => '#2e8b57', 'sky blue' => '#87ceeb', 'slate grey' => '#708090', 'steel blue' => '#4682b4', 'tan' => '#d2b48c',
        'teal' => '#008080', 'tomato' => '#ff6347',
        'violet' => '#ee82ee',
    ];

    private const SPELLED = [
        'gray' => 'grey', 'navy blue' => 'navy', 'slate gray' => 'slate grey', 'turquise' => 'turquoise', 'turq' => 'turquoise',
        'blk' => 'black', 'wht' => 'white', 'grn' => 'green', 'yel' => 'yellow',
        'blu' => 'blue', 'pearly white' => 'pearl white', 'whites' => 'white', 'blacks' => 'black', 'reds' => 'red',
        'blues' => 'blue', 'golden' => 'gold',
        'silvery' => 'silver', 'reddish' => 'red', 'bluish' => 'blue', 'greenish' => 'green', 'yellowish' => 'yellow',
        'brownish' => 'brown', 'skin colour' => 'skin', 'skin tone' => 'skin',
        'sand colour' => 'sand', 'sand color' => 'sand', 'sandy' => 'sand', 'rusty' => 'rust', 'skyblue' => 'sky blue',
        'light-blue' => 'light blue', 'dark-blue' => 'dark blue', 'night-blue' => 'night blue',
    ];

    /** How far the light that it sends back goes towards white. Team's estimates. */
    private const LIGHTER = [
        'light' => 0.22, 'lighter' => 0.22, 'lt' => 0.22, 'pale' => 0.42, 'paler' => 0.42, 'soft' => 0.2, 'baby' => 0.35,
        'pastel' => 0.4, 'ice' => 0.5,
    ];

    /** How much of the light that it sends back goes. Team's estimates. */
    private const DARKER = ['dark' => 0.6, 'darker' => 0.6, 'dk' => 0.6, 'deep' => 0.5, 'deeper' => 0.5, 'midnight' => 0.78];

    /** Words of finish and strength: the colour keeps its value, and its whole name. */
    private const OTHERWISE = [
        'bright', 'pearl', 'pearly', 'metallic', 'neon', 'shimmer', 'shimmery', 'strong', 'rich', 'warm', 'cool', 'matt', 'matte',
        'opaque', 'glow', 'fluo', 'uv', 'iridescent', 'holo', 'fluorescent', 'glowing', 'mid', 'medium',
    ];

    private const WRITTEN = [
        'lighter' => 'light', 'lt' => 'light', 'paler' => 'pale', 'darker' => 'dark', 'dk' => 'dark', 'deeper' => 'deep',
        'pearly' => 'pearl', 'shimmery' => 'shimmer', 'matte' => 'matt',
    ];

    /** Cakes that many painters own, for those whose kit has none of the name. Common practice, no source. */
    private const CAKES_OF_SEVERAL = [
        'rainbow cake' => ['red', 'orange', 'yellow', 'green', 'blue', 'purple'],
        'sunset cake' => ['yellow', 'orange', 'red', 'purple'], 'ocean cake' => ['deep blue', 'tide blue', 'foam blue'],
        'sea cake' => ['deep blue', 'tide blue', 'foam blue'], 'flame cake' => ['yellow', 'orange', 'red'],
        'fire cake' => ['yellow', 'orange', 'red'], 'leaf cake' => ['lime', 'green', 'kelp green'],
    ];

    /** So many mixtures of two colours are looked at. */
    private const PARTS = 48;

    /** @param  array<string, Colour>  $own  by name in small letters */
    private function __construct(private array $own) {}

    /** @param  list<Colour>  $own  of a kit: its white is the white that is meant */
    public static function withOwn(array $own): self
    {
        $byName = [];
        foreach ($own as $colour) {
            $byName[mb_strtolower($colour->name)] = $colour;
        }

        return new self($byName);
    }

    /** Null for a name that nobody knows. */
    public function named(string $name): ?Colour
    {
        $hex = self::CAKES[$name] ?? self::NAMED[$name] ?? null;
        if (isset($this->own[$name]) || $hex !== null) {
            return $this->own[$name] ?? Colour::of($name, (string) $hex);
        }
        if (isset(self::SPELLED[$name])) {
            return $this->named(self::SPELLED[$name]);
        }
        $words = explode(' ', $name, 2);

        return isset($words[1]) && self::isModifier($words[0]) ? $this->modified($words[0], $words[1]) : null;
    }

    public static function isModifier(string $word): bool
    {
        return isset(self::LIGHTER[$word]) || isset(self::DARKER[$word]) || in_array($word, self::OTHERWISE, true);
    }

    /** @return list<string> every name that stands alone, in small letters */
    public function names(): array
    {
        return [...array_keys(self::CAKES), ...array_keys(self::NAMED), ...array_keys(self::SPELLED), ...array_keys($this->own)];
    }

    /** @return array<string, list<Colour>> the usual colours of split cakes that many own */
    public function usualCakes(): array
    {
        return array_map(
            fn (array $names): array => array_values(array_filter(array_map($this->named(...), $names))),
            self::CAKES_OF_SEVERAL,
        );
    }

    /**
     * By the theory of Kubelka and Munk: two colours in the parts that come nearest to what is wanted, as one mixes until it
     * looks right; equal parts of each where there are more, or nobody knows what is wanted.
     *
     * @param  non-empty-list<Colour>  $colours
     */
    public function mixed(string $name, array $colours): Colour
    {
        $wanted = $this->named(mb_strtolower($name));
        $mixture = self::paint($colours[0]->hex);
        if ($wanted !== null && count($colours) === 2) {
            return Colour::of($name, self::nearest($mixture, self::paint($colours[1]->hex), $wanted->hex));
        }
        foreach (array_slice($colours, 1) as $place => $colour) {
            $mixture = $mixture->mixedWith(self::paint($colour->hex), 1 / ($place + 2));
        }

        return Colour::of($name, $mixture->thick()->hex());
    }

    /** @return string #rrggbb */
    private static function nearest(Paint $one, Paint $other, string $wanted): string
    {
        $found = $one->thick()->hex();
        $least = INF;
        // A strong colour tints at a hundredth already.
        for ($part = 1; $part < self::PARTS; $part++) {
            $hex = $one->mixedWith($other, (1 - cos(M_PI * $part / self::PARTS)) / 2)->thick()->hex();
            $apart = Difference::betweenHex($hex, $wanted);
            [$least, $found] = $apart < $least ? [$apart, $hex] : [$least, $found];
        }

        return $found;
    }

    private function modified(string $word, string $rest): ?Colour
    {
        $colour = $this->named($rest);
        if ($colour === null) {
            return null;
        }
        $name = (self::WRITTEN[$word] ?? $word)." {$colour->name}";
        $share = self::LIGHTER[$word] ?? self::DARKER[$word] ?? 0.0;
        $to = isset(self::LIGHTER[$word]) ? 1.0 : 0.0;
        $light = LinearRgb::ofHex($colour->hex);

        return Colour::of(
            $name,
            $share === 0.0 ? $colour->hex : $light->joined($light, static fn (float $own): float => $own + ($to - $own) * $share)->hex(),
        );
    }

    private static function paint(string $hex): Paint
    {
        return Paint::fromCake($hex, Finish::Regular, PaintKind::Wax, Load::Normal);
    }
}
