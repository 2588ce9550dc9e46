<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Order\Search\Outcome;
use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Order\Search\Sequencer;
use Core\Order\Search\Watch;
use Core\Units\Duration;

/** Puts a design's steps in the order of least elapsed time that keeps the craft's rules and the painter's pins. */
final readonly class BestOrder
{
    private function __construct(private Preparation $design, private Constraints $constraints, private Problem $problem, private Duration $typed) {}

    /** Waits that were typed as steps are left out: the search puts a wait wherever one is needed, and nowhere else. */
    public static function of(Design $design, Circumstances $circumstances): self
    {
        $typed = $design->timeline($circumstances->changeovers, $circumstances->times)->makespan();
        $steps = array_values(array_filter($design->steps, static fn (Step $step): bool => $step->technique !== Technique::Wait));
        $preparation = new Preparation($design->withSteps($steps), $circumstances);

        return self::keeping($preparation, Constraints::of($preparation), $typed);
    }

    /** Where the wishes of a school make it impossible, they are given up. */
    public function run(Watch $watch): Proposal
    {
        $outcome = $this->search($watch);
        $isImpossible = $outcome->best === null && $outcome->isProven;
        $without = $isImpossible ? self::keeping($this->design, $this->constraints->withoutWishes(), $this->typed) : $this;

        return $without->proposal($isImpossible ? $without->search($watch) : $outcome);
    }

    /** The same steps as a bare problem. */
    public static function problem(Preparation $design, Constraints $constraints): Problem
    {
        $durations = array_map(static fn (Duration $duration): int => $duration->milliseconds, $design->durations);

        return new Problem($durations, self::changeovers($design), $constraints->lags(), $constraints->together);
    }

    private static function keeping(Preparation $design, Constraints $constraints, Duration $typed): self
    {
        return new self($design, $constraints, self::problem($design, $constraints), $typed);
    }

    private function search(Watch $watch): Outcome
    {
        return (new Sequencer)->solve($this->problem, $watch, array_keys($this->design->steps));
    }

    /** @return list<list<int>> milliseconds; steps with the same tool and colours share their row and column */
    private static function changeovers(Preparation $design): array
    {
        $matrix = $design->circumstances->changeovers;
        $known = [];
        $changeovers = [];
        $kinds = array_map(self::kind(...), $design->steps);
        foreach ($design->steps as $from => $one) {
            $row = [];
            foreach ($design->steps as $to => $other) {
                $row[] = $known[$kinds[$from]][$kinds[$to]] ??= $matrix->between($one, $other)->milliseconds;
            }
            $changeovers[] = $row;
        }

        return $changeovers;
    }

    private static function kind(Step $step): string
    {
        return mb_strtolower("{$step->medium->value} {$step->tool} ").implode(' ', array_map(static fn ($colour): string => "{$colour->name}{$colour->hex}", $step->colours));
    }

    /** What an outcome means for the design, also one of a search that still runs. */
    public function proposal(Outcome $outcome): Proposal
    {
        $lawful = Schedule::earliest($this->problem, array_keys($this->design->steps));
        $typedLawful = $lawful === null ? null : Duration::ofMilliseconds($lawful->makespan);
        if ($outcome->best !== null) {
            return new Proposal($outcome, $this->withWaits($outcome->best), $this->typed, $typedLawful, Moves::between($this->design, $this->constraints, $this->problem, $outcome->best));
        }
        $clash = $outcome->isProven ? Clash::among($this->design, $this->constraints, $this->problem->changeovers) : [];
        $constraints = array_values(array_filter($clash, static fn (Constraint|array $one): bool => $one instanceof Constraint));
        $groups = array_values(array_filter($clash, is_array(...)));

        return new Proposal($outcome, null, $this->typed, $typedLawful, [], $constraints, array_map($this->together(...), $groups));
    }

    /** @param  list<int>  $group */
    private function together(array $group): string
    {
        return 'You pinned '.implode(' and ', array_map(fn (int $at): string => "“{$this->design->name($at)}”", $group)).' together.';
    }

    /** The design in that order, so that its tape has the same waits at the same places. */
    private function withWaits(Schedule $schedule): Design
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
