<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Units\Duration;

/** How long a step takes, and what that rests on. */
final readonly class StepTime
{
    /**
     * @param  Duration  $duration  half of the time it is done by then
     * @param  int  $faces  logged ones that it rests on; 0 when it is typed or estimated
     * @param  Duration|null  $eightOfTen  eight times of ten it is done by then; null when nothing is logged
     * @param  int  $practised  repetitions on the board that it rests on
     */
    public function __construct(
        public Duration $duration,
        public TimeSource $source,
        public int $faces = 0,
        public ?Duration $eightOfTen = null,
        public int $practised = 0,
    ) {}

    public function lasting(Duration $duration): self
    {
        return new self(
            duration: $duration,
            source: $this->source,
            faces: $this->faces,
            eightOfTen: $this->eightOfTen,
            practised: $this->practised,
        );
    }
}
