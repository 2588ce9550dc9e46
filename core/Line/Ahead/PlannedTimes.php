<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Units\Duration;

/** How long designs take, by who paints them. */
final readonly class PlannedTimes
{
    /**
     * @param  array<string, Duration>  $team  by design
     * @param  array<string, array<string, Duration>>  $own  by design and painter, where a painter's own is known
     */
    public function __construct(private array $team, private array $own = []) {}

    /** A painter whose own pace is not known paints at the team's; a design that is not known takes nothing. */
    public function of(string $design, ?string $painter): Duration
    {
        return $this->own[$design][$painter ?? ''] ?? $this->team[$design] ?? Duration::zero();
    }

    /**
     * The mean of some designs.
     *
     * @param  list<string>  $designs
     */
    public function mean(array $designs, ?string $painter): Duration
    {
        $sum = array_sum(array_map(fn (string $design): int => $this->of($design, $painter)->milliseconds, $designs));

        return Duration::ofMilliseconds(intdiv($sum, max(1, count($designs))));
    }
}
