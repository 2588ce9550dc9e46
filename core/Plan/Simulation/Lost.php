<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

/** A child of a day that was played who was not painted. */
final readonly class Lost
{
    /** @param  string  $how  balked at the line, left it, or unpainted when nobody was there any more */
    public function __construct(public int $child, public int $arrived, public string $how) {}
}
