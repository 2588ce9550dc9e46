<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;

/** A chair, whoever sits in it, and the taps that one press of undo takes back. */
final readonly class ChairState extends Resource
{
    /** @param  list<string>  $undoable ids of the last tap's events, newest first */
    public function __construct(
        public int $chair,
        public ?SeatedChild $child,
        public array $undoable,
    ) {}
}
