<?php

declare(strict_types=1);

namespace Core\Design;

/** What a step's time rests on. */
enum TimeSource: string
{
    case Logged = 'logged';
    case Typed = 'typed';
    case Work = 'work';
}
