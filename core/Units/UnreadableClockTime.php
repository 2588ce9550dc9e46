<?php

declare(strict_types=1);

namespace Core\Units;

use InvalidArgumentException;

final class UnreadableClockTime extends InvalidArgumentException implements CoreException
{
    public static function text(string $text): self
    {
        return new self("“{$text}” is not a time of day. Type it such as 11:00, 9.30 or 4 pm.");
    }
}
