<?php

declare(strict_types=1);

namespace Core\Kit;

use Core\Units\CoreException;
use DomainException;

final class InvalidItem extends DomainException implements CoreException
{
    public static function withoutName(): self
    {
        return new self('The thing has no name. Call it as you do at work, such as “black round 2”.');
    }

    public static function pieces(string $name, int $howMany): self
    {
        $most = Defaults::MOST_PIECES;

        return new self("“{$name}” is there {$howMany} times. Say 0 to {$most} pieces.");
    }

    public static function withoutColour(string $name): self
    {
        return new self("“{$name}” is a paint without a colour. Pick one.");
    }
}
