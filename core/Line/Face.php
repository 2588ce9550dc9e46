<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Line\Ahead\AfterFace;
use Core\Line\Seating\Seat;
use Core\Line\Seating\Seats;
use Core\Units\Duration;
use Core\Units\Instant;

/** A face being painted: its plan, how far it is, and its clocks. */
final readonly class Face
{
    /**
     * @param  list<StepRun>  $runs  one for each planned step, in painting order
     * @param  Instant  $begunAt  when painting began: greeting and asking before it are none
     * @param  Instant  $tappedAt  when the current step's clock began
     * @param  Duration  $pausedInStep  pauses ended since then
     * @param  Instant|null  $paintedAt  when the last step was done or skipped; the turnaround runs from then
     * @param  Seats  $seats  who sat where when it was begun
     * @param  list<Caution>|null  $cautions  what was answered before painting; null while nobody has said that it was asked
     * @param  list<PartDone>  $parts  of the turnaround, in the order they were done
     * @param  PauseReason|null  $pausedFor  why the clocks stand, where that was said
     */
    private function __construct(
        public FacePlan $plan,
        public array $runs,
        public Instant $seatedAt,
        public Instant $begunAt,
        public Instant $tappedAt,
        public Duration $pausedInStep,
        public ?Instant $pausedAt,
        public ?Instant $paintedAt,
        public Seats $seats = new Seats,
        public ?array $cautions = null,
        public array $parts = [],
        public ?PauseReason $pausedFor = null,
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
            begunAt: $at,
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
     * Two steps painted as one, the one under the hand and the next: what they took is shared out as it was planned.
     *
     * @param  Seat|null  $seat  who sits at the chair by now
     *
     * @throws TapSetAside when that step is not the current one, or the last
     */
    public function bothDone(string $step, Instant $at, ?Seat $seat = null): self
    {
        $current = $this->refuseUnlessCurrent($step);
        $next = $this->nextAfter($current) ?? throw TapSetAside::because('It is the last step: there is no other to be done with it.');
        $spent = $this->stepTime($at)->milliseconds;
        [$one, $other] = [$this->runs[$current]->step->planned->milliseconds, $this->runs[$next]->step->planned->milliseconds];
        $share = (int) floor($spent * ($one + $other === 0 ? 0.5 : $one / ($one + $other)));
        $tookOver = $seat?->since?->isAfter($this->seatedAt) === true ? $seat->painter : null;
        $done = fn (int $at, int $took): StepRun => $this->runs[$at]->after(
            StepStatus::Done,
            Duration::ofMilliseconds($took),
            isInterrupted: $this->hasPaused(),
            painter: $tookOver,
        );

        return $this->goneOn(
            array_replace($this->runs, [$current => $done($current, $share), $next => $done($next, $spent - $share)]),
            $at,
        );
    }

    /**
     * The step under the hand is painted on, or at all, after the next one. What it took so far stays with it.
     *
     * @throws TapSetAside when that step is not the current one, or the last
     */
    public function leftForLater(string $step, Instant $at): self
    {
        $current = $this->refuseUnlessCurrent($step);
        $next = $this->nextAfter($current) ?? throw TapSetAside::because('It is the last step: there is nothing to paint before it.');
        $runs = $this->runs;
        $later = $runs[$current]->after(StepStatus::Pending, $this->stepTime($at), isInterrupted: $this->hasPaused());
        array_splice($runs, $next + 1, 0, [$later]);
        array_splice($runs, $current, 1);

        return $this->goneOn($runs, $at);
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
        $pending = array_filter($this->runs, static fn (StepRun $run): bool => $run->status === StepStatus::Pending);
        $runs = array_column(array_map(static fn (StepRun $run): array => [$run->step->id, $run], $pending), 1, 0);
        $dropped = array_diff_key($runs, array_fill_keys(array_column($coming, 'id'), true));
        if ($coming === []) {
            throw TapSetAside::because('Nothing is left to paint that way: finish the face instead.');
        }

        return $this->with(
            plan: $plan,
            runs: [
                ...$past,
                ...array_values(array_map(static fn (StepRun $run): StepRun => $run->as($run->step, StepStatus::Skipped), $dropped)),
                ...array_map(
                    static fn (PlannedStep $step): StepRun => ($runs[$step->id] ?? null)?->as($step, StepStatus::Pending)
                        ?? new StepRun($step, StepStatus::Pending, Duration::zero()),
                    $coming,
                ),
            ],
            paintedAt: null,
        );
    }

    /**
     * Why is said at once or later.
     *
     * @throws TapSetAside when the clocks stand already, or nothing is left to paint
     */
    public function paused(Instant $at, ?PauseReason $reason = null): self
    {
        if ($this->pausedAt !== null && $reason !== null && $reason !== $this->pausedFor) {
            return $this->with(pausedFor: $reason);
        }
        if ($this->pausedAt !== null) {
            throw TapSetAside::because('The clocks are paused already.');
        }
        if ($this->paintedAt !== null) {
            throw TapSetAside::because('Every step is painted: there is nothing to pause.');
        }

        return $this->with(pausedAt: $at, pausedFor: $reason);
    }

    /** @throws TapSetAside when the clocks are running */
    public function resumed(Instant $at): self
    {
        if ($this->pausedAt === null) {
            throw TapSetAside::because('The clocks are running already.');
        }
        $paused = $this->pausedInStep->plus($at->since($this->pausedAt));

        return $this->with(pausedInStep: $paused, pausedAt: null, pausedFor: null);
    }

    /**
     * Before painting it was asked what has to be asked. What must not be painted then is left out; as long as nothing is painted,
     * the first step's clock begins anew.
     *
     * @param  list<Caution>  $cautions  none when all is well
     * @param  list<string>  $without  ids of the steps that are left out
     *
     * @throws TapSetAside when every step is painted
     */
    public function asked(array $cautions, array $without, Instant $at): self
    {
        if ($this->paintedAt !== null) {
            throw TapSetAside::because('Every step is painted: it is late to ask.');
        }
        $isBegun = array_filter($this->runs, static fn (StepRun $run): bool => $run->status === StepStatus::Done) !== [];
        $out = array_fill_keys($without, true);
        $runs = array_map(
            static fn (StepRun $run): StepRun => $run->status === StepStatus::Pending && isset($out[$run->step->id])
                ? $run->as($run->step, StepStatus::Skipped)
                : $run,
            $this->runs,
        );
        $asked = $this->with(runs: $runs, cautions: $cautions, paintedAt: self::isPainted($runs) ? $at : null);

        return $isBegun ? $asked : $asked->with(
            begunAt: $at,
            tappedAt: $at,
            pausedInStep: Duration::zero(),
            pausedAt: null,
            pausedFor: null,
        );
    }

    /**
     * Wiped off, to be painted once more: the step under the hand, or one that was done. What it took stays with it, and the
     * whole is left out of pace.
     *
     * @throws TapSetAside when that step is neither
     */
    public function wipedOff(string $step, Instant $at): self
    {
        $current = $this->currentIndex();
        foreach ($this->runs as $index => $run) {
            if ($run->step->id !== $step || ($run->status !== StepStatus::Done && $index !== $current)) {
                continue;
            }
            // The clock of the step under the hand is at work: what it shows goes to the step that is wiped off.
            $spent = $this->paintedAt === null ? $this->stepTime($at) : Duration::zero();
            $runs = $this->runs;
            $runs[$index] = new StepRun(
                step: $run->step,
                status: StepStatus::Pending,
                spent: $run->spent->plus($spent),
                isInterrupted: true,
                painter: $run->painter,
                wiped: $run->wiped + 1,
            );

            return $this->with(
                runs: array_values($runs),
                tappedAt: $at,
                pausedInStep: Duration::zero(),
                pausedAt: null,
                pausedFor: null,
                paintedAt: null,
                parts: [],
            );
        }

        throw TapSetAside::because('That step is not painted yet: there is nothing to wipe off.');
    }

    /** @throws TapSetAside when painting is not over, or that part is done */
    public function partDone(AfterFace $part, Instant $at): self
    {
        if ($this->paintedAt === null) {
            throw TapSetAside::because('The face is not painted yet.');
        }
        if (in_array($part, array_column($this->parts, 'part'), true)) {
            throw TapSetAside::because("{$part->label()} was done already.");
        }

        return $this->with(parts: [...$this->parts, new PartDone($part, $at)]);
    }

    /**
     * A tap was forgotten, and the log says more or less than it took. The old time is kept beside the new one.
     *
     * @throws TapSetAside when that step was not painted
     */
    public function mended(string $step, Duration $spent): self
    {
        foreach ($this->runs as $index => $run) {
            if ($run->step->id === $step && $run->status === StepStatus::Done) {
                $runs = $this->runs;
                $runs[$index] = $run->mended($spent);

                return $this->with(runs: array_values($runs));
            }
        }

        throw TapSetAside::because('That step was not painted: there is no time to mend.');
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
        $end = $this->begunAt;
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

    /** A step or two are left: too few for what runs late and what runs early to even out. */
    public function isNearlyPainted(): bool
    {
        $pending = array_filter($this->runs, static fn (StepRun $run): bool => $run->status === StepStatus::Pending);

        return count($pending) <= 2;
    }

    private function advance(string $step, StepStatus $status, Duration $spent, Instant $at, ?string $tookOver = null): self
    {
        $current = $this->refuseUnlessCurrent($step);
        $run = $this->runs[$current]->after($status, $spent, isInterrupted: $this->hasPaused(), painter: $tookOver);
        $gone = $this->goneOn(array_replace($this->runs, [$current => $run]), $at);

        return $status === StepStatus::Skipped
            ? $gone->with(tappedAt: $this->tappedAt, pausedInStep: $this->pausesUpTo($at))
            : $gone;
    }

    /**
     * The clock of the step that is under the hand now begins.
     *
     * @param  array<int, StepRun>  $runs
     */
    private function goneOn(array $runs, Instant $at): self
    {
        return $this->with(
            runs: array_values($runs),
            tappedAt: $at,
            pausedInStep: Duration::zero(),
            pausedAt: null,
            pausedFor: null,
            paintedAt: self::isPainted($runs) ? $at : null,
        );
    }

    private function nextAfter(int $current): ?int
    {
        foreach (array_slice($this->runs, $current + 1, null, true) as $index => $run) {
            if ($run->status === StepStatus::Pending) {
                return $index;
            }
        }

        return null;
    }

    /** Since the current step's clock began. */
    private function hasPaused(): bool
    {
        return $this->pausedAt !== null || ! $this->pausedInStep->isZero();
    }

    /** @param  array<int, StepRun>  $runs */
    private static function isPainted(array $runs): bool
    {
        foreach ($runs as $run) {
            if ($run->status === StepStatus::Pending) {
                return false;
            }
        }

        return true;
    }

    private function with(mixed ...$changes): self
    {
        /**
         * @var array{
         *     plan: FacePlan, runs: list<StepRun>, seatedAt: Instant, begunAt: Instant, tappedAt: Instant,
         *     pausedInStep: Duration, pausedAt: Instant|null, paintedAt: Instant|null, seats: Seats, cautions: list<Caution>|null,
         *     parts: list<PartDone>, pausedFor: PauseReason|null
         * } $values
         */
        $values = [...get_object_vars($this), ...$changes];

        return new self(...$values);
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
