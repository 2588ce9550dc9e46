<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Somebody saved the same thing from another screen in the meantime. */
final class ChangedElsewhere extends RuntimeException
{
    public static function design(string $name): self
    {
        return new self("“{$name}” was changed on another screen meanwhile. Load it again to see that, then make your change.");
    }
}
