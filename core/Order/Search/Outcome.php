<?php

declare(strict_types=1);

namespace Core\Order\Search;

/** What a search has found so far, or in the end. */
final readonly class Outcome
{
    /**
     * @param  Schedule|null  $best  null when no order was found that keeps all lags
     * @param  int  $bound  milliseconds: no order ends sooner
     * @param  bool  $isProven  whether the best is the best there is, or that there is none
     * @param  int  $labels  partial orders looked at
     */
    public function __construct(public ?Schedule $best, public int $bound, public bool $isProven, public int $labels) {}

    /** The same, after so many more partial orders that brought nothing yet. */
    public function after(int $labels): self
    {
        return new self($this->best, $this->bound, $this->isProven, $this->labels + $labels);
    }

    /** How much shorter a better order could be at most, as a share of the best one: the optimality gap. All of it where none was found. */
    public function gap(): float
    {
        if ($this->best === null) {
            return $this->isProven ? 0.0 : 1.0;
        }

        return $this->isProven || $this->best->makespan === 0 ? 0.0 : 1 - $this->bound / $this->best->makespan;
    }
}
