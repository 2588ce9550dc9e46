<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Plan\Simulation\FaceTime;

/** A design that may stand on a menu, at one of its rungs. */
final readonly class Candidate
{
    /**
     * @param  float  $weight  how often it is asked for, against the others
     * @param  non-empty-list<FaceTime>  $times  by rung
     * @param  list<float>  $looks  likewise: share of the whole look
     * @param  int  $price  of a face, in the smallest unit of the currency
     * @param  bool  $isWished  the painter wants it on the menu
     * @param  int|null  $wishedRung  at that rung
     */
    public function __construct(
        public string $id,
        public float $weight,
        public array $times,
        public array $looks,
        public int $price = 0,
        public bool $isWished = false,
        public ?int $wishedRung = null,
    ) {}

    /** @return list<int> rungs at which it may be taken */
    public function rungs(): array
    {
        return $this->wishedRung === null ? array_keys($this->times) : [$this->wishedRung];
    }

    public function unwished(): self
    {
        return new self(id: $this->id, weight: $this->weight, times: $this->times, looks: $this->looks, price: $this->price);
    }
}
