<?php

declare(strict_types=1);

namespace Core\Units;

use InvalidArgumentException;

final class UnknownCurrency extends InvalidArgumentException implements CoreException
{
    public static function of(string $code): self
    {
        return new self("Nobody is paid in “{$code}” today. Choose a currency by its three letters, such as EUR.");
    }
}
