<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\NameSays;
use Core\Design\Step;

/** Which steps of a design are of the same thing, by what the painter called them. Steps are named by their place. */
final readonly class SameThing
{
    /** Words that say how, where or in what colour, and not what. */
    private const SAYS_NOTHING = ' the and of on in at to a an for with over under round around by its it them line lines dot '
        .'dots outline edge edges stroke strokes'
        .' swirl swirls stripe stripes petal petals leaf leaves tear tears teardrop teardrops fill base small tiny little big '
            .'large left right upper lower top bottom inner outer both first second last more'
        .' white black red blue green yellow orange pink violet purple grey gray brown dark light pale thin thick damp wet dry '
            .'colour color paint brush sponge ';

    private const LINKS = ' the and for with over under round around into onto ';

    private const LEAST_LETTERS = 3;

    /** @var list<list<string>> by step, the words of its name without the plural's s */
    private array $words;

    /** @var list<list<string>> those of them that name a thing */
    private array $things;

    /** @param  list<Step>  $steps */
    public function __construct(private array $steps)
    {
        $words = array_map(static fn (Step $step): array => self::words($step->name), $steps);
        $this->words = array_map(static fn (array $words): array => array_map(self::singular(...), $words), $words);
        $this->things = array_map(
            static fn (array $words): array => array_values(array_map(
                self::singular(...),
                array_filter($words, static fn (string $word): bool => ! str_contains(self::SAYS_NOTHING, " {$word} ")),
            )),
            $words,
        );
    }

    /** Both name the same thing, or were given one shape or group, or the one says that it lies on the other. */
    public function between(int $step, int $film): bool
    {
        [$one, $other] = [$this->steps[$step], $this->steps[$film]];

        return ($one->group !== '' && $one->group === $other->group)
            || ($one->mark->shape !== null && $one->mark->shape === $other->mark->shape)
            || array_intersect($this->things[$step], $this->things[$film]) !== []
            || $this->saysOn($step, $film);
    }

    public static function shines(Step $step): bool
    {
        return NameSays::Shines->in($step->name);
    }

    /** "Tears on the stripes". */
    private function saysOn(int $step, int $film): bool
    {
        $name = mb_strtolower($this->steps[$step]->name);
        if ($this->words[$film] === [] || preg_match('/\b(?:on|over|onto|in)\b/u', $name) !== 1) {
            return false;
        }
        $words = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), $this->words[$film]));

        return preg_match("/\\b(?:on|over|onto|in)\\b.*\\b(?:{$words})/u", $name) === 1;
    }

    private static function singular(string $word): string
    {
        return rtrim($word, 's');
    }

    /** @return list<string> in small letters, those that say more than a link does */
    private static function words(string $name): array
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($name), -1, PREG_SPLIT_NO_EMPTY);

        return array_values(array_filter(
            $words === false ? [] : $words,
            static fn (string $word): bool => mb_strlen($word) >= self::LEAST_LETTERS && ! str_contains(self::LINKS, " {$word} "),
        ));
    }
}
