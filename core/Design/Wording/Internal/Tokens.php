<?php

declare(strict_types=1);

namespace Core\Design\Wording\Internal;

/** Cuts a typed step into tokens, and quotes words that must stay as they are. */
final readonly class Tokens
{
    private const PATTERN = '/"(?<plain>(?:\\\\.|[^"\\\\])*)"|“(?<curly>[^”]*)”|#[0-9a-f]{6}\b|\d+(?::\d+(?:[.,]\d+)?|[.,\/]\d+)?|[\p{L}\p{M}]+(?:[\'’-][\p{L}\p{M}]+)*|[^\s,;]/iu';

    /** @return list<Token> without commas, which only part one thing from the next */
    public static function of(string $text): array
    {
        preg_match_all(self::PATTERN, $text, $matches, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $tokens = [];
        $bytes = $characters = $last = 0;
        foreach ($matches as $match) {
            [$word, $at] = [(string) $match[0][0], $match[0][1]];
            $skipped = substr($text, $bytes, $at - $bytes);
            $characters += mb_strlen($skipped);
            $bytes = $at;
            $quoted = isset($match['plain'][0]) ? self::unescape($match['plain'][0]) : $match['curly'][0] ?? null;
            $tokens[] = new Token(mb_strtolower($word), $characters, mb_strlen($word), strpbrk(substr($skipped, $last), ',;') !== false || $tokens === [], $quoted);
            $last = strlen($word);
        }

        return $tokens;
    }

    public static function quote(string $text): string
    {
        return '"'.strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\r" => '\\r']).'"';
    }

    private static function unescape(string $text): string
    {
        return strtr($text, ['\\\\' => '\\', '\\"' => '"', '\\n' => "\n", '\\r' => "\r"]);
    }
}
