<?php

declare(strict_types=1);

namespace App\StandIns\Weather;

use Core\Surface\Weather;
use DateTimeImmutable;

/** Says what air is to be expected at a place. A real service could stand behind it. */
interface WeatherFeed
{
    /**
     * @param  DateTimeImmutable  $at  in the zone of the place
     * @return Weather|null null where nothing is known of that place and hour
     */
    public function expected(string $place, DateTimeImmutable $at): ?Weather;
}
