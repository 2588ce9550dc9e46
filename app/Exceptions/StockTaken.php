<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class StockTaken extends RuntimeException
{
    public static function of(string $name): self
    {
        return new self("What “{$name}” used up is off the stock already. Put it back first to count it anew.");
    }
}
