<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Wording\PartKind;
use Core\Units\Duration;

/** Times as people write them: 40s, 40 sec, 40", 1:20, 1.5 min, a minute, half a minute, ten seconds, 5s each side, up to 5 min. */
final readonly class Times
{
    public const SECONDS = ['s', 'sec', 'secs', 'second', 'seconds', '"', '″', '”', 'sek', "''"];

    public const MINUTES = ['m', 'min', 'mins', 'minute', 'minutes', "'", '′'];

    private const UPPER = ['up to', 'at most', 'no more than', 'not more than', 'max', 'maximum', 'less than', 'within', 'never more than'];

    private const EACH = [
        'each', 'each side', 'a side', 'per side', 'each eye', 'per eye', 'apiece', 'on each side', 'either side', 'each cheek',
        'for each side', 'for each eye', 'a cheek', 'per cheek',
    ];

    /** @param  int|null  $counted  how many marks were said before, where "each" means each of them */
    public static function read(Tokens $tokens, int $at, ?int $counted = null): ?Found
    {
        foreach (self::UPPER as $words) {
            $before = substr_count($words, ' ') + 1;
            if ($words[0] === $tokens->text($at)[0] && $at + $before < $tokens->count && $tokens->joined($at, $before) === $words) {
                $limit = self::plain($tokens, $at + $before);

                return $limit === null ? null : new Found(PartKind::Note, null, $before + $limit[1]);
            }
        }
        $found = self::plain($tokens, $at);
        if ($found === null) {
            return null;
        }
        [$time, $taken] = $found;
        $times = self::times($tokens, $at + $taken, $counted);

        return new Found(PartKind::Time, $times === 1 ? $time : $time->times($times), $taken);
    }

    /** @return array{Duration, int}|null a time and how many tokens it takes; a bare number could be anything */
    public static function plain(Tokens $tokens, int $at): ?array
    {
        $text = $tokens->text($at);
        if ($text === '') {
            return null;
        }

        return self::spoken($tokens, $at)
            ?? (ctype_digit($text[0]) ? self::range($tokens, $at) ?? self::digits($tokens, $at) : self::words($tokens, $at));
    }

    private static function times(Tokens $tokens, int $at, ?int $counted): int
    {
        $clause = $tokens->at($at) === null ? 0 : min(3, $tokens->untilClauseEnds($at));
        for ($words = $clause; $words > 0; $words--) {
            $said = $tokens->joined($at, $words);
            if (in_array($said, self::EACH, true)) {
                return in_array($said, ['each', 'apiece'], true) && $counted !== null ? max(1, $counted) : 2;
            }
        }

        return 1;
    }

    /** @return array{Duration, int}|null */
    private static function spoken(Tokens $tokens, int $at): ?array
    {
        $said = match ($tokens->text($at)) {
            'a', 'one' => [
                'a good minute' => 60, 'a full minute' => 60, 'a whole minute' => 60, 'a quick minute' => 60, 'a minute or so' => 60,
                'a min or so' => 60,
                'a minute or two' => 120, 'one min' => 60, 'a good half minute' => 30, 'a quarter of a minute' => 15,
                'a couple of mins' => 120, 'a few secs' => 5,
                'a minute and a half' => 90, 'a min' => 60, 'a minute' => 60, 'one and a half minutes' => 90, 'one minute' => 60,
                'a couple of minutes' => 120, 'a couple of seconds' => 2, 'a few seconds' => 5,
            ],
            'three' => ['three quarters of a minute' => 45, 'three quarters of a min' => 45],
            'half' => ['half a minute' => 30, 'half a min' => 30, 'half minute' => 30, 'half min' => 30],
            'quarter' => ['quarter of a minute' => 15, 'quarter minute' => 15],
            'few' => ['few seconds' => 5, 'few secs' => 5],
            default => [],
        };
        foreach ($said as $words => $seconds) {
            $taken = substr_count($words, ' ') + 1;
            if ($at + $taken <= $tokens->count && $tokens->joined($at, $taken) === $words) {
                return [Duration::ofSeconds($seconds), $taken];
            }
        }

        return null;
    }

    /** @return array{Duration, int}|null 10-15 s: the longer one, which is the honest one */
    private static function range(Tokens $tokens, int $at): ?array
    {
        $first = Numbers::of($tokens->text($at));
        if ($first === null || ! in_array($tokens->text($at + 1), ['-', 'to', '–', 'or'], true)) {
            return null;
        }
        $longer = isset($tokens->all[$at + 2]) && ctype_digit($tokens->text($at + 2)[0]) ? self::digits($tokens, $at + 2) : null;

        return $longer === null ? null : [$longer[0], 2 + $longer[1]];
    }

    /** @return array{Duration, int}|null */
    private static function digits(Tokens $tokens, int $at): ?array
    {
        $text = $tokens->text($at);
        if (str_contains($text, '/')) {
            return null;
        }
        if (str_contains($text, ':')) {
            $time = Duration::tryParse($text);
            $unit = in_array($tokens->text($at + 1), ['min', 'mins', 'minutes', 'm'], true) ? 2 : 1;

            return $time === null ? null : [$time, $unit];
        }
        $unit = $tokens->text($at + 1);
        $opens = $tokens->opensClause($at + 1);
        if ($opens || strlen($text) > 7) {
            return null;
        }
        $number = (float) str_replace(',', '.', $text);
        if (in_array($unit, self::SECONDS, true)) {
            return [Duration::ofSeconds($number), 2];
        }
        if (! in_array($unit, self::MINUTES, true)) {
            return null;
        }
        $rest = self::restOfMinute($tokens, $at + 2, $unit === 'm' || $unit === "'" || $unit === '′');

        return [Duration::ofSeconds($number * 60 + $rest[0]), 2 + $rest[1]];
    }

    /** @return array{float, int} seconds behind the minutes: 1 min 10 s, 4m30 */
    private static function restOfMinute(Tokens $tokens, int $at, bool $isShort): array
    {
        $text = $tokens->text($at);
        if (preg_match('/^[0-5]?\d(?:[.,]\d+)?$/', $text) !== 1 || $tokens->opensClause($at)) {
            return [0.0, 0];
        }
        $isSeconds = in_array($tokens->text($at + 1), self::SECONDS, true) && ! $tokens->opensClause($at + 1);
        $touches = $isShort && $tokens->at($at)?->start === $tokens->at($at - 1)?->end();

        // "1 min 20" at the end of a clause can be nothing else.
        $ends = ! $isSeconds && $tokens->opensClause($at + 1) && ! str_contains($text, '.');

        return $isSeconds || $touches || $ends ? [(float) str_replace(',', '.', $text), $isSeconds ? 2 : 1] : [0.0, 0];
    }

    /** @return array{Duration, int}|null ten seconds, fifteen s */
    private static function words(Tokens $tokens, int $at): ?array
    {
        $number = Numbers::of($tokens->text($at));

        return match (true) {
            $number === null || $tokens->opensClause($at + 1) => null,
            in_array($tokens->text($at + 1), ['sec', 'secs', 'second', 'seconds', 's'], true) => [Duration::ofSeconds($number), 2],
            in_array($tokens->text($at + 1), ['min', 'mins', 'minute', 'minutes'], true) => [Duration::ofMinutes($number), 2],
            default => null,
        };
    }
}
