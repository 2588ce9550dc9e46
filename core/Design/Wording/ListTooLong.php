<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Units\CoreException;
use DomainException;

/** More lines than are read in one go. */
final class ListTooLong extends DomainException implements CoreException
{
    public static function lines(int $count, int $most): self
    {
        return new self("That list has {$count} lines. Up to {$most} are read at once: paste it in parts.");
    }
}
