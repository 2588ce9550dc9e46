<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** A file that is kept as no photo: the message says why, and what to do. */
final class UnusablePhoto extends RuntimeException
{
    public static function becauseNoPhoto(): self
    {
        return new self('That is no photo this can read. Choose a JPEG, PNG or WebP picture.');
    }

    public static function becauseBroken(): self
    {
        return new self('That photo is broken: it cannot be read to its end. Take it again, or choose another.');
    }

    public static function becauseOfSize(int $width, int $height): self
    {
        return new self("That photo is {$width} by {$height} dots, more than this takes. Choose a smaller copy of it.");
    }
}
