<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\CoreException;
use DomainException;

/** An event plan's file that cannot be read: the message names the path inside the file and the reason. */
final class InvalidPlanFile extends DomainException implements CoreException
{
    public static function at(string $path, string $reason): self
    {
        return new self("{$path}: {$reason}");
    }
}
