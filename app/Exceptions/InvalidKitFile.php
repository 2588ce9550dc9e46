<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** A kit file that cannot be read; the message says where and why. */
final class InvalidKitFile extends RuntimeException
{
    public static function because(string $reason): self
    {
        return new self("{$reason}.");
    }

    /** @param  int  $at  place in the list, the first being 0 */
    public static function at(int $at, string $reason): self
    {
        return new self("/{$at}: ".rtrim($reason, '.').'.');
    }
}
