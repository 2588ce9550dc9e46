<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Bench\Designs\StepShown;
use Core\Design\Step;
use Core\Timeline\StepTime;
use Core\Timeline\TimeSource;

/** A step as the bench edits it: in fields, with times as typed text and in milliseconds, and as one line. */
final readonly class StepLine extends StepShown
{
    /** As typed; empty where it is not. */
    public string $time;

    public int $timeMs;

    public TimeSource $timeSource;

    /** Faces that it rests on, and repetitions on the board. */
    public int $timeFaces;

    public int $timePractised;

    /** Eight of ten are done by then; null when nothing is logged. */
    public ?int $eightOfTenMs;

    /** As typed, or by the work there is in it. */
    public int $plannedMs;

    public string $dryFor;

    public int $dryForMs;

    /** @param  list<string>  $seen */
    public function __construct(Step $step, StepTime $time, StepTime $planned, public string $line, array $seen)
    {
        parent::__construct($step, $seen);
        $this->time = $step->time?->formatExactly() ?? '';
        $this->timeMs = $time->duration->milliseconds;
        $this->timeSource = $time->source;
        $this->timeFaces = $time->faces;
        $this->timePractised = $time->practised;
        $this->eightOfTenMs = $time->eightOfTen?->milliseconds;
        $this->plannedMs = $planned->duration->milliseconds;
        $this->dryFor = $step->dryFor->isZero() ? '' : $step->dryFor->formatExactly();
        $this->dryForMs = $step->dryFor->milliseconds;
    }

    public static function of(StepRead $read): self
    {
        return new self(step: $read->step, time: $read->time, planned: $read->planned, line: $read->line, seen: $read->seen);
    }
}
