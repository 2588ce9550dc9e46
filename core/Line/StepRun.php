<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;

/** How one step of a face went. */
final readonly class StepRun
{
    /**
     * @param  Duration  $spent from the tap before to its own tap, pauses taken off; zero while pending or skipped
     * @param  bool  $isInterrupted  whether the clocks were paused in it
     * @param  string|null  $painter  who painted it, where somebody took the chair after the face was begun
     */
    public function __construct(
        public PlannedStep $step,
        public StepStatus $status,
        public Duration $spent,
        public bool $isInterrupted = false,
        public ?string $painter = null,
    ) {}
}
