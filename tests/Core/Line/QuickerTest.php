<?php

declare(strict_types=1);

use Core\Line\Ahead\Quicker;
use Tests\Core\Line\Day;

it('offers a plan that leaves less to paint, and says how much', function (array $plan, int $now, ?int $left): void {
    $face = Day::open()->join(1)->seat(1, at: 10, seconds: [30, 20, 40])->done(1, 's1', 40)->ticket(1)->face;
    assert($face !== null);

    expect(Quicker::by(Day::plan($plan), $face, Day::at($now))?->left->seconds())->toEqual($left);
})->with([
    'without the last step' => [[30, 20], 40, 20],
    // The second step is under the hand since 40: what was spent on it counts.
    'five seconds into the second' => [[30, 20], 45, 15],
    'what saves two seconds' => [[30, 20, 38], 40, null],
    'what takes longer' => [[30, 20, 90], 40, null],
    'what paints nothing any more' => [[30], 40, null],
]);

it('offers the first, the last and some between', function (): void {
    expect(Quicker::few(range(1, 20)))->toBe([1, 4, 8, 12, 16, 20])
        ->and(Quicker::few([1, 2, 3]))->toBe([1, 2, 3])
        ->and(Quicker::few([7]))->toBe([7])
        ->and(Quicker::few([]))->toBe([]);
});

it('knows how long ago each step was done', function (): void {
    $face = Day::open()->join(1)->seat(
        1,
        at: 10,
        seconds: [30, 20, 40],
    )->done(1, 's1', 40)->skip(1, 's2', 50)->done(1, 's3', 70)->ticket(1)->face;
    $ago = array_map(static fn ($ago): float => $ago->seconds(), $face?->doneAgo(Day::at(100)) ?? []);

    expect($ago)->toBe(['s1' => 60.0, 's3' => 30.0]);
});
