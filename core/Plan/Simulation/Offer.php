<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

/** A design on the menu, as children ask for it. */
final readonly class Offer
{
    /**
     * @param  float  $weight  how often it is asked for at first, against the others
     * @param  int  $price  of a face in the smallest unit of the currency; 0 where nobody pays by the face
     * @param  list<float>  $looks  share of the whole look by version: the usual one, and the quick one if there is one
     */
    public function __construct(public string $id, public float $weight = 1.0, public int $price = 0, public array $looks = [1.0]) {}
}
