<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Models\Plan\EventDay;
use App\Plan\Forecast\PlanTerms;
use App\Plan\Forecast\TermsOfDay;
use App\StandIns\Weather\WeatherFeed;
use Core\Surface\Weather;
use Core\Surface\WorkingAir;
use DateTimeImmutable;
use DateTimeZone;

/** The air to be expected while an event is open: as it was typed, else as the feed says, hour by hour. */
final readonly class WeatherOfDay
{
    private const HOUR_SECONDS = 3600;

    public function __construct(private WeatherFeed $feed, private TermsOfDay $termsOfDay) {}

    /** @return array<int, WorkingAir> by milliseconds since 1970; empty where nothing is known */
    public function __invoke(EventDay $day, PlanTerms $terms): array
    {
        if ($terms->weather !== null) {
            return [$terms->opensMs => WorkingAir::in($terms->weather)];
        }
        $zone = new DateTimeZone($day->timezone);
        $air = [];
        for ($at = intdiv($terms->opensMs, 1000); $at * 1000 <= $terms->closesMs; $at += self::HOUR_SECONDS) {
            $expected = $this->feed->expected($day->place, (new DateTimeImmutable("@{$at}"))->setTimezone($zone));
            if ($expected instanceof Weather) {
                $air[$at * 1000] = WorkingAir::in($expected);
            }
        }

        return $air;
    }

    /**
     * The air to be expected at the chairs of a day, hour by hour, for a painter who goes by it there.
     *
     * @return array<int, WorkingAir> by milliseconds since 1970; empty where nothing is known
     */
    public function air(EventDay $day): array
    {
        return ($this)($day, ($this->termsOfDay)($day));
    }
}
