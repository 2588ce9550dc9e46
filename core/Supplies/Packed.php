<?php

declare(strict_types=1);

namespace Core\Supplies;

use Core\Design\Colour;

/** Something to pack. */
final readonly class Packed
{
    /**
     * @param  string  $kind  paint, sponge, brush, glitter, gem, glue, wipe, water or tool
     * @param  float  $amount  that the event needs, the margin in it
     * @param  float|null  $have  in the kit; null where nobody counted or weighed it
     * @param  bool  $isInKit  whether the kit has such a thing at all
     */
    public function __construct(
        public string $kind,
        public string $name,
        public float $amount,
        public Unit $unit,
        public ?float $have,
        public bool $isInKit,
        public ?Colour $colour = null,
    ) {}

    /** How much there is too little; 0 where there is enough, or nobody knows. */
    public function short(): float
    {
        return match (true) {
            ! $this->isInKit => $this->amount,
            $this->have === null => 0.0,
            default => max(0.0, $this->amount - $this->have),
        };
    }
}
