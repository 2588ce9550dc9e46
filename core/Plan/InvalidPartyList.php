<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\CoreException;
use DomainException;

/** A list of children that cannot be read. */
final class InvalidPartyList extends DomainException implements CoreException
{
    public static function none(): self
    {
        return new self(
            'Nobody stands on the list. Type one child a line, such as “Mila 7 birthday”; brothers and sisters on one line, with a +.',
        );
    }

    public static function tooMany(int $most): self
    {
        return new self("More than {$most} children are no party list. Take some off.");
    }
}
