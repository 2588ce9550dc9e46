<?php

declare(strict_types=1);

namespace App\Line\Told;

/** A short name for all that the line of a day is told from: how far its events have come, and how everything else stands. */
final readonly class LineVersion implements \Stringable
{
    /**
     * @param  int  $newest  number of the event that arrived last; 0 before the first
     * @param  string  $rest  the same as long as all that is no event is
     */
    public function __construct(public int $newest, public string $rest) {}

    /** Of nothing: whoever is told this asks for the whole line. */
    public static function none(): self
    {
        return new self(0, '');
    }

    /** @param  string  $text  as __toString() writes it; null for any other */
    public static function read(string $text): ?self
    {
        return preg_match('/^(\d{1,18})-([0-9a-f]{32})$/', $text, $parts) === 1 ? new self((int) $parts[1], $parts[2]) : null;
    }

    public function __toString(): string
    {
        return "{$this->newest}-{$this->rest}";
    }
}
