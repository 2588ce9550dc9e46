<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;
use Core\Units\Instant;

/** A face being painted: its plan, how far it is, and its clocks. */
final readonly class Face
{
    /**
     * @param  list<StepRun>  $runs  one for each planned step, in painting order
     * @param  Instant  $tappedAt  when the current step's clock began
     * @param  Duration  $pausedInStep  pauses ended since then
     * @param  Instant|null  $paintedAt  when the last step was done or skipped; the turnaround runs from then
     * @param  Seats  $seats  who sat where when it was begun
     */
    private function __construct(
        public FacePlan $plan,
        public array $runs,
        public Instant $seatedAt,
        public Instant $tappedAt,
        public Duration $pausedInStep,
        public ?Instant $pausedAt,
        public ?Instant $paintedAt,
        public Seats $seats = new Seats,
    ) {}

    /** @param  Seats  $seats  who sits where, as far as somebody has said so */
    public static function begin(FacePlan $plan, Instant $at, Seats $seats = new Seats): self
    {
        $runs = array_map(
            static fn (PlannedStep $step): StepRun => new StepRun($step, StepStatus::Pending, Duration::zero()),
            $plan->steps,
        );

        return new self(
            plan: $plan,
            runs: $runs,
            seatedAt: $at,
            tappedAt: $at,
            pausedInStep: Duration::zero(),
            pausedAt: null,
            paintedAt: $runs === [] ? $at : null,
            seats: $seats,
        );
    }

    /** Index of the step under the painter's hand; null when every step is done or skipped. */
    public function currentIndex(): ?int
    {
        foreach ($this->runs as $index => $run) {
            if ($run->status === StepStatus::Pending) {
                return $index;
            }
        }

        return null;
    }

    /**
     * @param  Seat|null  $seat  who sits at the chair by now
     *
     * @throws TapSetAside when that step is not the current one
     */
    public function stepDone(string $step, Instant $at, ?Seat $seat = null): self
    {
        return $this->advance(
            step: $step,
            status: StepStatus::Done,
            spent: $this->stepTime($at),
            at: $at,
            tookOver: $seat?->since?->isAfter($this->seatedAt) === true ? $seat->painter : null,
        );
    }

    /**
     * The skipped step takes no time; what was spent on it so far counts to the next one.
     *
     * @throws TapSetAside when that step is not the current one
     */
    public function stepSkipped(string $step, Instant $at): self
    {
        return $this->advance($step, StepStatus::Skipped, Duration::zero(), $at);
    }

    /**
     * What is not painted yet is painted by another plan from now on, a shorter one mostly. What that leaves out is skipped.
     *
     * @throws TapSetAside when nothing is left to paint, or the plan leaves nothing to paint
     */
    public function trimmedTo(FacePlan $plan): self
    {
        if ($this->currentIndex() === null) {
            throw TapSetAside::because('Every step is painted: there is nothing to make quicker.');
        }
        $past = array_values(array_filter($this->runs, static fn (StepRun $run): bool => $run->status !== StepStatus::Pending));
        $gone = array_fill_keys(array_map(static fn (StepRun $run): string => $run->step->id, $past), true);
        $coming = array_values(array_filter($plan->steps, static fn (PlannedStep $step): bool => ! isset($gone[$step->id])));
        $ids = array_fill_keys(array_column($coming, 'id'), true);
        $dropped = array_filter(
            $this->runs,
            static fn (StepRun $run): bool => $run->status === StepStatus::Pending && ! isset($ids[$run->step->id]),
        );
        if ($coming === []) {
            throw TapSetAside::because('Nothing is left to paint that way: finish the face instead.');
        }

        return new self(
            plan: $plan,
            runs: [
                ...$past,
                ...array_values(array_map(
                    static fn (StepRun $run): StepRun => new StepRun($run->step, StepStatus::Skipped, Duration::zero()),
                    $dropped,
                )),
                ...array_map(static fn (PlannedStep $step): StepRun => new StepRun($step, StepStatus::Pending, Duration::zero()), $coming),
            ],
            seatedAt: $this->seatedAt,
            tappedAt: $this->tappedAt,
            pausedInStep: $this->pausedInStep,
            pausedAt: $this->pausedAt,
            paintedAt: null,
            seats: $this->seats,
        );
    }

    /** @throws TapSetAside when the clocks stand already, or nothing is left to paint */
    public function paused(Instant $at): self
    {
        if ($this->pausedAt !== null) {
            throw TapSetAside::because('The clocks are paused already.');
        }
        if ($this->paintedAt !== null) {
            throw TapSetAside::because('Every step is painted: there is nothing to pause.');
        }

        return new self(
            plan: $this->plan,
            runs: $this->runs,
            seatedAt: $this->seatedAt,
            tappedAt: $this->tappedAt,
            pausedInStep: $this->pausedInStep,
            pausedAt: $at,
            paintedAt: null,
            seats: $this->seats,
        );
    }

    /** @throws TapSetAside when the clocks are running */
    public function resumed(Instant $at): self
    {
        if ($this->pausedAt === null) {
            throw TapSetAside::because('The clocks are running already.');
        }
        $paused = $this->pausedInStep->plus($at->since($this->pausedAt));

        return new self(
            plan: $this->plan,
            runs: $this->runs,
            seatedAt: $this->seatedAt,
            tappedAt: $this->tappedAt,
            pausedInStep: $paused,
            pausedAt: null,
            paintedAt: null,
            seats: $this->seats,
        );
    }

    /** Painting time of the current step up to a moment, pauses taken off. */
    public function stepTime(Instant $at): Duration
    {
        $until = $this->pausedAt !== null && $at->isAfter($this->pausedAt) ? $this->pausedAt : $at;

        return $until->since($this->tappedAt)->minus($this->pausedInStep);
    }

    /** Painting time of the whole face up to a moment; stands still once everything is painted. */
    public function faceTime(Instant $at): Duration
    {
        $done = array_reduce(
            $this->runs,
            static fn (Duration $sum, StepRun $run): Duration => $sum->plus($run->spent),
            Duration::zero(),
        );

        return $this->paintedAt === null ? $done->plus($this->stepTime($at)) : $done;
    }

    /** What the plan still asks for: the rest of the current step, if any is left of it, and all steps after it. */
    public function leftToPaint(Instant $at): Duration
    {
        $current = $this->currentIndex();
        if ($current === null) {
            return Duration::zero();
        }
        $left = $this->runs[$current]->step->planned->minus($this->stepTime($at));
        foreach (array_slice($this->runs, $current + 1) as $run) {
            $left = $left->plus($run->step->planned);
        }

        return $left;
    }

    /** @return array<string, Duration> how long ago each step was done, by its id */
    public function doneAgo(Instant $now): array
    {
        $ago = [];
        $end = $this->seatedAt;
        foreach ($this->runs as $run) {
            $end = $end->plus($run->spent);
            if ($run->status === StepStatus::Done) {
                $ago[$run->step->id] = $now->since($end);
            }
        }

        return $ago;
    }

    /** Id of the step under the hand; null once everything is painted. */
    public function currentStep(): ?string
    {
        $current = $this->currentIndex();

        return $current === null ? null : $this->runs[$current]->step->id;
    }

    /** What is planned of all steps that are not painted, the current one whole. */
    public function toCome(): Duration
    {
        $pending = array_filter($this->runs, static fn (StepRun $run): bool => $run->status === StepStatus::Pending);

        return array_reduce(
            $pending,
            static fn (Duration $sum, StepRun $run): Duration => $sum->plus($run->step->planned),
            Duration::zero(),
        );
    }

    private function advance(string $step, StepStatus $status, Duration $spent, Instant $at, ?string $tookOver = null): self
    {
        $current = $this->refuseUnlessCurrent($step);
        $runs = $this->runs;
        $wasPaused = $this->pausedAt !== null || ! $this->pausedInStep->isZero();
        $runs[$current] = new StepRun(
            step: $runs[$current]->step,
            status: $status,
            spent: $spent,
            isInterrupted: $wasPaused,
            painter: $tookOver,
        );
        $last = $current === count($runs) - 1;
        $skipped = $status === StepStatus::Skipped;

        return new self(
            plan: $this->plan,
            runs: array_values($runs),
            seatedAt: $this->seatedAt,
            tappedAt: $skipped ? $this->tappedAt : $at,
            pausedInStep: $skipped ? $this->pausesUpTo($at) : Duration::zero(),
            pausedAt: null,
            paintedAt: $last ? $at : null,
            seats: $this->seats,
        );
    }

    private function pausesUpTo(Instant $at): Duration
    {
        return $this->pausedAt === null ? $this->pausedInStep : $this->pausedInStep->plus($at->since($this->pausedAt));
    }

    private function refuseUnlessCurrent(string $step): int
    {
        $current = $this->currentIndex();
        if ($current !== null && $this->runs[$current]->step->id === $step) {
            return $current;
        }
        foreach ($this->runs as $run) {
            if ($run->step->id === $step && $run->status !== StepStatus::Pending) {
                throw TapSetAside::because("“{$run->step->name}” was {$run->status->value} already.");
            }
        }

        throw TapSetAside::because('That step is not the one being painted.');
    }
}
