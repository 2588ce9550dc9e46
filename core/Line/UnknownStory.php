<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\CoreException;
use DomainException;

/** A kept story of a form that this program does not read: the day is folded from its events instead. */
final class UnknownStory extends DomainException implements CoreException
{
    public static function version(int $version): self
    {
        return new self("A story of version {$version} cannot be read here.");
    }
}
