<?php

declare(strict_types=1);

namespace Core\Pace;

use Core\Units\Duration;

/** One line of a log: a step, or a whole face, that somebody painted. */
final readonly class LogLine
{
    /**
     * @param  string  $version  of the design: core, quick, party, or empty for as typed
     * @param  string  $step  empty for the whole face
     */
    public function __construct(
        public string $painter,
        public string $design,
        public string $version,
        public string $step,
        public Duration $planned,
        public Duration $spent,
        public bool $isPractice = false,
        public bool $isInterrupted = false,
    ) {}

    /** The same for lines about the same thing, whoever painted it. */
    public function thing(): string
    {
        return "{$this->design}\x1F{$this->version}\x1F{$this->step}";
    }
}
