<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** What is asked for does not go together with what stands here by now; the message says what to do. */
final class Conflict extends RuntimeException
{
    public static function changedElsewhere(string $design): self
    {
        return new self("“{$design}” was changed on another screen meanwhile. Load it again to see that, then make your change.");
    }

    public static function dayInUse(string $day): self
    {
        return new self("The line of “{$day}” has been used, so it stays in the logbook. A day that did not take place can be renamed.");
    }

    public static function stockTaken(string $day): self
    {
        return new self("What “{$day}” used up is off the stock already. Put it back first to count it anew.");
    }

    /** @param  non-empty-list<string>  $designs */
    public static function thingInUse(string $thing, array $designs): self
    {
        $count = count($designs);
        $named = implode(', ', array_slice($designs, 0, 4)).($count > 4 ? ' and '.($count - 4).' more' : '');

        return new self("“{$thing}” is used by {$named}. Choose what takes its place, or take it out all the same.");
    }
}
