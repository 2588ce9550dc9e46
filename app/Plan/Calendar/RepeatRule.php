<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

/**
 * How a calendar says that something comes again (RFC 5545, section 3.3.10). Only the plain ways are followed, in which people put down
 * fairs: of the others some never come again at all, and would be looked for without end.
 */
final readonly class RepeatRule
{
    /** By how often it comes: what may be said beside that. */
    private const PARTS = [
        'DAILY' => ['BYDAY'],
        'WEEKLY' => ['BYDAY'],
        'MONTHLY' => ['BYDAY', 'BYMONTHDAY', 'BYSETPOS'],
        'YEARLY' => ['BYDAY', 'BYMONTHDAY', 'BYMONTH'],
    ];

    private const ALWAYS = ['FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'WKST'];

    private const LONGEST_INTERVAL = 400;

    /** The shortest month: a day that each of them has. */
    private const DAYS = 28;

    /** @param  array<string, list<string>>  $parts  by name */
    private function __construct(private array $parts) {}

    public static function of(string $text): self
    {
        $parts = [];
        foreach (explode(';', strtoupper(trim($text, " \t;"))) as $part) {
            [$name, $values] = [...explode('=', $part, 2), ''];
            $parts[trim($name)] = array_map(trim(...), explode(',', $values));
        }

        return new self($parts);
    }

    public function isPlain(): bool
    {
        $often = $this->parts['FREQ'][0] ?? '';
        $interval = $this->parts['INTERVAL'][0] ?? '1';
        $isKnown = isset(self::PARTS[$often])
            && array_diff(array_keys($this->parts), self::ALWAYS, self::PARTS[$often]) === []
            && ctype_digit($interval) && (int) $interval >= 1 && (int) $interval <= self::LONGEST_INTERVAL;

        return $isKnown && $this->comesAgain($often, (int) $interval);
    }

    private function comesAgain(string $often, int $interval): bool
    {
        return match ($often) {
            // Every seventh day is always the same one.
            'DAILY' => ! isset($this->parts['BYDAY']) || ($interval === 1 && $this->areDays('')),
            'WEEKLY' => $this->areDays(''),
            'MONTHLY' => isset($this->parts['BYSETPOS'])
                ? isset($this->parts['BYDAY']) && ! isset($this->parts['BYMONTHDAY']) && $this->areDays('')
                    && $this->areWithin('BYSETPOS', 4)
                : $this->areDays('([+-]?[1-5])?') && $this->areWithin('BYMONTHDAY', 31) && $this->isEither(),
            default => $this->areDays('[+-]?[1-4]') && $this->areWithin('BYMONTHDAY', self::DAYS) && $this->isEither()
                && $this->areWithin('BYMONTH', 12) && (! isset($this->parts['BYDAY']) || isset($this->parts['BYMONTH'])),
        };
    }

    /** @param  string  $nth  what may stand before a day of the week */
    private function areDays(string $nth): bool
    {
        return preg_grep("/^{$nth}(MO|TU|WE|TH|FR|SA|SU)$/", $this->parts['BYDAY'] ?? [], PREG_GREP_INVERT) === [];
    }

    private function areWithin(string $name, int $most): bool
    {
        $isWithin = static fn (string $value): bool => preg_match('/^[+-]?\d{1,2}$/', $value) === 1 && abs((int) $value) >= 1
            && abs((int) $value) <= $most;

        return array_filter($this->parts[$name] ?? [], static fn (string $value): bool => ! $isWithin($value)) === [];
    }

    /** A first Monday that is a 31st never comes. */
    private function isEither(): bool
    {
        return ! isset($this->parts['BYDAY'], $this->parts['BYMONTHDAY']);
    }
}
