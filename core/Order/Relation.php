<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Step;

/** Whether two steps in one place are of the same thing, by what the painter called them. */
final readonly class Relation
{
    /** Words that say how, where or in what colour, and not what. */
    private const SAYS_NOTHING = ' the and of on in at to a an for with over under round around by its it them line lines dot dots outline edge edges stroke strokes'
        .' swirl swirls stripe stripes petal petals leaf leaves tear tears teardrop teardrops fill base small tiny little big large left right upper lower top bottom inner outer both first second last more'
        .' white black red blue green yellow orange pink violet purple grey gray brown dark light pale thin thick damp wet dry colour color paint brush sponge ';

    /** What makes another thing shine, whatever that is. */
    private const SHINES = '/highlight|sparkle|glint|shine|shiny|gleam|twinkle|catchlight|pupil|\beyes?\b/iu';

    private const LEAST_LETTERS = 3;

    private function __construct() {}

    /** Both name the same thing, or were given one shape or group, or the one says that it lies on the other. */
    public static function between(Step $one, Step $other): bool
    {
        return self::saysOn($one, $other) || ($one->group !== '' && $one->group === $other->group)
            || ($one->mark->shape !== null && $one->mark->shape === $other->mark->shape)
            || array_intersect(self::things($one->name), self::things($other->name)) !== [];
    }

    /** "Tears on the stripes". */
    private static function saysOn(Step $one, Step $other): bool
    {
        $words = array_map(static fn (string $word): string => preg_quote(rtrim($word, 's'), '/'), self::words($other->name));

        return $words !== [] && preg_match('/\b(?:on|over|onto|in)\b.*\b(?:'.implode('|', $words).')/iu', $one->name) === 1;
    }

    public static function shines(Step $step): bool
    {
        return preg_match(self::SHINES, $step->name) === 1;
    }

    /** @return list<string> small letters, without the plural's s */
    private static function things(string $name): array
    {
        $things = array_filter(self::words($name), static fn (string $word): bool => mb_strlen($word) >= self::LEAST_LETTERS && ! str_contains(self::SAYS_NOTHING, " {$word} "));

        return array_values(array_map(static fn (string $word): string => rtrim($word, 's'), $things));
    }

    /** @return list<string> in small letters */
    private static function words(string $name): array
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($name), -1, PREG_SPLIT_NO_EMPTY);

        return $words === false ? [] : $words;
    }
}
