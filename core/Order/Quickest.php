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
use Core\Units\Duration;

/** The search for the order of least elapsed time of a prepared design that has no waits typed as steps. */
final readonly class Quickest
{
    public Problem $problem;

    /** @param  list<list<int>>  $changeovers  milliseconds from row to column, by place of the step */
    private function __construct(
        public Preparation $design,
        public Constraints $constraints,
        private array $changeovers,
        private HalfPainted $begun,
    ) {
        $durations = array_map(static fn (Duration $duration): int => $duration->milliseconds, $design->durations);
        $this->problem = $begun->in(new Problem($durations, $changeovers, $constraints->lags(), $constraints->together), $design->steps);
    }

    /** @param  list<list<int>>|null  $changeovers  see changeovers(), where they are known already */
    public static function of(Preparation $design, ?array $changeovers = null, ?HalfPainted $begun = null): self
    {
        $matrix = $changeovers ?? self::changeovers($design->steps, $design->circumstances);

        return new self($design, Constraints::of($design), $matrix, $begun ?? HalfPainted::not());
    }

    /**
     * @param  list<Step>  $steps
     * @return list<list<int>> milliseconds; steps with the same tool and colours share their row and column
     */
    public static function changeovers(array $steps, Circumstances $circumstances): array
    {
        $known = [];
        $changeovers = [];
        $kinds = array_map(self::kind(...), $steps);
        foreach ($steps as $from => $one) {
            $row = [];
            foreach ($steps as $to => $other) {
                $row[] = $known[$kinds[$from]][$kinds[$to]] ??= $circumstances->changeovers->between($one, $other)->milliseconds;
            }
            $changeovers[] = $row;
        }

        return $changeovers;
    }

    /** Only what the craft, the pins and the picture want. */
    public function withoutWishes(): self
    {
        return new self($this->design, $this->constraints->withoutWishes(), $this->changeovers, $this->begun);
    }

    /**
     * @param  list<int>|null  $known  an order that the answer must not be worse than
     * @param  int  $below  milliseconds: see Sequencer
     */
    public function search(Watch $watch, ?array $known = null, int $below = PHP_INT_MAX): Outcome
    {
        return (new Sequencer)->solve($this->problem, $watch, $known, $below);
    }

    /** The design in that order, so that its tape has the same waits at the same places. */
    public function inOrder(Schedule $schedule): Design
    {
        $steps = [];
        foreach ($schedule->order as $place => $at) {
            $step = $this->design->steps[$at];
            $idle = $schedule->idleBefore($this->problem, $place);
            $since = $this->sinceLastBelow($schedule, $place);
            if ($idle > 0 && $since === null) {
                $steps[] = Step::wait("new-wait-{$place}", Duration::ofMilliseconds($idle));
            }
            $dryFor = $idle > 0 ? $since ?? 0 : min($step->dryFor->milliseconds, $since ?? 0);
            $steps[] = $step->withDryFor(Duration::ofMilliseconds($dryFor));
        }

        return $this->design->design->withSteps($steps);
    }

    private static function kind(Step $step): string
    {
        return mb_strtolower("{$step->medium->value} {$step->tool} ").implode(' ', array_map(static fn ($colour): string => "{$colour->name}{$colour->hex}", $step->colours));
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
