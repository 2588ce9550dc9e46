<?php

declare(strict_types=1);

namespace Core\Design\Wording\Lines;

use Core\Units\Duration;

/** The columns of a list from a spreadsheet: which of them is the time, and in what it is counted. */
final readonly class Columns
{
    private const HEADS = [
        'step', 'steps', 'what', 'name', 'minutes', 'minute', 'min', 'mins', 'time', 'seconds', 'secs', 'sec', 's', 'notes', 'note',
        'remarks', 'comment', 'tool', 'tools', 'brush', 'with', 'colour', 'color', 'colours', 'colors',
        'where', 'zone', 'place', 'duration', 'how', 'no', 'nr', '#', 'order', 'side', 'coats', 'schritt', 'zeit', 'dauer',
        'werkzeug', 'farbe', 'wo', 'notiz', 'sekunden', 'minuten', 'm:ss', 'mm:ss', 'how long', 'paint', 'medium', 'technique',
    ];

    private const TIMES = [
        'minutes', 'minute', 'min', 'mins', 'time', 'seconds', 'secs', 'sec', 's', 'duration', 'zeit', 'dauer', 'sekunden',
        'minuten', 'm:ss', 'mm:ss', 'how long',
    ];

    private const SECONDS = ['seconds', 'secs', 'sec', 's', 'sekunden'];

    private const MINUTES = ['minutes', 'minute', 'min', 'mins', 'minuten'];

    /** So many rows of one form make a table. */
    private const LEAST_ROWS = 3;

    private const NUMBERED = ['no', 'nr', '#', 'order'];

    private const IS_TIME = '/^\s*\d+(?::[0-5]\d(?::\d\d)?|[.,]\d+)?\s*(?:s|sec|secs|seconds?|m|min|mins|minutes?|["\'])?\s*$/iu';

    /**
     * @param  non-empty-string  $sign  between the columns
     * @param  list<int>  $times  which columns hold times
     * @param  list<int>  $numbers  which hold but the number of the step
     */
    private function __construct(
        private string $sign,
        private string $header,
        private array $times,
        private array $numbers,
        private bool $inSeconds,
        private bool $inMinutes,
    ) {}

    /** @param  list<string>  $texts */
    public static function of(array $texts): ?self
    {
        $sign = self::signOf($texts);
        $rows = $sign === null ? [] : array_values(array_filter(
            $texts,
            static fn (string $text): bool => str_contains(trim($text), $sign),
        ));
        if ($sign === null || $rows === []) {
            return null;
        }
        $header = $rows[0];
        $heads = self::cells(mb_strtolower($header), $sign);
        $rows = array_map(static fn (string $row): string => str_replace($sign, "\t", $row), $rows);
        $isHeader = count(array_intersect($heads, self::HEADS)) >= max(1, count(array_diff($heads, [''])) - 1) && preg_match(
            '/\d\s*(?:s|sec|min)\b|\d:\d/',
            $header,
        ) !== 1;
        $rows = $isHeader ? array_slice($rows, 1) : $rows;
        $named = array_keys(array_intersect($heads, self::TIMES));
        $numbers = [...($isHeader ? array_keys(array_intersect($heads, self::NUMBERED)) : []), ...self::columnsOfNumbers($rows)];

        return new self(
            sign: $sign,
            header: $isHeader ? $header : '',
            times: array_values(array_filter(
                $isHeader && $named !== [] ? $named : self::columnsOfTimes($rows),
                static fn (int $column): bool => ! in_array($column, $numbers, true) && ! self::areMarks($rows, $column),
            )),
            numbers: $numbers,
            inSeconds: ($isHeader && array_intersect($heads, self::SECONDS) !== []) || self::haveTens($rows),
            inMinutes: $isHeader && array_intersect($heads, self::MINUTES) !== [],
        );
    }

    /**
     * What stands between the columns: tabs, or the sign in a first row that names nothing but columns.
     *
     * @param  list<string>  $texts
     * @return non-empty-string|null
     */
    private static function signOf(array $texts): ?string
    {
        $first = '';
        foreach ($texts as $text) {
            if (str_contains(trim($text), "\t")) {
                return "\t";
            }
            $first = $first === '' && preg_match('/^\s*placement\b/i', $text) !== 1 ? trim($text, ' |') : $first;
        }
        foreach ([',', ';', '|'] as $sign) {
            $cells = self::cells(mb_strtolower($first), $sign);
            if (count($cells) > 1 && array_diff($cells, self::HEADS) === []) {
                return $sign;
            }
        }
        foreach ([';', '|'] as $sign) {
            if (self::areRows($texts, $sign)) {
                return $sign;
            }
        }

        return null;
    }

    /**
     * Rows without a header: most lines have the sign equally often, twice or more.
     *
     * @param  list<string>  $texts
     */
    private static function areRows(array $texts, string $sign): bool
    {
        $lines = array_filter($texts, static fn (string $text): bool => trim($text) !== ''
            && preg_match('/^\s*placement\b/i', $text) !== 1);
        $signs = array_count_values(array_map(static fn (string $text): int => substr_count(trim($text, " {$sign}"), $sign), $lines));
        arsort($signs);
        $usual = array_key_first($signs);

        return $usual !== null && $usual > 1 && $signs[$usual] >= self::LEAST_ROWS && count($lines) < $signs[$usual] * 2;
    }

    public function has(string $text): bool
    {
        return str_contains($text, $this->sign);
    }

    public function isHeader(string $text): bool
    {
        return $this->header !== '' && trim($text) === trim($this->header);
    }

    public function stretch(string $text): Stretch
    {
        $time = null;
        $kept = [];
        foreach (explode($this->sign, $text) as $column => $cell) {
            $isTime = in_array($column, $this->times, true) && preg_match(self::IS_TIME, $cell) === 1;
            $time ??= $isTime ? $this->time(trim($cell)) : null;
            $kept[] = $isTime || in_array($column, $this->numbers, true) ? str_repeat(' ', mb_strlen($cell)) : $cell;
        }

        return new Stretch(0, implode($this->sign, $kept), $time);
    }

    private function time(string $cell): ?Duration
    {
        $isBare = preg_match('/^\d+(?:[.,]\d+)?$/', $cell) === 1;
        $number = (float) str_replace(',', '.', $cell);
        if ($isBare) {
            return $this->inSeconds || (! $this->inMinutes && $number >= 10) ? Duration::ofSeconds($number) : Duration::ofMinutes($number);
        }

        return Duration::tryParse(preg_replace('/^(\d+:\d\d):\d\d$/', '$1', $cell) ?? $cell);
    }

    /**
     * Times that begin with nought and rise are marks of a clock, not lengths.
     *
     * @param  list<string>  $rows
     */
    private static function areMarks(array $rows, int $column): bool
    {
        $seconds = [];
        foreach ($rows as $row) {
            $cell = trim(explode("\t", $row)[$column] ?? '');
            $seconds[] = preg_match('/^(\d+):(\d\d)$/', $cell, $found) === 1 ? 60 * (int) $found[1] + (int) $found[2] : -1;
        }
        $rising = $seconds;
        sort($rising);

        return count($seconds) > 1 && $seconds[0] === 0 && $seconds === $rising && count(array_unique($seconds)) === count($seconds);
    }

    /**
     * Bare numbers of ten and more in the last cells: nobody paints one step for ten minutes, so all of them are seconds.
     *
     * @param  list<string>  $rows
     */
    private static function haveTens(array $rows): bool
    {
        return array_filter($rows, static fn (string $row): bool => preg_match('/\t\s*[1-9]\d{1,2}\s*$/', $row) === 1) !== [];
    }

    /**
     * The first column, where it only counts the rows.
     *
     * @param  list<string>  $rows  a header in front of them or not
     * @return list<int>
     */
    private static function columnsOfNumbers(array $rows): array
    {
        $numbers = array_values(array_filter(
            array_map(static fn (string $row): string => trim(explode("\t", $row)[0]), $rows),
            static fn (string $cell): bool => preg_match('/^\d{1,3}[.)]?$/', $cell) === 1,
        ));
        $first = (int) ($numbers[0] ?? 0);
        $isCount = array_map(intval(...), $numbers) === range($first, $first + max(0, count($numbers) - 1));

        return count($numbers) >= self::LEAST_ROWS && $isCount ? [0] : [];
    }

    /**
     * @param  list<string>  $rows
     * @return list<int>
     */
    private static function columnsOfTimes(array $rows): array
    {
        $found = [];
        foreach ($rows as $row) {
            foreach (explode("\t", $row) as $column => $cell) {
                $found[$column] = ($found[$column] ?? 0) + (preg_match(self::IS_TIME, $cell) === 1 ? 1 : 0);
            }
        }

        return array_keys(array_filter($found, static fn (int $times): bool => $times * 2 >= count($rows)));
    }

    /**
     * @param  non-empty-string  $sign
     * @return list<string>
     */
    private static function cells(string $row, string $sign): array
    {
        return array_map(static fn (string $cell): string => trim($cell, " \t.:\""), explode($sign, $row));
    }
}
