<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class InvalidLogFile extends RuntimeException
{
    public static function encoding(): self
    {
        return new self('not UTF-8. Save it as UTF-8 and try again.');
    }

    /** @param  array<string>  $missing */
    public static function columns(array $missing): self
    {
        return new self('line 1: the columns '.implode(', ', $missing).' are missing. The first line names the columns.');
    }

    public static function at(int $line, string $reason): self
    {
        return new self("line {$line}: {$reason}");
    }
}
