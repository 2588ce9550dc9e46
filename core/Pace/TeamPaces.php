<?php

declare(strict_types=1);

namespace Core\Pace;

use Core\Units\Duration;

/** The pace of a team at one thing, and each painter's own, which starts from that of the others. */
final readonly class TeamPaces
{
    /** @param  array<int|string, Pace>  $own  by painter */
    private function __construct(public Pace $team, public array $own) {}

    /** @param  array<int|string, list<Run>>  $byPainter  each painter's own repetitions counted from 1 */
    public static function of(Duration $planned, array $byPainter): self
    {
        $team = Pace::of($planned, array_merge(...array_values($byPainter)));
        if (count($byPainter) === 1) {
            return new self($team, [array_key_first($byPainter) => $team]);
        }
        $own = [];
        foreach ($byPainter as $painter => $runs) {
            $others = Pace::of($planned, array_merge(...array_values(array_diff_key($byPainter, [$painter => true]))));
            $own[$painter] = Pace::of($others->isKnown() ? $others->middle() : $planned, $runs);
        }

        return new self($team, $own);
    }
}
