<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Place\Placement;
use Core\Design\Place\Zone;
use Core\Units\CoreException;
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

    public static function zone(Step $step, Zone $zone, Placement $placement): self
    {
        return new self("“{$step->name}” lies on the {$zone->label()}, which a design for the {$placement->label()} does not have. "
            .'Choose another zone, or another place for the design.');
    }

    public static function tags(): self
    {
        [$most, $letters] = [Defaults::MOST_TAGS, Defaults::LONGEST_TAG];

        return new self("A design bears {$most} tags at most, each of {$letters} letters or fewer. Leave some out.");
    }

    public static function pin(): self
    {
        return new self('A pin names a step that the design has not. Take the pin out.');
    }
}
