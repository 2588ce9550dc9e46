<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class DayInUse extends RuntimeException
{
    public static function of(string $name): self
    {
        return new self("The line of “{$name}” has been used, so it stays in the logbook. A day that did not take place can be renamed.");
    }
}
