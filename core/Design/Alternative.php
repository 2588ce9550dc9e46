<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Exceptions\InvalidStep;
use Core\Units\Duration;

/** Another way to paint the same step: freehand instead of a stencil, self-stick instead of glue. */
final readonly class Alternative
{
    /**
     * @param  Duration|null  $time  null where work content says how long
     *
     * @throws InvalidStep when that medium cannot be used that way
     */
    public function __construct(
        public Medium $medium,
        public Technique $technique,
        public string $tool,
        public ?Duration $time,
    ) {
        $technique->suits($medium) || throw InvalidStep::technique($technique, $medium);
    }

    public function withTool(string $tool): self
    {
        return new self($this->medium, $this->technique, $tool, $this->time);
    }
}
