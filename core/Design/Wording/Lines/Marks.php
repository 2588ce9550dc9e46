<?php

declare(strict_types=1);

namespace Core\Design\Wording\Lines;

use Core\Design\Wording\LineKind;
use Core\Units\Duration;

/** Time marks in front of the lines, as they stand in notes of a recording: how long a step takes is the way to the next mark. */
final readonly class Marks
{
    private const MARK = '/^\s*(?<open>[\[(]?)(?<hours>\d{1,2}:)??(?<minutes>\d{1,3}):(?<seconds>[0-5]\d)'
        .'(?<close>[\])]?)\s*[-–—:|]?\s+(?=\S)/u';

    /** So many marks at least, where they neither stand in brackets nor begin with nought. */
    private const LEAST = 3;

    /**
     * @param  list<Line>  $lines
     * @return list<Line>
     */
    public static function read(array $lines): array
    {
        $marks = [];
        $bracketed = false;
        foreach ($lines as $at => $line) {
            $text = $line->stretches[0]->text ?? '';
            if ($line->kind === LineKind::Steps && preg_match(self::MARK, $text, $found) === 1) {
                $marks[$at] = [60 * (60 * (int) $found['hours'] + (int) $found['minutes']) + (int) $found['seconds'], mb_strlen($found[0])];
                $bracketed = $bracketed || $found['open'] !== '';
            }
        }

        return self::areMarks(array_column($marks, 0), $bracketed) ? self::timed($lines, $marks) : $lines;
    }

    /** @param  list<int>  $seconds */
    private static function areMarks(array $seconds, bool $bracketed): bool
    {
        $rising = count($seconds) > 1;
        foreach (array_slice($seconds, 1) as $place => $second) {
            $rising = $rising && $second > $seconds[$place];
        }

        return $rising && ($bracketed || $seconds[0] === 0 || count($seconds) >= self::LEAST);
    }

    /**
     * @param  list<Line>  $lines
     * @param  array<int, array{int, int}>  $marks  seconds and letters, by line
     * @return list<Line>
     */
    private static function timed(array $lines, array $marks): array
    {
        $timed = $lines;
        $places = array_keys($marks);
        foreach ($places as $place => $at) {
            $next = $places[$place + 1] ?? null;
            [$seconds, $letters] = $marks[$at];
            $time = $next === null ? null : Duration::ofSeconds($marks[$next][0] - $seconds);
            $first = $lines[$at]->stretches[0];
            $blanked = new Stretch($first->start, str_repeat(' ', $letters).mb_substr($first->text, $letters), $time, $next === null);
            $timed[$at] = $lines[$at]->withStretches([$blanked, ...array_slice($lines[$at]->stretches, 1)]);
        }

        return array_values($timed);
    }
}
