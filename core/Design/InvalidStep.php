<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\CoreException;
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

    public static function otherWay(string $step, self $refusal): self
    {
        return new self("Another way to paint “{$step}” cannot be: {$refusal->getMessage()}", previous: $refusal);
    }

    public static function sideOfCentre(string $step, string $zone, string $side): self
    {
        return new self("“{$step}” lies on the {$zone}, which has no {$side} side. Choose “centre”.");
    }

    public static function colour(string $text): self
    {
        return new self("“{$text}” is not a colour. Pick one, or type six hex digits such as #1f6f8b.");
    }

    public static function technique(Technique $technique, Medium $medium): self
    {
        return new self("“{$technique->label()}” is not done with {$medium->label()}. Choose another technique or another medium.");
    }

    public static function uncounted(string $step, Technique $technique): self
    {
        return new self("“{$step}” counts its strokes, but “{$technique->label()}” has none to count. Leave the count out.");
    }

    public static function count(string $step, int $count): self
    {
        $most = Defaults::MOST_COUNT;

        return new self("“{$step}” counts {$count} strokes a side. Choose 1 to {$most}.");
    }

    public static function look(string $step, int $look): self
    {
        $most = Defaults::MOST_LOOK;

        return new self("“{$step}” has a look value of {$look}. Choose 0, hardly seen, to {$most}, the heart of it.");
    }

    public static function clock(int $hour): self
    {
        return new self("There is no {$hour} o'clock. Choose 1 to 12.");
    }

    public static function angle(int $degrees): self
    {
        return new self("{$degrees} degrees is more than a half turn. Choose -180 to 180.");
    }

    public static function guide(string $text): self
    {
        return new self("“{$text}” is no place to go by. Choose a half, a third or a point of the face.");
    }

    public static function size(int $percent): self
    {
        [$least, $most] = [Defaults::LEAST_SIZE_PERCENT, Defaults::MOST_SIZE_PERCENT];

        return new self("A size of {$percent}% cannot be painted. Choose {$least}% to {$most}%.");
    }
}
