<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class TooManySearches extends RuntimeException
{
    public static function now(): self
    {
        return new self('As much is being looked for right now as this machine can. Try again in a few seconds.');
    }
}
