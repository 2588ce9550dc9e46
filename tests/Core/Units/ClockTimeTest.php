<?php

declare(strict_types=1);

use Core\Units\ClockTime;
use Core\Units\UnreadableClockTime;

it('reads a time of day as people type it', function (string $typed, string $shown): void {
    expect(ClockTime::parse($typed)->format())->toBe($shown);
})->with([
    ['11', '11:00'], ['11:00', '11:00'], ['9.30', '09:30'], ['16h30', '16:30'], ['4 pm', '16:00'], ['12 am', '00:00'], ['12 pm', '12:00'],
    ['0:05', '00:05'], ['23:59', '23:59'], ['4:15PM', '16:15'], ['9 a.m.', '09:00'],
]);

it('refuses what is no time of day', function (string $typed): void {
    expect(fn () => ClockTime::parse($typed))->toThrow(UnreadableClockTime::class, '11:00');
})->with(['', '24:00', '11:60', '13 pm', '0 am', 'noon', '-1', '11:5', '1111']);

it('knows the later of two', function (): void {
    expect(ClockTime::of(16, 0)->isAfter(ClockTime::of(11, 0)))->toBeTrue()
        ->and(ClockTime::of(11, 0)->isAfter(ClockTime::of(11, 0)))->toBeFalse();
});
