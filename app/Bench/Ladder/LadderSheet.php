<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Http\Resources\Resource;

/** All versions of a design that no other beats in both time and look, the quickest first. */
final readonly class LadderSheet extends Resource
{
    /**
     * @param  list<RungShown>  $rungs
     * @param  bool  $isProven  whether these are all there are
     * @param  int  $choices  ways to make it quicker
     * @param  string|null  $trouble  why there are no rungs
     */
    public function __construct(public array $rungs, public bool $isProven, public int $choices, public ?string $trouble) {}
}
