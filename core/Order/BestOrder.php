<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Order\Search\Outcome;
use Core\Order\Search\Watch;
use Core\Timeline\Timeline;
use Core\Units\Duration;

/** Puts a design's steps in the order of least elapsed time that keeps what the painter said and whatever the typed order keeps. */
final readonly class BestOrder
{
    private function __construct(private Quickest $quickest, private Duration $typed) {}

    /** Waits that were typed as steps become least waits between what stood before and after them. */
    public static function of(Design $design, Circumstances $circumstances): self
    {
        $typed = Timeline::of($design->steps, $circumstances->changeovers, $circumstances->times)->makespan();

        return new self(Quickest::of(new DesignFacts(TypedWait::leftOut($design), $circumstances, null, TypedWait::in($design))), $typed);
    }

    public function run(Watch $watch): Proposal
    {
        return $this->proposal($this->quickest->search($watch));
    }

    /** What an outcome means for the design, also one of a search that still runs. */
    public function proposal(Outcome $outcome): Proposal
    {
        $quickest = $this->quickest;
        $constraints = array_values(array_filter($quickest->clash, static fn (Constraint|array $one): bool => $one instanceof Constraint));
        $groups = array_map($this->together(...), array_values(array_filter($quickest->clash, is_array(...))));
        $typedLawful = $quickest->typed === null ? null : Duration::ofMilliseconds($quickest->typed->makespan);
        $best = $outcome->best === null || $quickest->clash !== [] ? null : $outcome->best;

        return new Proposal(
            outcome: $outcome,
            best: $best === null ? null : $quickest->inOrder($best),
            typed: $this->typed,
            typedLawful: $typedLawful,
            moves: $best === null ? [] : Moves::between($quickest->design, $quickest->constraints, $quickest->problem, $best),
            clash: $constraints,
            clashingGroups: $groups,
            lawful: $quickest->typed === null ? null : $quickest->inOrder($quickest->typed),
        );
    }

    /** @param  list<int>  $group */
    private function together(array $group): string
    {
        return 'You pinned '.implode(
            ' and ',
            array_map(fn (int $at): string => "“{$this->quickest->design->name($at)}”", $group),
        ).' together.';
    }
}
