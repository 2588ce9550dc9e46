<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class InvalidAccountFile extends RuntimeException
{
    public static function because(string $why): self
    {
        return new self("{$why} Nothing was brought in.");
    }
}
