<?php

declare(strict_types=1);

namespace App\Exceptions;

use InvalidArgumentException;

/** An option of a command that makes no sense; the message says what to give. */
final class WrongOption extends InvalidArgumentException
{
    public static function of(string $option, string $give): self
    {
        return new self("{$option}: {$give}");
    }
}
