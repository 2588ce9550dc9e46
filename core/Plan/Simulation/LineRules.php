<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Units\Duration;

/** How the line is kept. */
final readonly class LineRules
{
    /**
     * @param  Duration|null  $stopNamesAt  since the opening; null to take names until closing
     * @param  Duration|null  $patience  half of the children have left after waiting so long; null where they stay
     * @param  int|null  $longest  no child joins a line of so many waiting for each chair; null where they do
     * @param  int|null  $quickAbove  the quick version is painted while more than so many wait; null for never
     * @param  bool  $isLineEach  each chair has a line of its own, and children join the shortest
     * @param  bool  $paintsOut  the line that stands at closing is painted; else no face is begun after it
     * @param  float  $contagion  by what part of the menu's weight each choice makes the same choice likelier
     */
    public function __construct(
        public ?Duration $stopNamesAt = null,
        public ?Duration $patience = null,
        public ?int $longest = null,
        public ?int $quickAbove = null,
        public bool $isLineEach = false,
        public bool $paintsOut = true,
        public float $contagion = 0.0,
    ) {}

    public function stoppingNamesAt(?Duration $at): self
    {
        return new self(
            stopNamesAt: $at, patience: $this->patience, longest: $this->longest, quickAbove: $this->quickAbove,
            isLineEach: $this->isLineEach, paintsOut: $this->paintsOut, contagion: $this->contagion,
        );
    }

    public function quickAbove(?int $waiting): self
    {
        return new self(
            stopNamesAt: $this->stopNamesAt, patience: $this->patience, longest: $this->longest, quickAbove: $waiting,
            isLineEach: $this->isLineEach, paintsOut: $this->paintsOut, contagion: $this->contagion,
        );
    }

    public function withLineEach(bool $isLineEach): self
    {
        return new self(
            stopNamesAt: $this->stopNamesAt, patience: $this->patience, longest: $this->longest, quickAbove: $this->quickAbove,
            isLineEach: $isLineEach, paintsOut: $this->paintsOut, contagion: $this->contagion,
        );
    }
}
