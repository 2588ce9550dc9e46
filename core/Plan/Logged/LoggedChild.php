<?php

declare(strict_types=1);

namespace Core\Plan\Logged;

use Core\Units\Duration;

/** A child of a line that was logged. */
final readonly class LoggedChild
{
    /**
     * @param  float  $came  when it got its number: the share of the open time that had gone, 0 to 1
     * @param  string|null  $party  the same for those who came together
     * @param  Duration  $waited  from the number to the chair, or until it gave up
     */
    public function __construct(
        public float $came,
        public ?string $party,
        public string $design,
        public Duration $waited,
        public HowItEnded $ended,
    ) {}
}
