<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

/**
 * Mends slips of the keyboard: letters wrong, missing, too many or swapped with their neighbour, each counted once.
 *
 * Source of the metric: the restricted Damerau-Levenshtein distance (F. J. Damerau, "A technique for computer detection and
 * correction of spelling errors", Comm. ACM 7 (1964)). Source of the words that are right as they are: SCOWL, Spell Checker
 * Oriented Word Lists, size 35, British and American, of four letters and more (right-words.txt; may be copied freely with this notice:
 * Copyright 2000-2011 by Kevin Atkinson).
 */
final readonly class Slips
{
    /** Shorter words have too many neighbours. Team's estimate. */
    private const SHORTEST = 4;

    private const LONGEST = 24;

    private const TWO_SLIPS_FROM = 8;

    /** @var array<int, list<string>> the words to correct to, by their length */
    private array $byLength;

    /** @var array<string, true> */
    private array $likely;

    /**
     * @param  list<string>  $words  that may have been meant, in small letters
     * @param  list<string>  $likely  those of them that go before others
     * @param  string  $right  words that are right as they are, in order, each between line feeds
     */
    public function __construct(array $words, array $likely, private string $right)
    {
        $this->likely = array_fill_keys($likely, true);
        $byLength = [];
        foreach ($words as $word) {
            if (strlen($word) >= self::SHORTEST && ctype_alpha($word)) {
                $byLength[strlen($word)][] = $word;
            }
        }
        $this->byLength = $byLength;
    }

    /** The words that are right, in order, each between line feeds. */
    public static function rightWords(): string
    {
        return (string) file_get_contents(__DIR__.'/right-words.txt');
    }

    /** Null where the word is right, or where nothing or more than one thing can be meant. */
    public function corrected(string $typed): ?string
    {
        $length = strlen($typed);
        if ($length < self::SHORTEST || $length > self::LONGEST || ! ctype_alpha($typed) || $this->isRight($typed)) {
            return null;
        }
        $most = $length >= self::TWO_SLIPS_FROM ? 2 : 1;
        for ($slips = 1; $slips <= $most; $slips++) {
            $near = $this->within($typed, $slips);
            if ($near !== []) {
                return count($near) === 1 ? $near[0] : $this->likeliest($typed, $near);
            }
        }

        return null;
    }

    /** Letters wrong, missing, too many, or two neighbours swapped. */
    public static function between(string $one, string $other): int
    {
        $rows = [range(0, strlen($other))];
        for ($i = 1; $i <= strlen($one); $i++) {
            $rows[$i] = [$i];
            for ($j = 1; $j <= strlen($other); $j++) {
                $isSame = $one[$i - 1] === $other[$j - 1] ? 0 : 1;
                $rows[$i][$j] = min($rows[$i - 1][$j] + 1, $rows[$i][$j - 1] + 1, $rows[$i - 1][$j - 1] + $isSame);
                if ($i > 1 && $j > 1 && $one[$i - 1] === $other[$j - 2] && $one[$i - 2] === $other[$j - 1]) {
                    $rows[$i][$j] = min($rows[$i][$j], $rows[$i - 2][$j - 2] + 1);
                }
            }
        }

        return $rows[strlen($one)][strlen($other)];
    }

    /** Halves the text again and again, for reading through all of it at each word is slow, and so is taking it apart at each start. */
    private function isRight(string $word): bool
    {
        [$from, $to] = [0, strlen($this->right) - 1];
        while ($from < $to) {
            $start = strrpos($this->right, "\n", intdiv($from + $to, 2) - strlen($this->right));
            $start = $start === false || $start < $from ? $from : $start;
            $end = strpos($this->right, "\n", $start + 1);
            $end = $end === false ? $to : $end;
            $order = strcmp($word, substr($this->right, $start + 1, $end - $start - 1));
            if ($order === 0) {
                return true;
            }
            [$from, $to] = $order < 0 ? [$from, $start] : [$end, $to];
        }

        return false;
    }

    /** @return list<string> */
    private function within(string $typed, int $most): array
    {
        $near = [];
        $length = strlen($typed);
        for ($known = max(self::SHORTEST, $length - $most); $known <= $length + $most; $known++) {
            foreach ($this->byLength[$known] ?? [] as $word) {
                // The built-in distance, quick and without swaps, never says less than half of this one's.
                if (($typed[0] === $word[0] || $typed[-1] === $word[-1]) && levenshtein($typed, $word) <= 2 * $most
                    && self::between($typed, $word) <= $most) {
                    $near[] = $word;
                }
            }
        }

        return $near;
    }

    /**
     * Colours, places and tools are typed more often than all else; fingers miss and double letters more often than they hit wrong ones.
     *
     * @param  non-empty-list<string>  $near
     */
    private function likeliest(string $typed, array $near): ?string
    {
        foreach ([
            fn (string $word): bool => isset($this->likely[$word]) && self::hasLettersOf($typed, $word),
            fn (string $word): bool => isset($this->likely[$word]),
            static fn (string $word): bool => self::hasLettersOf($typed, $word),
        ] as $isLikely) {
            $likely = array_values(array_filter($near, $isLikely));
            if (count($likely) === 1) {
                return $likely[0];
            }
        }

        return null;
    }

    /** Whether no letter of one is strange to the other. */
    private static function hasLettersOf(string $typed, string $word): bool
    {
        $letters = count_chars($word, 3);

        return strspn($typed, $letters) === strlen($typed);
    }
}
