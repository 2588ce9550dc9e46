<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Medium;
use Core\Design\Place\FigurePart;
use Core\Design\Place\Shape;
use Core\Design\Place\Zone;
use Core\Design\Technique;

/** A thing that painters paint: how it is usually painted, as which shape and where. */
final readonly class Thing
{
    /** @param  list<Zone>  $zones  where on a face it goes; empty where it goes anywhere */
    public function __construct(
        public Technique $technique,
        public ?Shape $shape = null,
        public array $zones = [],
        public ?Medium $medium = null,
        public ?FigurePart $part = null,
    ) {}

    /** Whether it lies on a face where it always does, not wherever the design is. */
    public function hasPlace(): bool
    {
        return $this->zones !== [];
    }
}
