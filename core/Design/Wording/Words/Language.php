<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

/** The words of another language, each as what it is in English: one file of words makes a language. */
final readonly class Language
{
    private const FILES = ['german'];

    private const LONGEST = 4;

    /** Of adjectives, the longer ones first. */
    private const ENDINGS = ['es', 'er', 'en', 'em', 'e', 'n', 's'];

    /** So many words of a list at least, and this share of them, before it is taken to be in that language. */
    private const LEAST_WORDS = 2;

    private const LEAST_SHARE = 0.3;

    /**
     * @param  string  $name  of its file
     * @param  array<string, string>  $words  English by phrase in small letters
     */
    private function __construct(public string $name, private array $words) {}

    public static function called(string $name): self
    {
        /** @var array<string, string> $words */
        $words = require __DIR__."/{$name}.php";

        return new self($name, $words);
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(self::called(...), self::FILES);
    }

    /**
     * The language that a list is in; null for English, which comes first.
     *
     * @param  list<self>  $languages
     * @param  callable(string): bool  $isEnglish  whether a word is known in English
     */
    public static function of(string $list, array $languages, callable $isEnglish): ?self
    {
        preg_match_all('/\p{L}{2,}/u', mb_strtolower(mb_substr($list, 0, 4000)), $found);
        $all = count($found[0]);
        foreach ($languages as $language) {
            $own = count(array_filter($found[0], static fn (string $word): bool => isset($language->words[$word]) && ! $isEnglish($word)));
            if ($own >= self::LEAST_WORDS && $own >= self::LEAST_SHARE * $all) {
                return $language;
            }
        }

        return null;
    }

    /** Each phrase of the language as one token in English. */
    public function translated(Tokens $tokens): Tokens
    {
        $translated = [];
        for ($at = 0; $at < $tokens->count; $at += $taken) {
            [$word, $taken] = $this->english($tokens, $at);
            foreach ($word === null ? [$tokens->all[$at]] : $this->inEnglish($tokens, $at, $taken, $word) as $token) {
                $translated[] = $token;
            }
        }

        return Tokens::from($translated);
    }

    /** @return array{string|null, int<1, max>} */
    private function english(Tokens $tokens, int $at): array
    {
        for ($taken = min(self::LONGEST, $tokens->untilClauseEnds($at)); $taken > 0; $taken--) {
            $said = $tokens->joined($at, $taken);
            $word = $this->words[$said] ?? ($taken === 1 ? $this->withoutEnding($said) : null);
            if ($word !== null) {
                return [$word, $taken];
            }
        }

        return [null, 1];
    }

    /** "Weisse", "roter", "gelben": as the word without its ending. */
    private function withoutEnding(string $word): ?string
    {
        foreach (self::ENDINGS as $ending) {
            $stem = str_ends_with($word, $ending) ? substr($word, 0, -strlen($ending)) : '';
            if (strlen($stem) > 2 && isset($this->words[$stem])) {
                return $this->words[$stem];
            }
        }

        return null;
    }

    /** @return list<Token> the first stands for all that was typed */
    private function inEnglish(Tokens $tokens, int $at, int $taken, string $english): array
    {
        $first = $tokens->all[$at];
        $length = $tokens->span($at, $taken);
        $words = explode(' ', $english);

        return array_map(static fn (string $word, int $place): Token => $place === 0
            ? new Token(text: $word, start: $first->start, length: $length, opensClause: $first->opensClause, quoted: null)
            : new Token(
                text: $word,
                start: $first->start + $length,
                length: 0,
                opensClause: false,
                quoted: null,
            ), $words, array_keys($words));
    }
}
