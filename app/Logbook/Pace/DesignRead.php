<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use Core\Design\Medium;

/** A design's finished faces of a day against its plan. Milliseconds. */
final readonly class DesignRead
{
    /**
     * @param  list<int>  $painted  each face; at least one
     * @param  list<array{name: string, medium: Medium, skipped: int, plannedMs: int, done: list<int>}>  $steps  in painting order
     */
    public function __construct(
        public string $designId,
        public string $name,
        public int $plannedMs,
        public array $painted,
        public array $steps,
    ) {}

    /** @param  list<int>  $values */
    public static function mean(array $values): int
    {
        return $values === [] ? 0 : intdiv(array_sum($values), count($values));
    }
}
