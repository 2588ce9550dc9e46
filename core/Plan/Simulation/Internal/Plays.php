<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

/** Plays one day after another, and counts. */
interface Plays
{
    public function play(int $run): void;
}
