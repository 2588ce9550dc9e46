<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Units\CoreException;
use DomainException;

final class TooManyChoices extends DomainException implements CoreException
{
    public static function in(string $design, int $choices, int $most): self
    {
        return new self(
            "“{$design}” can be made quicker in {$choices} ways; the ladder weighs {$most} at most. Mark fewer steps optional, "
                .'or take other ways out.',
        );
    }
}
