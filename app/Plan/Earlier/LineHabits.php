<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

/** How the children of a line behave. */
final readonly class LineHabits
{
    /**
     * @param  int  $notThere  thousandths of them who are not there when they are called
     * @param  float  $contagion  by what part of the menu's weight each choice adds to its own
     */
    public function __construct(public int $notThere, public float $contagion) {}
}
