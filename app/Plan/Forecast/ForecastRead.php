<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use Core\Plan\Outlook;
use Core\Plan\Simulation\LeverKind;
use Core\Units\Duration;
use Core\Units\Instant;

/** What may come of an event as it is planned, or with one more lever pulled. */
final readonly class ForecastRead
{
    /** @param  LeverKind|null  $lever  that was pulled, and was not in the plan */
    public function __construct(
        public EventOutline $outline,
        public Outlook $outlook,
        public bool $isDone = true,
        public ?LeverKind $lever = null,
    ) {}

    public function at(?Duration $sinceOpening): ?Instant
    {
        return $sinceOpening === null ? null : $this->opens()->plus($sinceOpening);
    }

    public function opens(): Instant
    {
        return Instant::ofEpochMilliseconds(
            $this->outline->opens->epochMilliseconds - ($this->lever?->opensEarlier() ?? Duration::zero())->milliseconds,
        );
    }
}
