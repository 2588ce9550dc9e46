<?php

declare(strict_types=1);

namespace Core\Timeline;

/** What a step's time rests on. */
enum TimeSource: string
{
    case Logged = 'logged';

    /** Logged by others of the team. */
    case Team = 'team';
    case Typed = 'typed';
    case Work = 'work';
}
