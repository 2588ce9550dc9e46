<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Design\Step;
use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Order\Search\Sequencer;
use Core\Order\Search\Watch;
use Core\Timeline\HandTimes;
use Core\Units\Duration;

/** The search for the order of least elapsed time of a prepared design that has no waits typed as steps. */
final readonly class Quickest
{
    public Problem $problem;

    /** The painter's own order with the waits it needs; null when it does not keep what the painter said. */
    public ?Schedule $typed;

    /** @var list<int>|null an order that keeps all lags; null where none is at hand */
    private ?array $lawful;

    /**
     * @param  list<list<int>>  $changeovers  milliseconds from row to column, by place of the step
     * @param  list<Constraint|list<int>>  $clash  pins and groups that cannot all be kept, and are not
     */
    private function __construct(
        public DesignFacts $design,
        public Constraints $constraints,
        private array $changeovers,
        private HalfPainted $begun,
        public array $clash,
        private bool $isMending = true,
    ) {
        $order = $begun->first($design->steps);
        $lawful = FeasibleOrder::of(
            design: $design,
            constraints: $constraints,
            changeovers: $changeovers,
            typed: $order,
            isMending: $isMending,
        );
        $durations = array_map(static fn (Duration $duration): int => $duration->milliseconds, $design->durations);
        $problem = new Problem($durations, $changeovers, Constraints::lagsOf($lawful->held ?? $constraints->firm), $constraints->together);
        $this->problem = $begun->in($problem, $design->steps);
        $this->lawful = $lawful?->order;
        $typed = $lawful === null ? null : Schedule::earliest($begun->in($lawful->asTyped, $design->steps), $lawful->own);
        $this->typed = $lawful?->own === $order ? $typed : null;
    }

    /** @param  list<list<int>>|null  $changeovers  see changeovers(), where they are known already */
    public static function of(DesignFacts $design, ?array $changeovers = null, ?HalfPainted $begun = null): self
    {
        $matrix = $changeovers ?? self::changeovers($design->steps, $design->circumstances, $design->hands);
        $constraints = Constraints::of($design);
        $clash = [];
        // What clashes is named, and everything else still works without it.
        while (! self::isPossible($design, $constraints, $matrix)) {
            $clash = [...$clash, ...$last = Clash::among($design, $constraints, $matrix)];
            if ($last === []) {
                break;
            }
            $constraints = $constraints->without($last);
        }

        return new self(
            design: $design,
            constraints: $constraints,
            changeovers: $matrix,
            begun: $begun ?? HalfPainted::not(),
            clash: $clash,
        );
    }

    /**
     * @param  list<Step>  $steps
     * @param  HandTimes  $hands  of the same steps: where typed seconds hold the change of tool, it takes no longer than they have room for
     * @return list<list<int>> milliseconds; steps with the same tool and colours mostly share their row and column
     */
    public static function changeovers(array $steps, Circumstances $circumstances, HandTimes $hands): array
    {
        $known = [];
        $changeovers = [];
        $kinds = array_map(self::kind(...), $steps);
        foreach ($steps as $from => $one) {
            $row = [];
            foreach ($steps as $to => $other) {
                $usual = $known[$kinds[$from]][$kinds[$to]] ??= $circumstances->changeovers->between($one, $other);
                $row[] = $hands->change($to, $usual)->milliseconds;
            }
            $changeovers[] = $row;
        }

        return $changeovers;
    }

    /**
     * @param  list<int>|null  $known  an order that the answer must not be worse than
     * @param  int  $below  milliseconds: see Sequencer
     */
    public function search(Watch $watch, ?array $known = null, int $below = PHP_INT_MAX): Outcome
    {
        $outcome = (new Sequencer)->solve($this->problem, $watch, $this->better($known), $below);
        $isLonger = $this->isMending && $this->typed !== null && $outcome->best !== null
            && $outcome->best->makespan > $this->typed->makespan;

        // Nobody takes an order that is longer than the own one: what that one breaks is said, and has its own ways out.
        return $isLonger ? $this->withoutMending()->search($watch, $known, $below) : $outcome;
    }

    private function withoutMending(): self
    {
        return new self(
            design: $this->design,
            constraints: $this->constraints,
            changeovers: $this->changeovers,
            begun: $this->begun,
            clash: $this->clash,
            isMending: false,
        );
    }

    /**
     * @param  list<int>|null  $known
     * @return list<int>|null the quicker one of that order and of the lawful one
     */
    private function better(?array $known): ?array
    {
        return $this->timeOf($known) < $this->timeOf($this->lawful) ? $known : $this->lawful ?? $known;
    }

    /** @param  list<int>|null  $order */
    private function timeOf(?array $order): int
    {
        return $order === null ? PHP_INT_MAX : Schedule::earliest($this->problem, $order)->makespan ?? PHP_INT_MAX;
    }

    /** The design in that order, retimed, so that what is not painted yet has the same waits on its tape at the same places. */
    public function inOrder(Schedule $schedule): Design
    {
        $steps = [];
        foreach ($schedule->order as $place => $at) {
            if (isset($this->begun->done[$this->design->steps[$at]->id])) {
                // What is painted is past: nobody waits for it any more.
                $steps[] = $this->design->steps[$at];

                continue;
            }
            $last = $schedule->order[$place - 1] ?? null;
            $change = $last === null ? Duration::zero() : Duration::ofMilliseconds($this->changeovers[$last][$at]);
            $step = $this->design->hands->retimed($at, $this->design->steps[$at], $change);
            $idle = $schedule->idleBefore($this->problem, $place);
            $since = $this->sinceLastBelow($schedule, $place);
            if ($idle > 0 && $since === null) {
                $steps[] = Step::wait("new-wait-{$place}", Duration::ofMilliseconds($idle));
            }
            $dryFor = $idle > 0 ? $since ?? 0 : min($this->typedWait($at), $since ?? 0);
            $steps[] = $step->withDryFor(Duration::ofMilliseconds($dryFor));
        }

        return $this->design->design->withSteps($steps);
    }

    /** @param  list<list<int>>  $changeovers */
    private static function isPossible(DesignFacts $design, Constraints $constraints, array $changeovers): bool
    {
        return FeasibleOrder::of($design, $constraints, $changeovers, array_keys($design->steps)) !== null
            || Clash::isFeasible($design, $changeovers, [...$constraints->firm, ...$constraints->together]);
    }

    private static function kind(Step $step): string
    {
        return mb_strtolower("{$step->medium->value} {$step->tool} ").implode(
            ' ',
            array_map(static fn ($colour): string => "{$colour->name}{$colour->hex}", $step->colours),
        );
    }

    /** Milliseconds that were typed as a wait in front of a step, or as drying below it. */
    private function typedWait(int $at): int
    {
        $typed = array_map(static fn (TypedWait $wait): int => $wait->before === $at ? $wait->length : 0, $this->design->waits);

        return max([$this->design->steps[$at]->dryFor->milliseconds, ...$typed]);
    }

    /** From the end of the last step below to the start of this one; null when nothing lies below. */
    private function sinceLastBelow(Schedule $schedule, int $place): ?int
    {
        for ($before = $place - 1; $before >= 0; $before--) {
            if ($this->design->touch($schedule->order[$before], $schedule->order[$place])) {
                return $schedule->starts[$place] - $schedule->starts[$before] - $this->problem->durations[$schedule->order[$before]];
            }
        }

        return null;
    }
}
