<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Wording\Lines\Line;
use Core\Design\Wording\Sense\Remarks;
use Core\Design\Wording\Sense\Said;
use Core\Design\Wording\Words\Act;
use Core\Design\Wording\Words\Language;
use Core\Design\Wording\Words\Scanner;
use Core\Design\Wording\Words\Thing;

/** A first line that says nothing of how, where or how long, above lines that do, is what the list is called. */
final readonly class Titles
{
    private const LEAST_LINES = 3;

    /** So many of the lines below tell what all of them are like. */
    private const LOOKED_AT = 40;

    private const MOST_WORDS = 5;

    private const LEAST_WORDS_OF_TITLE = 3;

    /** So many of the lines below have a number in them, or say how and where below a capital letter that only the first one has. */
    private const SHARE_BELOW = 0.8;

    private const NUMBER = '/\d/';

    private const SMALL_LETTER = '/^\P{L}*\p{Ll}/u';

    private const CAPITAL = '/^\P{L}*\p{Lu}/u';

    /** Of the lines below one that names the design, so many name a colour, a tool, a stroke or a time. Team's estimate. */
    private const SHARE_THAT_PAINTS = 0.6;

    private const SECONDS = '/\d\s*(?:s|secs?|seconds?|sek\.?|sekunden|")(?!\p{L})|\d:\d\d/iu';

    /** Minutes, a price, or something in brackets, as behind the name of a design. */
    private const OF_A_DESIGN = '/\d\s*(?:m|mins?|minutes?)\b|[£€$]|\(|!|\s[-–—]\s/iu';

    private const GROUPING = '/^\W*(?:base|details?|line ?work|lines|extras?|party extras?|finish(?:ing)?(?: touches)?|bling|sparkles?'
        .'|right side(?: only)?'
        .'|left side(?: only)?|basis|grundierung|linien|details|extras)\W*$/iu';

    private const PAINT = [
        PartKind::Colour, PartKind::Technique, PartKind::Tool, PartKind::Medium, PartKind::Load, PartKind::Coats, PartKind::Drying,
        PartKind::Shut,
    ];

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
        $below = array_slice($steps, 1, self::LOOKED_AT);
        $isTitle = $first !== null && $first->kind === LineKind::Steps && count($below) >= self::LEAST_LINES
            && (self::areMostly(self::matches(self::NUMBER), $below) || (self::matches(self::CAPITAL)($first) && self::areMostly(
                self::matches(self::SMALL_LETTER),
                $below,
            )
                && self::areMostly(static fn (Line $line): bool => ! self::saysNothing($line, $scanner, $language), $below)))
            && self::saysNothing($first, $scanner, $language);

        $isTitle = $isTitle || ($first !== null && self::isNamed($first, $below, $scanner, $language));
        $isHeading = static fn (Line $line): bool => $line->kind === LineKind::Steps && count($steps) > self::LEAST_LINES
            && self::isCalledOut($line, $scanner, $language) || ($isTitle && $line === $first);

        return array_map(static fn (Line $line): Line => $isHeading($line) ? $line->asHeading() : $line, $lines);
    }

    /**
     * "FOX - full face, about 5 mins", "Robin on a twig, quick cheek art": no colour, no tool and no seconds, above lines that have them.
     *
     * @param  list<Line>  $below
     */
    private static function isNamed(Line $first, array $below, Scanner $scanner, ?Language $language): bool
    {
        $paints = static fn (Line $line): bool => preg_match(self::SECONDS, $line->text) === 1
            || ($line->stretches !== [] && Remarks::isPaint(self::said($line->stretches[0]->text, $scanner, $language)));

        return $first->kind === LineKind::Steps && count($below) >= self::LEAST_LINES && preg_match(self::SECONDS, $first->text) !== 1
            && count($first->stretches) === 1 && $first->stretches[0]->time === null
            && self::isBare(self::said($first->stretches[0]->text, $scanner, $language))
            && count(array_filter($below, $paints)) >= self::SHARE_THAT_PAINTS * count($below)
            && (preg_match(self::OF_A_DESIGN, $first->text) === 1
                || self::isButName(self::said($first->stretches[0]->text, $scanner, $language))
                || self::areMostly(self::matches(self::SECONDS), $below));
    }

    /** A figure by itself, "Robot" or "little fox": nobody paints one in the first step of many without saying how. */
    private static function isButName(Said $said): bool
    {
        $things = $said->all(PartKind::Thing);

        return $things !== [] && ! $said->has(PartKind::Zone)
            && array_filter($things, static fn (Part $part): bool => ! $part->value instanceof Thing
                || $part->value->shape?->skeleton() === null) === []
            && count($said->parts) <= self::LEAST_WORDS_OF_TITLE;
    }

    /** No word of paint, but what the design is and where. */
    private static function isBare(Said $said): bool
    {
        $names = $said->has(PartKind::Words) || $said->has(PartKind::Thing) || $said->has(PartKind::Shape);
        foreach ($said->parts as $part) {
            $isGround = $part->value instanceof Thing && $part->value->medium !== null;
            if ($isGround || in_array($part->kind, self::PAINT, true) || ($part->value instanceof Act
                && $part->value->technique !== null)) {
                return false;
            }
        }

        return $names;
    }

    /** "BASE", "Line work", "RIGHT SIDE ONLY": in capitals, or what steps are usually grouped under, and nothing else. */
    private static function isCalledOut(Line $line, Scanner $scanner, ?Language $language): bool
    {
        $text = trim($line->text);
        if (preg_match(self::GROUPING, $text) === 1) {
            return true;
        }
        $isInCapitals = preg_match('/\p{Lu}{3}/u', $text) === 1 && preg_match('/\p{Ll}|\d/u', $text) !== 1 && count($line->stretches) === 1
            && $line->stretches[0]->time === null;

        return $isInCapitals && ! Remarks::isPaint(self::said($text, $scanner, $language));
    }

    private static function said(string $text, Scanner $scanner, ?Language $language): Said
    {
        return new Said($scanner->parts($scanner->tokens($text, $language), 0), $text);
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
