<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\CoreException;
use DomainException;

/** An event that the line, as it stood at the event's own time, had no use for. It is kept, and changes nothing. */
final class TapSetAside extends DomainException implements CoreException
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }
}
