<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\CoreException;
use DomainException;

final class InvalidPin extends DomainException implements CoreException
{
    public static function steps(PinKind $kind): self
    {
        return new self(match ($kind) {
            PinKind::Before, PinKind::WhileWet => 'This pin needs two steps: the earlier and the later one.',
            PinKind::Needs => 'This pin needs two steps: the one that needs the other, and that other.',
            PinKind::Together => 'Keeping together needs two steps at least.',
            PinKind::First => 'Only one step can be first.',
            PinKind::Last => 'Only one step can be last.',
        });
    }

    public static function twice(): self
    {
        return new self('A pin names the same step twice. Name each step once.');
    }

    public static function silenceWithoutReason(): self
    {
        return new self('Say why the rule does not hold here, in a few words.');
    }

    public static function unreadable(string $text): self
    {
        return new self(
            "“{$text}” is not understood. Write “foam before outline”, “keep whiskers and dots together”, “base first”, “gems "
                .'last”, “dots while flower is wet” or “dots need flower”, with the names of steps.',
        );
    }

    public static function unknownStep(string $name): self
    {
        return new self("No step is called “{$name}”. Use a step’s name or its number.");
    }

    public static function ambiguousStep(string $name): self
    {
        return new self("More than one step could be “{$name}”. Use its number.");
    }
}
