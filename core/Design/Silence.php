<?php

declare(strict_types=1);

namespace Core\Design;

/** A rule that is not asked for a design, and why. */
final readonly class Silence
{
    /**
     * @param  string  $rule  id
     *
     * @throws InvalidPin when no reason is given
     */
    public function __construct(public string $rule, public string $reason)
    {
        trim($reason) !== '' || throw InvalidPin::silenceWithoutReason();
    }
}
