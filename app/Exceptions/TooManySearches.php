<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class TooManySearches extends RuntimeException
{
    public static function now(): self
    {
        return new self('Other best orders are being looked for right now. Try again in a few seconds.');
    }
}
