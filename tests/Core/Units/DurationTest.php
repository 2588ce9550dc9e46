<?php

declare(strict_types=1);

use Core\Units\Duration;
use Core\Units\UnreadableDuration;

it('reads minutes as painters type them', function (string $typed, float $seconds): void {
    expect(Duration::parse($typed)->seconds())->toBe($seconds);
})->with([
    ['4', 240.0], ['4:30', 270.0], ['4m30', 270.0], ['270s', 270.0], ['1.5', 90.0], ['1,5', 90.0], ['0:40', 40.0], ['4 min 30 s', 270.0],
    ['4m', 240.0], ['90 sec', 90.0], [' 4:05 ', 245.0], ['4\'30"', 270.0], ['0.5s', 0.5], ['12:00', 720.0], ['4:5', 245.0],
    ['1:02.25', 62.25],
    ['10 MINUTES', 600.0],
]);

it('refuses what is no time and says what to type', function (string $typed): void {
    expect(fn () => Duration::parse($typed))->toThrow(UnreadableDuration::class, '4, 4:30, 4m30 or 270s');
})->with(['', ' ', 'soon', '-4', '4:60', '4:30:10', '4..5', 'NaN', '1e3', '４', str_repeat('9', 40), '4m30m', '--', ':30']);

it('is never negative', function (): void {
    expect(fn () => Duration::ofMilliseconds(-1))->toThrow(UnreadableDuration::class)
        ->and(Duration::ofSeconds(10)->minus(Duration::ofSeconds(40))->isZero())->toBeTrue();
});

it('is shown in minutes and seconds, rounded to the second', function (int $milliseconds, string $shown): void {
    expect(Duration::ofMilliseconds($milliseconds)->format())->toBe($shown);
})->with([[0, '0:00'], [499, '0:00'], [500, '0:01'], [40_000, '0:40'], [59_600, '1:00'], [250_000, '4:10'], [4_325_000, '72:05']]);

it('reads back exactly what it writes exactly', function (): void {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(4));
    foreach (range(1, 500) as $_) {
        $duration = Duration::ofMilliseconds($chance->getInt(0, 7_200_000));
        expect(Duration::parse($duration->formatExactly()))->toEqual($duration);
    }
});

it('adds and compares', function (): void {
    $half = Duration::ofSeconds(30);

    expect($half->plus($half))->toEqual(Duration::ofMinutes(1))
        ->and(Duration::ofMinutes(1)->isLongerThan($half))->toBeTrue()
        ->and($half->isLongerThan($half))->toBeFalse();
});
