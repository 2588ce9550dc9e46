<?php

declare(strict_types=1);

use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Plan\FacesExpected;
use Core\Plan\GrossMinutes;
use Core\Plan\PracticeWin;
use Core\Units\Duration;

it('paints the menu round and round until the day closes', function (): void {
    $planned = ['wave' => Duration::ofMinutes(2), 'seal' => Duration::ofMinutes(4)];

    // By hand: a round takes 2 + 1 + 4 + 1 = 8 minutes; two chairs for an hour paint 15 rounds.
    expect(FacesExpected::of(Duration::ofMinutes(60), 2, Duration::ofMinutes(1), $planned))->toBe(['wave' => 15.0, 'seal' => 15.0])
        ->and(FacesExpected::of(Duration::zero(), 2, Duration::ofMinutes(1), $planned))->toBe(['wave' => 0.0, 'seal' => 0.0])
        ->and(FacesExpected::of(Duration::ofMinutes(60), 2, Duration::zero(), ['blank' => Duration::zero()]))->toBe(['blank' => 0.0])
        ->and(FacesExpected::of(Duration::ofMinutes(60), 2, Duration::zero(), []))->toBe([]);
});

it('shares the minutes out as painters reckon them', function (int $artists, int $open, int $breaks, int $children, float $gross): void {
    expect(GrossMinutes::of(
        $artists,
        Duration::ofMinutes($open),
        Duration::ofMinutes($breaks),
        $children,
    )?->gross->seconds())->toBe($gross * 60);
})->with([
    // Common practice, no source: two hours and 14 children leave some eight and a half minutes each.
    'one artist, a party' => [1, 112, 0, 14, 8.0],
    'two artists, four hours with a break of half an hour' => [2, 240, 30, 60, 7.0],
    'breaks longer than the day' => [1, 20, 30, 5, 0.0],
]);

it('leaves for painting what the turnaround does not take', function (): void {
    $minutes = GrossMinutes::of(1, Duration::ofMinutes(60), Duration::zero(), 12);

    expect($minutes?->net(Duration::ofSeconds(90)))->toEqual(Duration::ofSeconds(210))
        ->and($minutes?->net(Duration::ofMinutes(9)))->toEqual(Duration::zero())
        ->and(GrossMinutes::of(1, Duration::ofMinutes(60), Duration::zero(), 0))->toBeNull();
});

it('wins by practice as much as the pace says, on each face expected', function (): void {
    $runs = array_map(static fn (int $nth): Run => new Run((int) (60_000 * $nth ** -0.3), $nth), range(1, 10));
    $pace = Pace::of(Duration::ofSeconds(60), $runs);

    expect(PracticeWin::of($pace, 0.0)->isZero())->toBeTrue()
        ->and(PracticeWin::of($pace, 20.0)->milliseconds)->toBe($pace->gain(PracticeWin::EVENING)->times(20.0)->milliseconds)
        ->and(PracticeWin::of($pace, 20.0)->seconds())->toBeGreaterThan(10.0);
});
