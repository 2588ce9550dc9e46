<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Design\Person;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Technique;

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
        private Timing $timing = Timing::HandToHand,
    ) {}

    /** For the usual child, by a painter who has logged nothing yet. */
    public static function starting(): self
    {
        return new self(WorkContent::starting(), Person::usual());
    }

    /** @param  array<string, StepTime>  $logged  by the way of the step, see StepValues */
    public function knowing(array $logged): self
    {
        return new self($this->work, $this->person, $logged, $this->timing);
    }

    /** What typed seconds hold. */
    public function timedBy(Timing $timing): self
    {
        return new self($this->work, $this->person, $this->logged, $timing);
    }

    /** Whether the typed seconds of a step hold the change to its tool. */
    public function holdToolChange(Step $step): bool
    {
        return $step->time !== null && $this->timing === Timing::HandToHand && $step->technique !== Technique::Wait;
    }

    /**
     * A painter who is quicker than planned at a step is so at other ways to paint it too: they are known from it until they
     * are logged themselves.
     */
    public function alsoFor(Step $logged, Step $otherWay): self
    {
        $known = $this->logged[StepValues::way($logged)] ?? null;
        $way = StepValues::way($otherWay);
        if ($known === null || isset($this->logged[$way]) || $logged->technique !== $otherWay->technique) {
            return $this;
        }
        $share = $this->planned($otherWay)->duration->milliseconds / max(1, $this->planned($logged)->duration->milliseconds);

        return $this->knowing([
            ...$this->logged,
            $way => new StepTime(
                duration: $known->duration->times($share),
                source: $known->source,
                faces: $known->faces,
                eightOfTen: $known->eightOfTen?->times($share),
                practised: $known->practised,
            ),
        ]);
    }

    public function of(Step $step): StepTime
    {
        $logged = $this->logged === [] ? null : $this->logged[StepValues::way($step)] ?? null;

        return $logged ?? $this->planned($step);
    }

    /** As typed, or by the work there is in it. */
    public function planned(Step $step): StepTime
    {
        return $step->time === null
            ? new StepTime($this->work->of($step, $this->person), TimeSource::Work)
            : new StepTime($step->time, TimeSource::Typed);
    }
}
