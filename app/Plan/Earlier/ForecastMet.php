<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use Core\Plan\MetForecast;
use Core\Units\Duration;
use Core\Units\Instant;

/** How a day's forecast met the day. */
final readonly class ForecastMet
{
    public function __construct(
        public string $name,
        public Instant $opens,
        public string $timezone,
        public MetForecast $met,
        public Duration $waitForeseen,
        public Duration $waited,
    ) {}
}
