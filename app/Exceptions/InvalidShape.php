<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** A file that is not of its published shape: the message names the path inside the file and the reason. */
final class InvalidShape extends RuntimeException
{
    public static function notJson(string $reason): self
    {
        return new self("not JSON ({$reason}). Export it again, or mend the file in a text editor.");
    }

    public static function at(string $path, string $reason): self
    {
        return new self("{$path}: {$reason}");
    }
}
