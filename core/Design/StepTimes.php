<?php

declare(strict_types=1);

namespace Core\Design;

/** How long steps take: from the painter's own log, else as typed, else from the work there is in them. */
final readonly class StepTimes
{
    /**
     * @param  array<string, StepTime>  $logged  by the way of the step, see StepValues
     */
    public function __construct(
        private WorkContent $work,
        private Person $person,
        private array $logged = [],
    ) {}

    /** For the usual child, by a painter who has logged nothing yet. */
    public static function starting(): self
    {
        return new self(WorkContent::starting(), Person::usual());
    }

    /** @param  array<string, StepTime>  $logged  by the way of the step, see StepValues */
    public function knowing(array $logged): self
    {
        return new self($this->work, $this->person, $logged);
    }

    public function of(Step $step): StepTime
    {
        $logged = $this->logged === [] ? null : $this->logged[StepValues::way($step)] ?? null;

        return $logged ?? $this->withoutLog($step);
    }

    private function withoutLog(Step $step): StepTime
    {
        return $step->time === null
            ? new StepTime($this->work->of($step, $this->person), TimeSource::Work)
            : new StepTime($step->time, TimeSource::Typed);
    }
}
