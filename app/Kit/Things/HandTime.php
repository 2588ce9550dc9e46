<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Resources\Resource;
use Core\Kit\BenchAction;
use Core\Units\Duration;

/** How long a painter's hands take for one thing. */
final readonly class HandTime extends Resource
{
    /** @param  int  $repetitions  it rests on; 0 while it is the team's starting value */
    public function __construct(public BenchAction $action, public int $timeMs, public int $startingMs, public int $repetitions) {}

    /** @param  array{time: Duration, repetitions: int}|null  $own  null for the team's starting value */
    public static function of(BenchAction $action, ?array $own): self
    {
        $starting = Duration::ofSeconds($action->startingSeconds());

        return new self($action, ($own['time'] ?? $starting)->milliseconds, $starting->milliseconds, $own['repetitions'] ?? 0);
    }
}
