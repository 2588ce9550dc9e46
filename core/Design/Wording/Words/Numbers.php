<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\InvalidStep;
use Core\Design\Place\Guide;
use Core\Design\Place\Shape;
use Core\Design\Technique;
use Core\Design\Wording\PartKind;

/** Numbers as people write them: how many, how many coats, which size of brush, how big, how far turned. */
final readonly class Numbers
{
    private const WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9,
        'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13,
        'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'eighteen' => 18, 'twenty' => 20, 'twenty-five' => 25, 'thirty' => 30,
        'forty' => 40, 'forty-five' => 45, 'fifty' => 50, 'sixty' => 60, 'ninety' => 90,
    ];

    /** For those who slip while they type one. */
    public const SPELLED = [
        'round', 'seven', 'eight', 'eleven', 'twelve', 'fifteen', 'twenty', 'thirty', 'forty', 'dozen', 'couple', 'twice', 'second',
        'third', 'three', 'half',
    ];

    /** The longer ones first. */
    private const AMOUNTS = [
        'half a dozen' => 6, 'half dozen' => 6, 'a dozen' => 12, 'dozen' => 12, 'a pair of' => 2, 'pair of' => 2, 'a pair' => 2,
        'pair' => 2, 'a couple of' => 2, 'couple of' => 2, 'a couple' => 2, 'couple' => 2,
        'a few' => 3, 'few' => 3, 'twice' => 2, 'thrice' => 3, 'three times' => 3, 'two times' => 2,
    ];

    private const ORDINALS = ['second', 'third', 'fourth', 'another', 'next', 'extra', 'more'];

    private const COATS = ['coat', 'coats', 'layer', 'layers', 'pass', 'passes'];

    private const SIZES = ['round', 'size', 'no', 'no.', 'nr', 'number', '#', 'r', '№', 'brush', 'liner'];

    private const INCHES = ['in', 'inch', 'inches', '"', '″', '”', "''"];

    /** Words behind a count of strokes that say it is the one for a small face. */
    private const SMALL_FACE = [
        'on a small face', 'small face', 'on small faces', 'on small face', 'if small', 'for a small face', 'for small faces',
        'on little ones',
    ];

    private const MOST_ROUND = 20;

    /** Millimetres of an inch. */
    private const INCH = 25.4;

    public static function of(string $text): ?int
    {
        return self::WORDS[$text] ?? (ctype_digit($text) && strlen($text) < 6 ? (int) $text : null);
    }

    /** Whether a number may begin with this. */
    public static function mayBegin(string $text): bool
    {
        return isset(self::WORDS[$text]) || ctype_digit($text[0] ?? '') || in_array(
            $text,
            [
                '½', '¾', '¼', 'x', '×', 'half', 'a', 'few', 'pair', 'couple', 'dozen', 'twice', 'thrice', 'another', 'first',
                'flat', 'angle', 'angled', 'with',
            ],
            true,
        )
            || in_array($text, self::SIZES, true) || in_array($text, self::ORDINALS, true) || in_array(
                $text,
                ['turn', 'turned', 'look', 'at'],
                true,
            );
    }

    public static function read(Tokens $tokens, int $at): ?Found
    {
        return self::coats($tokens, $at)
            ?? self::fraction($tokens, $at)
            ?? self::round($tokens, $at)
            ?? self::measure($tokens, $at)
            ?? self::smallFace($tokens, $at)
            ?? self::parted($tokens, $at)
            ?? self::times($tokens, $at)
            ?? self::amount($tokens, $at);
    }

    /** 2 coats, two layers, 1-2 coats, two coats maybe three; a second coat is the same step again. */
    private static function coats(Tokens $tokens, int $at): ?Found
    {
        $number = self::of($tokens->text($at));
        if ($number !== null && in_array($tokens->text($at + 1), self::COATS, true)) {
            return new Found(PartKind::Coats, $number, 2);
        }
        if ($number !== null && in_array(
            $tokens->text($at + 1),
            ['-', 'to', 'or', '–'],
            true,
        ) && self::of($tokens->text($at + 2)) !== null && in_array($tokens->text($at + 3), self::COATS, true)) {
            return new Found(PartKind::Coats, [$number, self::of($tokens->text($at + 2))], 4);
        }
        $ordinal = $number !== null && in_array($tokens->text($at + 1), ['st', 'nd', 'rd', 'th'], true) ? 2 : 1;
        $again = $ordinal === 2 ? $number > 1 : in_array($tokens->text($at), self::ORDINALS, true);
        $isFirst = $ordinal === 2 ? $number === 1 : $tokens->text($at) === 'first';

        return match (true) {
            ! in_array($tokens->text($at + $ordinal), self::COATS, true) => null,
            $again => new Found(PartKind::Again, Back::Same, $ordinal + 1),
            $isFirst => new Found(PartKind::Quality, 'stroke', $ordinal + 1),
            default => null,
        };
    }

    /** 1/2 in, 3/4 inch, half inch flat, flat 1/2, 12 mm flat, ½" angle. */
    private static function fraction(Tokens $tokens, int $at): ?Found
    {
        $shape = in_array($tokens->text($at), ['flat', 'angle', 'angled'], true) ? $tokens->text($at) : '';
        $next = $at + ($shape === '' ? 0 : 1);
        $next += $shape !== '' && $tokens->text($next) === 'brush' ? 1 : 0;
        [$inches, $taken] = self::inches($tokens, $next);
        if ($inches === null) {
            return null;
        }
        $end = $next + $taken;
        $hasUnit = in_array($tokens->text($end - 1), [...self::INCHES, 'mm'], true);
        if ($shape === '' && in_array($tokens->text($end), ['flat', 'angle', 'angled'], true)) {
            $shape = $tokens->text($end);
            $end++;
        }
        $end += $shape !== '' && $tokens->text($end) === 'brush' ? 1 : 0;
        $saysBrush = $shape !== '' || $hasUnit || in_array($tokens->text($end), ['brush'], true);
        $end += $shape === '' && $tokens->text($end) === 'brush' ? 1 : 0;
        $kind = $shape === 'angle' || $shape === 'angled' ? 'angle' : 'flat';

        return $saysBrush && in_array($tokens->text($end), ['sponge'], true) === false ? new Found(
            PartKind::Tool,
            "{$kind} {$inches} in",
            $end - $at,
        ) : null;
    }

    /** @return array{string|null, int} as it is written on brushes, and how many tokens */
    private static function inches(Tokens $tokens, int $at): array
    {
        $text = $tokens->text($at);
        $unit = in_array($tokens->text($at + 1), self::INCHES, true) ? 1 : 0;
        $millimetres = $tokens->text($at + 1) === 'mm' ? (int) $text : 0;
        $words = $tokens->text($at + 1);

        return match (true) {
            $text === '1/2' || $text === '½' => ['1/2', 1 + $unit],
            $text === '3/4' || $text === '¾' => ['3/4', 1 + $unit],
            $text === '1/4' || $text === '¼' => ['1/4', 1 + $unit],
            $text === 'half' && in_array($words, ['inch', 'in'], true) => ['1/2', 2],
            $text === 'half' && in_array($words, ['a', 'an'], true) && $tokens->text($at + 2) === 'inch' => ['1/2', 3],
            $text === 'three' && in_array($words, ['quarter', 'quarters'], true) => [
                '3/4',
                in_array($tokens->text($at + 2), self::INCHES, true) ? 3 : 2,
            ],
            $text === '1' && $unit === 1 && in_array($tokens->text($at + 2), ['flat', 'angle', 'brush'], true) => ['1', 2],
            $millimetres > 3 && $millimetres < 60 => [self::nearestInches($millimetres), 2],
            default => [null, 0],
        };
    }

    private static function nearestInches(int $millimetres): string
    {
        $widths = ['1/4' => 0.25, '1/2' => 0.5, '3/4' => 0.75, '1' => 1.0];
        uasort(
            $widths,
            static fn (float $one, float $other): int => abs($one - $millimetres / self::INCH) <=> abs($other - $millimetres / self::INCH),
        );

        return (string) array_key_first($widths);
    }

    /** round 4, no. 3, size 2, #3, r1, 4 round, brush 4, with a 3. */
    private static function round(Tokens $tokens, int $at): ?Found
    {
        $number = self::of($tokens->text($at));
        $isRound = static fn (?int $size): bool => $size !== null && $size <= self::MOST_ROUND;
        if ($isRound($number) && $tokens->text($at + 1) === 'round'
            && ($tokens->opensClause($at + 2) || $tokens->text($at + 2) === 'brush')) {
            return new Found(
                PartKind::Tool,
                "round {$number}",
                $tokens->text($at + 2) === 'brush' && ! $tokens->opensClause($at + 2) ? 3 : 2,
            );
        }
        if ($tokens->text($at) === 'with' && $tokens->text($at + 1) === 'a' && ctype_digit($tokens->text($at + 2))
            && $isRound((int) $tokens->text($at + 2))
            && $tokens->opensClause($at + 3)) {
            return new Found(PartKind::Tool, 'round '.$tokens->text($at + 2), 3);
        }
        if (self::isPainted($tokens, $at)) {
            return new Found(PartKind::Thing, new Thing(Technique::Line, Shape::Plain), 2);
        }
        if (! in_array($tokens->text($at), self::SIZES, true)) {
            return null;
        }
        $next = $at + 1 + (in_array($tokens->text($at + 1), ['brush', 'no', 'no.', 'nr', '#', 'size', 'number'], true) ? 1 : 0);
        $size = ctype_digit($tokens->text($next)) ? (int) $tokens->text($next) : null;
        if (! $isRound($size) || Times::plain($tokens, $next) !== null || $tokens->opensClause($next)
                || ($tokens->text($at) === 'size' && in_array(
                    $tokens->text($next + 1),
                    ['%', 'percent'],
                    true,
                ))) {
            return null;
        }
        $end = $next + 1;
        $end += $tokens->text($end) === 'round' && ! $tokens->opensClause($end) && in_array(
            $tokens->text($end + 1),
            ['', 'brush'],
            true,
        ) ? 1 : 0;
        $end += $tokens->text($end) === 'brush' ? 1 : 0;

        return new Found(PartKind::Tool, "round {$size}", $end - $at);
    }

    /** "Number 9 on the forehead" is painted; "stripes, number 4" tells the brush. */
    private static function isPainted(Tokens $tokens, int $at): bool
    {
        return $tokens->text($at) === 'number' && ($tokens->opensClause($at) || ! $tokens->opensClause($at + 2))
            && in_array($tokens->text($at + 2), ['on', 'in', 'at'], true);
    }

    /** size 60%, turn -15 degrees, look 3, at 45 degrees, at 1 o'clock. */
    private static function measure(Tokens $tokens, int $at): ?Found
    {
        $word = $tokens->text($at);
        $minus = $tokens->text($at + 1) === '-' ? 1 : 0;
        $number = $tokens->text($at + 1 + $minus);
        if (! in_array($word, ['size', 'turn', 'turned', 'look', 'at'], true) || ! ctype_digit($number) || strlen($number) > 4) {
            return null;
        }
        $value = ($minus === 1 ? -1 : 1) * (int) $number;
        $unit = $tokens->text($at + 2 + $minus);
        $taken = 2 + $minus + (in_array($unit, ['%', 'percent', '°', 'degree', 'degrees', "o'clock"], true) ? 1 : 0);
        try {
            return match ($word) {
                'size' => new Found(PartKind::Size, $value, $taken),
                'look' => new Found(PartKind::Look, $value, $taken),
                'turn', 'turned' => new Found(PartKind::Turn, $value, $taken),
                default => match ($unit) {
                    "o'clock" => new Found(PartKind::Guide, Guide::clock($value), $taken),
                    '°', 'degree', 'degrees' => new Found(PartKind::Guide, Guide::angle($value), $taken),
                    default => null,
                },
            };
        } catch (InvalidStep) {
            return null;
        }
    }

    /** 4 on a small face; 4 petals on a small face. */
    private static function smallFace(Tokens $tokens, int $at): ?Found
    {
        $number = self::of($tokens->text($at));
        foreach ($number === null ? [] : [1, 2, 3] as $after) {
            foreach (self::SMALL_FACE as $phrase) {
                $words = substr_count($phrase, ' ') + 1;
                if ($at + $after + $words <= $tokens->count && $tokens->joined($at + $after, $words) === $phrase) {
                    return new Found(PartKind::SmallCount, $number, $after + $words);
                }
            }
        }

        return null;
    }

    /** x3, 3 x, twice. */
    private static function times(Tokens $tokens, int $at): ?Found
    {
        $isTimes = static fn (string $text): bool => $text === 'x' || $text === '×' || $text === '*' || $text === 'times';

        return match (true) {
            $isTimes($tokens->text($at)) && ctype_digit($tokens->text($at + 1)) && strlen($tokens->text($at + 1)) < 4 => new Found(
                PartKind::Count,
                [(int) $tokens->text($at + 1), null],
                2,
            ),
            ctype_digit($tokens->text($at)) && strlen($tokens->text($at)) < 4 && $isTimes($tokens->text($at + 1)) => new Found(
                PartKind::Count,
                [(int) $tokens->text($at), null],
                2,
            ),
            default => null,
        };
    }

    /** 3 top 2 bottom, 2 up 2 down, 1 big 2 small: all of them together. */
    private static function parted(Tokens $tokens, int $at): ?Found
    {
        $first = self::of($tokens->text($at));
        $said = $first === null ? '' : $tokens->joined($at, min(5, $tokens->count - $at));
        if (preg_match(
            '/^\S+ (?:top|up|above|upper|big|large|left|on top|at the top) (?:and |\+ )?(?<second>\w+) (?:bottom|down|below|lower|small'
                .'|little|tiny|right)\b/',
            $said,
            $found,
        ) !== 1 || self::of($found['second']) === null) {
            return null;
        }

        return new Found(PartKind::Count, [$first + self::of($found['second']), null], substr_count($found[0], ' ') + 1);
    }

    /** three, a pair of, half a dozen, 5: how many of what, the whole line tells. */
    private static function amount(Tokens $tokens, int $at): ?Found
    {
        foreach (self::AMOUNTS as $words => $number) {
            $taken = substr_count($words, ' ') + 1;
            if ($words[0] === $tokens->text($at)[0] && $at + $taken <= $tokens->count && $tokens->joined($at, $taken) === $words) {
                return new Found(PartKind::Count, [$number, null], $taken);
            }
        }
        $number = self::of($tokens->text($at));
        $orSo = $tokens->text($at + 1) === 'or' && in_array($tokens->text($at + 2), ['so', 'more', 'two', 'three'], true) ? 2 : 0;

        return $number === null ? null : new Found(PartKind::Count, [$number, null], 1 + $orSo);
    }
}
