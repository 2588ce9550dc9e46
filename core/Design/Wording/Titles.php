<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Wording\Lines\Line;
use Core\Design\Wording\Words\Language;
use Core\Design\Wording\Words\Scanner;
use Core\Design\Wording\Words\Thing;

/** A first line that says nothing of how, where or how long, above lines that do, is what the list is called. */
final readonly class Titles
{
    private const LEAST_LINES = 3;

    private const MOST_WORDS = 5;

    private const LEAST_WORDS_OF_TITLE = 3;

    /** So many of the lines below have a number in them, or say how and where below a capital letter that only the first one has. */
    private const SHARE_BELOW = 0.8;

    private const NUMBER = '/\d/';

    private const SMALL_LETTER = '/^\P{L}*\p{Ll}/u';

    private const CAPITAL = '/^\P{L}*\p{Lu}/u';

    private const MAY_SAY = [
        PartKind::Words, PartKind::Thing, PartKind::Technique, PartKind::Between, PartKind::Quality, PartKind::Optional,
    ];

    /**
     * @param  list<Line>  $lines
     * @return list<Line> with the title as a heading
     */
    public static function found(array $lines, Scanner $scanner, ?Language $language): array
    {
        $steps = array_values(array_filter($lines, static fn (Line $line): bool => $line->kind !== LineKind::Placement));
        $first = $steps[0] ?? null;
        $below = array_slice($steps, 1);
        $isTitle = $first !== null && $first->kind === LineKind::Steps && count($below) >= self::LEAST_LINES
            && (self::areMostly(self::matches(self::NUMBER), $below) || (self::matches(self::CAPITAL)($first) && self::areMostly(
                self::matches(self::SMALL_LETTER),
                $below,
            )
                && self::areMostly(static fn (Line $line): bool => ! self::saysNothing($line, $scanner, $language), $below)))
            && self::saysNothing($first, $scanner, $language);

        return ! $isTitle ? $lines : array_map(static fn (Line $line): Line => $line === $first ? $line->asHeading() : $line, $lines);
    }

    /** "Base:" groups what stands below; "Starfish on the cheek:" and what has no colon is what all of it is called. */
    public static function isTitle(Line $heading): bool
    {
        return ! str_ends_with(trim($heading->text), ':') || str_word_count($heading->says) >= self::LEAST_WORDS_OF_TITLE || preg_match(
            '/\bdesign\b/iu',
            $heading->says,
        ) === 1;
    }

    /** @return callable(Line): bool */
    private static function matches(string $pattern): callable
    {
        return static fn (Line $line): bool => preg_match($pattern, $line->text) === 1;
    }

    /**
     * @param  callable(Line): bool  $are
     * @param  list<Line>  $lines
     */
    private static function areMostly(callable $are, array $lines): bool
    {
        return count(array_filter($lines, $are)) >= self::SHARE_BELOW * count($lines);
    }

    private static function saysNothing(Line $line, Scanner $scanner, ?Language $language): bool
    {
        if (count($line->stretches) !== 1 || preg_match(self::NUMBER, $line->text) === 1 || $line->stretches[0]->time !== null
            || preg_match_all('/\p{L}+/u', $line->text) > self::MOST_WORDS) {
            return false;
        }
        foreach ($scanner->parts($scanner->tokens($line->stretches[0]->text, $language), 0) as $part) {
            $isGround = $part->value instanceof Thing && $part->value->medium !== null;
            if ($isGround || ! in_array($part->kind, self::MAY_SAY, true)) {
                return false;
            }
        }

        return true;
    }
}
