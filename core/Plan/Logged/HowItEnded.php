<?php

declare(strict_types=1);

namespace Core\Plan\Logged;

/** What became of a child who had a number. */
enum HowItEnded
{
    case Seated;
    case GaveUp;
    case NotThere;

    /** Taken off the line, or still on it when the day was over: that says nothing. */
    case Untold;
}
