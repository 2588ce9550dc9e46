<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\CoreException;
use DomainException;

/** A line event that makes no sense on its own, whatever the state of the line. */
final class InvalidEvent extends DomainException implements CoreException
{
    public static function missing(string $event, string $field): self
    {
        return new self("The tap “{$event}” does not say its {$field}.");
    }
}
