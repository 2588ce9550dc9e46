<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Order\Search\Outcome;
use Core\Order\Search\Schedule;
use Core\Order\Search\Watch;
use Core\Units\Duration;

/** Puts a design's steps in the order of least elapsed time that keeps the craft's rules and the painter's pins. */
final readonly class BestOrder
{
    private function __construct(private Quickest $quickest, private Duration $typed) {}

    /** Waits that were typed as steps are left out: the search puts a wait wherever one is needed, and nowhere else. */
    public static function of(Design $design, Circumstances $circumstances): self
    {
        $typed = $design->timeline($circumstances->changeovers, $circumstances->times)->makespan();
        $steps = array_values(array_filter($design->steps, static fn (Step $step): bool => $step->technique !== Technique::Wait));

        return new self(Quickest::of(new Preparation($design->withSteps($steps), $circumstances)), $typed);
    }

    /** Where the wishes of a school make it impossible, they are given up. */
    public function run(Watch $watch): Proposal
    {
        $outcome = $this->search($watch);
        if ($outcome->best !== null || ! $outcome->isProven) {
            return $this->proposal($outcome);
        }
        $without = new self($this->quickest->withoutWishes(), $this->typed);

        return $without->proposal($without->search($watch));
    }

    /** What an outcome means for the design, also one of a search that still runs. */
    public function proposal(Outcome $outcome): Proposal
    {
        [$design, $constraints, $problem] = [$this->quickest->design, $this->quickest->constraints, $this->quickest->problem];
        $lawful = Schedule::earliest($problem, array_keys($design->steps));
        $typedLawful = $lawful === null ? null : Duration::ofMilliseconds($lawful->makespan);
        if ($outcome->best !== null) {
            return new Proposal($outcome, $this->quickest->inOrder($outcome->best), $this->typed, $typedLawful, Moves::between($design, $constraints, $problem, $outcome->best));
        }
        $clash = $outcome->isProven ? Clash::among($design, $constraints, $problem->changeovers) : [];
        $constraints = array_values(array_filter($clash, static fn (Constraint|array $one): bool => $one instanceof Constraint));
        $groups = array_values(array_filter($clash, is_array(...)));

        return new Proposal($outcome, null, $this->typed, $typedLawful, [], $constraints, array_map($this->together(...), $groups));
    }

    private function search(Watch $watch): Outcome
    {
        return $this->quickest->search($watch, array_keys($this->quickest->design->steps));
    }

    /** @param  list<int>  $group */
    private function together(array $group): string
    {
        return 'You pinned '.implode(' and ', array_map(fn (int $at): string => "“{$this->quickest->design->name($at)}”", $group)).' together.';
    }
}
