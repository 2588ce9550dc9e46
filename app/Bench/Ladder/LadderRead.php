<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

/** The versions of a design that are worth painting. */
final readonly class LadderRead
{
    /**
     * @param  list<RungRead>  $rungs
     * @param  bool  $isProven  whether these are all there are
     * @param  int  $choices  ways to make it quicker
     * @param  string|null  $trouble  why there are no rungs
     */
    public function __construct(public array $rungs, public bool $isProven, public int $choices, public ?string $trouble) {}
}
