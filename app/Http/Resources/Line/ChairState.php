<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;

/** A chair, whoever sits in it and whoever paints there, and the taps that one press of undo takes back. */
final readonly class ChairState extends Resource
{
    /**
     * @param  string|null  $painterId  null where nobody is known to paint there
     * @param  int|null  $awayUntil  on a break, and meant to be back by then
     * @param  list<string>  $undoable ids of the last tap's events, newest first
     */
    public function __construct(
        public int $chair,
        public ?string $painterId,
        public ?int $awayUntil,
        public ?SeatedChild $child,
        public array $undoable,
    ) {}
}
