<?php

declare(strict_types=1);

use App\StandIns\Weather\ScriptedWeather;
use Core\Surface\Weather;
use Core\Surface\WorkingAir;

it('tells the weather of a day hour by hour, the same for the same date', function (): void {
    $feed = new ScriptedWeather([
        [['hour' => 8, 'celsius' => 10, 'humidity' => 80, 'wind' => 0], ['hour' => 12, 'celsius' => 20, 'humidity' => 60, 'wind' => 4]],
        [['hour' => 8, 'celsius' => 30, 'humidity' => 30, 'wind' => 1]],
    ]);
    $at = static fn (string $time): ?Weather => $feed->expected('Quay', new DateTimeImmutable($time));
    // 1970-01-01 is the first day of the script, the next one the second, and so on in turn.
    expect($at('1970-01-01 10:00 UTC'))->toEqual(new Weather(15, 70, 2))->and($at('1970-01-01 06:00 UTC'))->toEqual(new Weather(10, 80, 0))
        ->and($at('1970-01-01 23:00 UTC'))->toEqual(new Weather(20, 60, 4))
        ->and($at('1970-01-02 10:00 UTC'))->toEqual(new Weather(30, 30, 1))
        ->and($at('1970-01-03 10:00 UTC'))->toEqual(new Weather(15, 70, 2))
        // By the date on the wall, wherever that is.
        ->and($at('1970-01-02 01:00 +02:00'))->toEqual(new Weather(30, 30, 1))
        ->and((new ScriptedWeather([]))->expected('Quay', new DateTimeImmutable))->toBeNull();
});

it('ships days that can be painted in', function (): void {
    $feed = ScriptedWeather::shipped();
    $kinds = [];
    for ($day = 0; $day < 6; $day++) {
        for ($hour = 0; $hour < 24; $hour++) {
            $weather = $feed->expected('Quay', new DateTimeImmutable(sprintf('2026-11-%02d %02d:00 UTC', $day + 1, $hour)));
            assert($weather !== null);
            $air = WorkingAir::in($weather);
            $kinds[$air->isQuick() ? 'quick' : ($air->isSticky() ? 'sticky' : ($air->isSlow() ? 'slow' : 'usual'))] = true;
        }
    }
    expect(array_keys($kinds))->toEqualCanonicalizing(['quick', 'sticky', 'slow', 'usual']);
});
