<?php

declare(strict_types=1);

namespace Core\Line;

/** Why the clocks of a face stand. */
enum PauseReason: string
{
    case Child = 'child';
    case Parent = 'parent';
    case Paint = 'paint';
    case Dry = 'dry';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Child => 'the child needs a moment',
            self::Parent => 'a word with the parent',
            self::Paint => 'something is missing from the table',
            self::Dry => 'it will not dry',
            self::Other => 'something else',
        };
    }
}
