<?php

declare(strict_types=1);

namespace Core\Order\Schools;

use Core\Units\CoreException;
use DomainException;

final class InvalidTradeNumber extends DomainException implements CoreException
{
    public static function outOfBounds(string $label, float $least, float $most): self
    {
        return new self("Give a number from {$least} to {$most} for “{$label}”.");
    }
}
