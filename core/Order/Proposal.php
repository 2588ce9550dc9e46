<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Order\Search\Outcome;
use Core\Units\Duration;

/** The best order found for a design, or why there is none. */
final readonly class Proposal
{
    /**
     * @param  Design|null  $best  with its waits written into the steps; null when no order keeps all rules and pins
     * @param  Duration|null  $typedLawful  the typed order with all the waits it needs; null when it does not keep the painter's pins
     * @param  Design|null  $lawful  the same as a design, with those waits written into the steps
     * @param  list<Move>  $moves
     * @param  list<Constraint>  $clash  two or three that cannot all be kept; empty when an order was found or the search was cut short
     * @param  list<string>  $clashingGroups  pins "together" that take part in the clash, in words
     */
    public function __construct(
        public Outcome $outcome,
        public ?Design $best,
        public Duration $typed,
        public ?Duration $typedLawful,
        public array $moves,
        public array $clash = [],
        public array $clashingGroups = [],
        public ?Design $lawful = null,
    ) {}

    public function makespan(): ?Duration
    {
        return $this->best === null || $this->outcome->best === null ? null : Duration::ofMilliseconds($this->outcome->best->makespan);
    }

    /** Against the typed order with the waits it needs; against it as it stands where no wait mends it. Never negative. */
    public function saved(): Duration
    {
        $best = $this->makespan();

        return $best === null ? Duration::zero() : ($this->typedLawful ?? $this->typed)->minus($best);
    }
}
