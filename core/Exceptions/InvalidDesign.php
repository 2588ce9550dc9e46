<?php

declare(strict_types=1);

namespace Core\Exceptions;

use Core\Design\Defaults;
use DomainException;

final class InvalidDesign extends DomainException implements CoreException
{
    public static function withoutName(): self
    {
        return new self('The design has no name. Give it one that a child would ask for.');
    }

    public static function tooManySteps(string $design, int $steps): self
    {
        $most = Defaults::MOST_STEPS;

        return new self("“{$design}” has {$steps} steps. A design holds {$most} at most: split it in two.");
    }

    public static function repeatedStep(string $design, string $id): self
    {
        return new self("“{$design}” names step {$id} twice. Give each step an id of its own.");
    }
}
