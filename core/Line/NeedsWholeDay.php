<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\CoreException;
use DomainException;

/** A line that forgot its past cannot take an event that reaches back into it: fold the day from its beginning. */
final class NeedsWholeDay extends DomainException implements CoreException
{
    public static function for(string $event): self
    {
        return new self("Event {$event} reaches back into what this line has forgotten.");
    }
}
