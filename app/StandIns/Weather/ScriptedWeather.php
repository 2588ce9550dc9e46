<?php

declare(strict_types=1);

namespace App\StandIns\Weather;

use Core\Surface\Weather;
use DateTimeImmutable;

/** A small feed that ships with the application: a few days as somebody wrote them down, one after the other. Invented. */
final readonly class ScriptedWeather implements WeatherFeed
{
    private const DAY_SECONDS = 86_400;

    /** @param  list<list<array{hour: int, celsius: float, humidity: float, wind: float}>>  $days  hours of each in their order */
    public function __construct(private array $days) {}

    public static function shipped(): self
    {
        /** @var list<array{hours: list<array{hour: int, celsius: float, humidity: float, wind: float}>}> $days */
        $days = json_decode((string) file_get_contents(database_path('weather/days.json')), true, flags: JSON_THROW_ON_ERROR);

        return new self(array_column($days, 'hours'));
    }

    /** The same date has the same weather, wherever it is asked for. */
    public function expected(string $place, DateTimeImmutable $at): ?Weather
    {
        if ($this->days === []) {
            return null;
        }
        $date = intdiv($at->getTimestamp() + $at->getOffset(), self::DAY_SECONDS);
        $hours = $this->days[$date % count($this->days)];
        $minute = 60 * (int) $at->format('G') + (int) $at->format('i');
        $last = $next = $hours[0];
        foreach ($hours as $hour) {
            $next = $hour;
            if (60 * $hour['hour'] > $minute) {
                break;
            }
            $last = $hour;
        }
        $span = 60 * ($next['hour'] - $last['hour']);
        $share = $span <= 0 ? 0.0 : max(0.0, ($minute - 60 * $last['hour']) / $span);
        $between = static fn (string $what): float => $last[$what] + $share * ($next[$what] - $last[$what]);

        return new Weather(round($between('celsius'), 1), round($between('humidity')), round($between('wind'), 1));
    }
}
