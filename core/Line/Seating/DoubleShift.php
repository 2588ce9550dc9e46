<?php

declare(strict_types=1);

namespace Core\Line\Seating;

use Core\Units\CoreException;
use DomainException;

/** A painter who would sit at two chairs at once. */
final class DoubleShift extends DomainException implements CoreException
{
    private function __construct(public readonly string $painter, string $message)
    {
        parent::__construct($message);
    }

    /** To be said after the painter's name. */
    public static function of(string $painter, int $chair, int $other): self
    {
        return new self(
            $painter,
            "would sit at chairs {$chair} and {$other} at the same time. Say who takes over at one of them, or nobody.",
        );
    }
}
