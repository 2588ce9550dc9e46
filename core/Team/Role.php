<?php

declare(strict_types=1);

namespace Core\Team;

/** What somebody does in a team. */
enum Role: string
{
    /** Paints, and answers for the team. */
    case Owner = 'owner';

    /** Paints. */
    case Artist = 'artist';

    /** Takes names, calls and moves children; sees no prices, and has no business with designs, kit or logbook. */
    case Helper = 'helper';

    /** As somebody is called who has it. */
    public function inWords(): string
    {
        return match ($this) {
            self::Owner => 'owner',
            self::Artist => 'artist',
            self::Helper => 'helper',
        };
    }

    public function paints(): bool
    {
        return $this !== self::Helper;
    }
}
