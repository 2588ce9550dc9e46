<?php

declare(strict_types=1);

namespace Core\Design\Wording\Lines;

/** Several steps in one line: parted by ";" or "then", or the sentences of a paragraph. */
final readonly class Pieces
{
    private const QUOTED = '/"(?:\\\\.|[^"\\\\])*"|“[^”]*”/u';

    private const PARTED = '/;|\s(?:->|→|=>|>)\s|,?\s(?:and\s)?then\s(?!(?:look|up|down|along|over|to|into|out|across'
        .'|back|around|round|on|under|in|from)\b)|\s(?:and|und|\+|&|plus)\s|,\s|\.\s+then\s|\.\s+(?=\p{Lu}\p{L}+\s.*\d\s*(?:s|sec|min'
            .'|"))/iu';

    private const SENTENCE = '/\.\s+(?=\p{Lu}\p{Ll})/u';

    /** So many sentences in one line tell of as many steps; fewer may well tell of one. Team's estimate. */
    private const PARAGRAPH = 4;

    private const TIMED = '/\d\s*(?:s|sec|secs|seconds?|m|min|mins|minutes?|"(?!\s*(?:flat|angle|brush|wash|filbert))|\')(?![\p{L}])'
        .'|\d:\d\d|\bminute\b|\p{L}\ssec(?:ond)?s\b/iu';

    private const UNIT = '/\d\s*(?:secs?|seconds?|mins?|minutes?|sek)\b|\b(?:secs?|seconds?|minutes?|about|ca|around|roughly)\b/iu';

    private const ENDS_TIMED = '/(?:\d\s*(?:s|secs?|seconds?|m|mins?|minutes?|sek\.?|"|\'|″)|\d:\d\d|\bminute'
        .'|\p{L}\sseconds?)[)\].!\s]*$/iu';

    /** What only says more of the step in front of it. */
    private const BELONGS = '/^\W*(?:dry|wait|when|once|after|let|leave|or|each|per|max|up to|left|right|at most|total|in total'
        .'|altogether|maybe|optional|both|other|zusammen|je)\b/iu';

    /** Done before what comes "then", and no part of it. */
    private const DONE_FIRST = '/^\W*(?:let|wait|leave|wipe|rinse|spritz|clean|flip|turn|load)\b/iu';

    /** @return list<Stretch> one at least */
    public static function of(string $text): array
    {
        $plain = preg_replace_callback(
            self::QUOTED,
            static fn (array $found): string => str_repeat('x', strlen($found[0])),
            $text,
        ) ?? $text;
        $cuts = [];
        $isParagraph = count((array) preg_split(self::SENTENCE, $plain)) >= self::PARAGRAPH;
        preg_match_all($isParagraph ? self::SENTENCE : self::PARTED, $plain, $found, PREG_OFFSET_CAPTURE);
        $from = 0;
        foreach ($found[0] as [$sign, $at]) {
            [$before, $after] = [substr($plain, $from, $at - $from), substr($plain, $at + strlen($sign))];
            if ($isParagraph ? str_word_count($before) > 1 : self::parts(trim($sign), $before, $after)) {
                $cuts[] = [$at, strlen($sign)];
                $from = $at + strlen($sign);
            }
        }

        return self::cut($text, $cuts);
    }

    /** A ";" always parts; "then" where either side says its own time, or neither does and both have something to say. */
    private static function parts(string $sign, string $before, string $after): bool
    {
        if (trim($before) === '' || trim($after) === '') {
            return false;
        }
        if ($sign === ';') {
            return preg_match('/\p{L}/u', $before) === 1 && preg_match('/\p{L}/u', $after) === 1;
        }
        if (preg_match('/^(?:and|und|\+|&|plus|,)$/iu', $sign) === 1) {
            return self::isTimedStep($before) && self::isTimedStep($after) && preg_match('/\bor\b/i', $before.$after) !== 1;
        }
        $timed = [preg_match(self::TIMED, $before) === 1, preg_match(self::TIMED, $after) === 1];
        $isClause = str_word_count($before) > 1 && str_word_count($after) > 1;

        return $timed === [true, true] || ($timed === [false, false] && $isClause) || preg_match(self::DONE_FIRST, $before) === 1;
    }

    /** "White dots (5s)": with a time of its own, and more than what only belongs to what stands before it. */
    private static function isTimedStep(string $piece): bool
    {
        return preg_match(self::ENDS_TIMED, $piece) === 1 && preg_match(self::BELONGS, $piece) !== 1 && preg_match(
            '/\p{L}{3,}/u',
            preg_replace(self::UNIT, '', $piece) ?? '',
        ) === 1;
    }

    /**
     * @param  list<array{int, int}>  $cuts  where and how long, in bytes
     * @return list<Stretch>
     */
    private static function cut(string $text, array $cuts): array
    {
        $stretches = [];
        $from = 0;
        foreach ([...$cuts, [strlen($text), 0]] as [$at, $length]) {
            $piece = substr($text, $from, $at - $from);
            if (trim($piece) !== '' || $cuts === []) {
                $stretches[] = new Stretch(mb_strlen(substr($text, 0, $from)), $piece);
            }
            $from = $at + $length;
        }

        return $stretches;
    }
}
