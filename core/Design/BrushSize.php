<?php

declare(strict_types=1);

namespace Core\Design;

/** How broad a brush is, as far as its name says: round brushes by number, others by inches. */
final readonly class BrushSize
{
    private const ROUND = '/\bround\s+(\d+)/i';

    /** @param  int  $number  of a round brush */
    private function __construct(public int $number) {}

    /** Null where the name tells no number of a round brush. */
    public static function of(string $name): ?self
    {
        return preg_match(self::ROUND, $name, $part) === 1 ? new self((int) $part[1]) : null;
    }

    public function isCoarserThan(self $other): bool
    {
        return $this->number > $other->number;
    }

    /** Whether one can stand in for the other. */
    public function isNear(?self $other): bool
    {
        return $other !== null && abs($this->number - $other->number) <= 1;
    }
}
