<?php

declare(strict_types=1);

namespace Core\Exceptions;

use DomainException;

/** A typed step that leaves something open; the message is the first thing to ask. */
final class UnclearStep extends DomainException implements CoreException
{
    public static function because(string $question): self
    {
        return new self($question);
    }

    public static function inLine(int $number, string $question): self
    {
        return new self("Line {$number}: {$question}");
    }
}
