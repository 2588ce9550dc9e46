<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Models\Plan\EventDay;
use App\Plan\Forecast\TermsOfDay;
use Core\Surface\WorkingAir;

/** The air to be expected at the chairs of a day, hour by hour, for a painter who goes by it there. */
final readonly class AirOfDay
{
    public function __construct(private TermsOfDay $termsOfDay, private WeatherOfDay $weatherOfDay) {}

    /** @return array<int, WorkingAir> by milliseconds since 1970; empty where nothing is known */
    public function __invoke(EventDay $day): array
    {
        return ($this->weatherOfDay)($day, ($this->termsOfDay)($day));
    }
}
