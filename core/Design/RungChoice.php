<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\Duration;

/** Which version of a design a painter means by a name: the best one within some minutes, or one with certain things left out. */
final readonly class RungChoice
{
    /**
     * @param  Duration|null  $within  null where what is left out says it
     * @param  list<string>  $leftOut  ids of steps
     * @param  array<int|string, int>  $otherWays  by id of the step, which of its alternatives, the first being 0
     */
    public function __construct(
        public RungName $name,
        public ?Duration $within,
        public array $leftOut = [],
        public array $otherWays = [],
    ) {}

    /** @param  list<string>  $steps  ids of the steps there are */
    public function among(array $steps): self
    {
        return new self(
            $this->name,
            $this->within,
            array_values(array_intersect($this->leftOut, $steps)),
            array_intersect_key($this->otherWays, array_flip($steps)),
        );
    }

    /** @param  array<string, string>  $new  ids by the old ones */
    public function renamed(array $new): self
    {
        $ways = [];
        foreach ($this->otherWays as $id => $way) {
            $ways[$new[(string) $id]] = $way;
        }

        return new self($this->name, $this->within, array_map(static fn (string $id): string => $new[$id], $this->leftOut), $ways);
    }
}
