<?php

declare(strict_types=1);

use Core\Pace\LogBook;
use Core\Pace\LogLine;
use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Pace\TeamPaces;
use Core\Units\Duration;

/** @return list<Run> */
function times(int $seconds, int $times): array
{
    return array_map(static fn (int $nth): Run => new Run($seconds * 1000, $nth), range(1, $times));
}

it('starts a painter from the others, not from the plan', function (): void {
    $plan = Duration::ofSeconds(40);
    $paces = TeamPaces::of($plan, ['ines' => times(60, 30), 'tobi' => times(55, 1)]);
    $others = Pace::of($plan, times(60, 30))->middle();

    expect($paces->own['tobi'])->toEqual(Pace::of($others, times(55, 1)))
        ->and($paces->own['tobi']->middle()->seconds())->toBeGreaterThan(Pace::of($plan, times(55, 1))->middle()->seconds())
        // Tobi's one face is no team to start from.
        ->and($paces->own['ines'])->toEqual(Pace::of($plan, times(60, 30)))
        ->and($paces->team->faces)->toBe(31);
});

it('keeps two painters apart', function (): void {
    $paces = TeamPaces::of(Duration::ofSeconds(40), ['ines' => times(30, 20), 'tobi' => times(60, 20)]);

    expect($paces->own['ines']->middle()->seconds())->toEqualWithDelta(30.0, 2.0)
        ->and($paces->own['tobi']->middle()->seconds())->toEqualWithDelta(60.0, 3.0)
        ->and($paces->team->middle()->seconds())->toBeGreaterThan(35.0)->toBeLessThan(50.0);
});

it('keeps steps, versions and designs of a log apart, and counts each painter’s own repetitions', function (): void {
    $line = static fn (string $painter, string $version, string $step, int $spent, int $planned = 40): LogLine => new LogLine(
        painter: $painter,
        design: 'Wave band',
        version: $version,
        step: $step,
        planned: Duration::ofSeconds($planned),
        spent: Duration::ofSeconds($spent),
    );
    $book = LogBook::of([
        $line('ines', '', 'Foam', 44),
        $line('tobi', '', 'Foam', 60),
        $line('ines', '', 'Foam', 42, 41),
        $line('ines', 'quick', '', 120, 110),
    ]);

    expect($book)->toHaveCount(2)->and($book[0][0]->planned)->toEqual(Duration::ofSeconds(41))
        ->and($book[0][1]->own['ines'])->toEqual(Pace::of(Duration::ofSeconds(41), [new Run(44_000, 1), new Run(42_000, 2)]))
        ->and($book[0][1]->own['tobi']->nth)->toBe(1)->and($book[1][0]->version)->toBe('quick');
});
