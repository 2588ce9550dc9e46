<?php

declare(strict_types=1);

namespace Core\Units;

use InvalidArgumentException;

final class UnreadableDuration extends InvalidArgumentException implements CoreException
{
    public static function text(string $text): self
    {
        return new self("“{$text}” is not a time. Type minutes such as 4, 4:30, 4m30 or 270s.");
    }

    public static function negative(): self
    {
        return new self('A time cannot be less than nothing.');
    }
}
