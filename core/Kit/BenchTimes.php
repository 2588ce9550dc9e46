<?php

declare(strict_types=1);

namespace Core\Kit;

use Core\Units\Duration;

/** How long a painter's hands take between steps: timed by a drill where there is one, else the team's starting values. */
final readonly class BenchTimes
{
    /** @param  array<string, Duration>  $own  by the value of the action */
    public function __construct(private array $own) {}

    public static function starting(): self
    {
        return new self([]);
    }

    public function of(BenchAction $action): Duration
    {
        return $this->own[$action->value] ?? Duration::ofSeconds($action->startingSeconds());
    }

    public function hasOwn(): bool
    {
        return $this->own !== [];
    }
}
