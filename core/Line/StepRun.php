<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;

/** How one step of a face went. */
final readonly class StepRun
{
    /**
     * @param  Duration  $spent from the tap before to its own tap, pauses taken off; zero while pending or skipped, but for what was
     *                          wiped off
     * @param  bool  $isInterrupted  whether the clocks were paused in it, or it was wiped off
     * @param  string|null  $painter  who painted it, where somebody took the chair after the face was begun
     * @param  int  $wiped  how often it was wiped off
     * @param  Duration|null  $mendedFrom  what was logged before somebody mended it
     */
    public function __construct(
        public PlannedStep $step,
        public StepStatus $status,
        public Duration $spent,
        public bool $isInterrupted = false,
        public ?string $painter = null,
        public int $wiped = 0,
        public ?Duration $mendedFrom = null,
    ) {}

    /** What was wiped off of it so far stays with it. */
    public function as(PlannedStep $step, StepStatus $status): self
    {
        return new self($step, $status, $this->spent, isInterrupted: $this->isInterrupted, painter: $this->painter, wiped: $this->wiped);
    }

    /** Gone on from, after so much more time. What was painted and wiped off again took its time too. */
    public function after(StepStatus $status, Duration $spent, bool $isInterrupted, ?string $painter = null): self
    {
        return new self(
            step: $this->step,
            status: $status,
            spent: $this->spent->plus($spent),
            isInterrupted: $isInterrupted || $this->isInterrupted,
            painter: $painter,
            wiped: $this->wiped,
        );
    }

    public function mended(Duration $spent): self
    {
        return new self(
            step: $this->step,
            status: $this->status,
            spent: $spent,
            isInterrupted: $this->isInterrupted,
            painter: $this->painter,
            wiped: $this->wiped,
            mendedFrom: $this->mendedFrom ?? $this->spent,
        );
    }
}
