<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\Duration;

/** How long a step takes, and what that rests on. */
final readonly class StepTime
{
    /** @param  int  $faces  logged ones that it rests on; 0 when it is typed or estimated */
    public function __construct(public Duration $duration, public TimeSource $source, public int $faces = 0) {}
}
