<?php

declare(strict_types=1);

namespace Core\Line;

enum TicketStatus: string
{
    case Waiting = 'waiting';
    case Called = 'called';
    case Seated = 'seated';
    case Finished = 'finished';
    case Left = 'left';
    case NoShow = 'no_show';
    case Removed = 'removed';

    public function isInLine(): bool
    {
        return $this === self::Waiting || $this === self::Called;
    }

    /** How the state reads in a sentence about one child. */
    public function phrase(): string
    {
        return match ($this) {
            self::Waiting => 'is still waiting',
            self::Called => 'was called and is not in the chair yet',
            self::Seated => 'is in the chair',
            self::Finished => 'is finished',
            self::Left => 'has left',
            self::NoShow => 'did not come when called',
            self::Removed => 'was taken off the line',
        };
    }
}
