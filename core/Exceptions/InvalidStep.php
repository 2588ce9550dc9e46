<?php

declare(strict_types=1);

namespace Core\Exceptions;

use Core\Design\Defaults;
use DomainException;

final class InvalidStep extends DomainException implements CoreException
{
    public static function withoutName(): self
    {
        return new self('The step has no name. Say what is painted, such as “grey base”.');
    }

    public static function withoutTime(string $step): self
    {
        return new self("“{$step}” takes no time. Give it at least a second.");
    }

    public static function tooLong(string $step): self
    {
        $longest = Defaults::longestStep()->format();

        return new self("“{$step}” is longer than {$longest}. Split it into shorter steps, or mend the time.");
    }

    public static function dryingTooLong(string $step): self
    {
        $longest = Defaults::longestStep()->format();

        return new self("“{$step}” waits longer than {$longest} for dry paint. Mend the drying time.");
    }

    public static function withoutZone(string $step): self
    {
        return new self("“{$step}” has no place. Choose at least one zone of the face or body.");
    }

    public static function coats(string $step, int $coats): self
    {
        $most = Defaults::MOST_COATS;

        return new self("“{$step}” has {$coats} coats. Choose 1 to {$most}.");
    }

    public static function sideOfCentre(string $step, string $zone, string $side): self
    {
        return new self("“{$step}” lies on the {$zone}, which has no {$side} side. Choose “centre”.");
    }

    public static function colour(string $text): self
    {
        return new self("“{$text}” is not a colour. Pick one, or type six hex digits such as #1f6f8b.");
    }
}
