<?php

declare(strict_types=1);

use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Technique;
use Core\Pace\Drill;
use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Plan\StrokesToPractise;
use Core\Plan\WeakStroke;
use Core\Timeline\StepTimes;
use Tests\Core\Design\Wording\Reads;

/** A pace of ten runs of that many seconds. */
function timedAt(Step $step, int $seconds): Pace
{
    return Pace::of(
        StepTimes::starting()->planned($step)->duration,
        array_map(static fn (int $nth): Run => new Run($seconds * 1000, $nth), range(1, 10)),
    );
}

it('lists each stroke of a design once, the weakest first', function (): void {
    $steps = Reads::list(<<<'LIST'
        half sponge blue on the cheek, 20s
        3 teardrops white round 3 on the cheek, 10s
        swirl white round 2 on the temple, 8s
        5 teardrops white round 3 on the jaw, 10s
        wait 10s
        LIST)->steps();
    $paces = [
        StepValues::way($steps[0]) => timedAt($steps[0], 24), StepValues::way($steps[1]) => timedAt($steps[1], 11),
        StepValues::way($steps[3]) => timedAt($steps[3], 19),
    ];
    $strokes = StrokesToPractise::of($steps, $paces, StepTimes::starting());

    expect(array_map(static fn (WeakStroke $one): string => $one->step->id, $strokes))->toBe(
        [$steps[3]->id, $steps[0]->id, $steps[2]->id],
    )->and($strokes[0]->share)->toBeGreaterThan(1.5)->and($strokes[2]->share)->toBeNull()
        ->and(array_map(static fn (WeakStroke $one): ?Drill => $one->drill, $strokes))->toBe(
            [Drill::Teardrop, Drill::SpongeWing, Drill::Swirl],
        );
});

it('lists what nobody has timed as usual, the longer first, and nothing where nothing is painted', function (): void {
    $steps = Reads::list("swirl white round 2 on the temple, 8s\nhalf sponge blue on the cheek, 20s\nwait 10s")->steps();
    $strokes = StrokesToPractise::of($steps, [], StepTimes::starting());

    expect(array_map(static fn (WeakStroke $one): Technique => $one->step->technique, $strokes))->toBe(
        [Technique::Stipple, Technique::Swirl],
    )->and(StrokesToPractise::of([], [], StepTimes::starting()))->toBe([]);
});
