<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use Core\Line\Ahead\Spread;
use Core\Plan\Defaults;
use Illuminate\Support\Facades\Cache;

/** How the children of a team's lines behave, by its last days. */
final readonly class LineHabitsOfTeam
{
    /** A day that is over is learned from soon enough. */
    private const KEPT_SECONDS = 900;

    public function __construct(private LastLinesOfTeam $lastLines) {}

    public function __invoke(string $teamId): LineHabits
    {
        /** @var array{int, float} $habits */
        $habits = Cache::remember("line-habits-{$teamId}", self::KEPT_SECONDS, function () use ($teamId): array {
            $last = ($this->lastLines)($teamId);

            return [$last?->notThere() ?? Spread::NOT_THERE, $last?->contagion() ?? Defaults::CONTAGION];
        });

        return new LineHabits(...$habits);
    }
}
