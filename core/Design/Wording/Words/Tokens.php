<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

/** A typed step cut into tokens, which fall into clauses; quotes words that must stay as they are. */
final readonly class Tokens
{
    private const PATTERN = '/(?<=\d)["″”]|"(?<plain>(?:\\\\.|[^"\\\\])*)"|“(?<curly>[^”]*)”|#[0-9a-f]{6}\b|[½¼¾]'
        .'|\d+(?::\d+(?:[.,]\d+)?|\/\d+|[.,]\d+)?|no\.(?=\s?\d)|(?:o\/l(?:ine)?\b)|w\/(?=\s?\p{L})|[lr]\+[lr]\b'
            .'|[\p{L}\p{M}]+(?:[\'’-][\p{L}\p{M}]+)*|\.\.\.|[^\s]/iu';

    /** Signs that only part one thing from the next. */
    private const PARTING = [',', ';', '.', '(', ')', '–', '—', '!', '?', '|', '…', '...', '،', '؛', '、', '。'];

    /** What is between the words of a phrase that was typed without care for signs. */
    private const SPOKEN = ['’' => "'", '‘' => "'"];

    /** @var list<int> where the clause of each one ends */
    private array $clauseEnds;

    /**
     * @param  list<Token>  $all  without the signs that part
     * @param  int  $count  of them
     */
    private function __construct(public array $all, public int $count)
    {
        $ends = [];
        $end = $count;
        for ($at = $count - 1; $at >= 0; $at--) {
            $ends[$at] = $end;
            $end = $all[$at]->opensClause ? $at : $end;
        }
        ksort($ends);
        $this->clauseEnds = array_values($ends);
    }

    public static function of(string $text): self
    {
        preg_match_all(self::PATTERN, $text, $matches, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $tokens = [];
        $isPlain = ! isset($text[0]) || mb_strlen($text) === strlen($text);
        $bytes = $characters = 0;
        $opens = true;
        foreach ($matches as $match) {
            [$word, $at] = [(string) $match[0][0], $match[0][1]];
            $opens = $opens || ($at > $bytes && str_contains(substr($text, $bytes, $at - $bytes), "\t"));
            $characters += $isPlain ? $at - $bytes : mb_strlen(substr($text, $bytes, $at - $bytes));
            $length = $isPlain ? strlen($word) : mb_strlen($word);
            if (in_array($word, self::PARTING, true) || ($word === '-' && self::isDash($text, $at))) {
                $opens = true;
            } else {
                $quoted = isset($match['plain'][0]) ? self::unescape($match['plain'][0]) : $match['curly'][0] ?? null;
                $small = $isPlain ? strtolower($word) : strtr(mb_strtolower($word), self::SPOKEN);
                $tokens[] = new Token(text: $small, start: $characters, length: $length, opensClause: $opens, quoted: $quoted);
                $opens = false;
            }
            $characters += $length;
            $bytes = $at + strlen($word);
        }

        return new self($tokens, count($tokens));
    }

    /** @param  list<Token>  $tokens */
    public static function from(array $tokens): self
    {
        return new self($tokens, count($tokens));
    }

    /** Without that sign, which parts what stands before it from what stands behind. */
    public function partedAt(int $at): self
    {
        $all = $this->all;
        $next = $all[$at + 1] ?? null;
        if ($next !== null) {
            $all[$at + 1] = new Token(
                text: $next->text,
                start: $next->start,
                length: $next->length,
                opensClause: true,
                quoted: $next->quoted,
            );
        }
        unset($all[$at]);

        return self::from(array_values($all));
    }

    public function at(int $at): ?Token
    {
        return $this->all[$at] ?? null;
    }

    /** Whether a clause begins there, or all has ended. */
    public function opensClause(int $at): bool
    {
        return ! isset($this->all[$at]) || $this->all[$at]->opensClause;
    }

    /** Empty beyond the end. */
    public function text(int $at): string
    {
        return ($this->all[$at] ?? null)->text ?? '';
    }

    /** So many texts from there, with blanks between. */
    public function joined(int $at, int $count): string
    {
        $text = $this->all[$at]->text;
        for ($next = $at + 1; $next < $at + $count; $next++) {
            $text .= ' '.$this->all[$next]->text;
        }

        return $text;
    }

    /** How many tokens from there to the end of its clause. */
    public function untilClauseEnds(int $at): int
    {
        return ($this->clauseEnds[$at] ?? $at + 1) - $at;
    }

    /** How many characters from the first to the end of the last of so many tokens. */
    public function span(int $at, int $count): int
    {
        return $this->all[$at + $count - 1]->end() - $this->all[$at]->start;
    }

    public static function quote(string $text): string
    {
        return '"'.strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\r" => '\\r']).'"';
    }

    /** With blanks on both sides it parts; before a number it is a minus. */
    private static function isDash(string $text, int $at): bool
    {
        return ($at === 0 || $text[$at - 1] === ' ') && ($text[$at + 1] ?? ' ') === ' ' && preg_match(
            '/(?:turn|turned|at)\s*$/i',
            substr($text, 0, $at),
        ) !== 1;
    }

    private static function unescape(string $text): string
    {
        return strtr($text, ['\\\\' => '\\', '\\"' => '"', '\\n' => "\n", '\\r' => "\r"]);
    }
}
