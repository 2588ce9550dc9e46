<?php

declare(strict_types=1);

use Core\Design\Defaults as DesignDefaults;
use Core\Design\Medium;
use Core\Design\Person;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Technique;
use Core\Timeline\Defaults;
use Core\Timeline\StepTime;
use Core\Timeline\StepTimes;
use Core\Timeline\TimeSource;
use Core\Timeline\WorkContent;
use Core\Units\Duration;
use Tests\Core\Paint;

function workSeconds(Step $step): float
{
    return WorkContent::starting()->of($step, Person::usual())->seconds();
}

it('counts skin at the rate of the technique, for every coat', function (Technique $technique, float $rate): void {
    $step = static fn (int $coats): Step => Paint::step(
        zones: [Zone::Forehead],
        side: Side::Centre,
        coats: $coats,
        technique: $technique,
        typed: false,
    );

    expect(workSeconds($step(1)))->toBe(round(Defaults::STEP_START_SECONDS + Zone::Forehead->area() * $rate))
        ->and(workSeconds($step(3)))->toBe(round(Defaults::STEP_START_SECONDS + 3 * Zone::Forehead->area() * $rate));
})->with([
    [Technique::Stipple, Defaults::STIPPLE_RATE],
    [Technique::Sweep, Defaults::SWEEP_RATE],
    [Technique::Blend, Defaults::BLEND_RATE],
]);

it('counts strokes at their seconds each, and the other side again with a little more', function (): void {
    $teardrops = static fn (int $count, Side $side): Step => Paint::step(
        medium: Medium::Brush,
        tool: 'round 3',
        side: $side,
        technique: Technique::Teardrop,
        count: $count,
        typed: false,
    );

    expect(workSeconds($teardrops(10, Side::Right)))->toBe(2.0 + 24.0)
        ->and(workSeconds($teardrops(10, Side::Both)))->toBe(round(2.0 + 24.0 * (1 + DesignDefaults::WEAK_SIDE_FACTOR)));
});

// Common practice, no source: a small flower is five presses, a heart two.
it('presses five times for a flower and twice for a heart', function (): void {
    $one = static fn (Technique $technique): float => workSeconds(Paint::step(
        medium: Medium::Brush,
        tool: 'round 4',
        side: Side::Right,
        technique: $technique,
        count: 10,
        typed: false,
    ));

    expect($one(Technique::Flower) - $one(Technique::Heart))->toBe(10 * 3 * Defaults::PRESS_SECONDS);
});

it('takes for a part of a figure what the part takes, and not its whole place', function (string $part, float $least, float $most): void {
    $seconds = workSeconds(StepValues::read('1', [
        'name' => $part, 'medium' => 'brush', 'technique' => 'fill', 'colours' => [['hex' => '#000000']], 'zones' => ['cheek'],
        'side' => 'left', 'shape' => 'bunny', 'guides' => [['by' => 'part', 'value' => $part]],
    ]));

    expect($seconds)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with([['nose', 2.0, 5.0], ['eye', 2.0, 5.0], ['ear', 3.0, 10.0], ['head', 6.0, 20.0]]);

it('gives every technique at least a second and at most an hour, in whole seconds', function (Technique $technique): void {
    foreach (Medium::cases() as $medium) {
        if (! $technique->suits($medium)) {
            continue;
        }
        $time = WorkContent::starting()->of(
            Paint::step(medium: $medium, tool: '', zones: [Zone::Nose], side: Side::Centre, technique: $technique, typed: false),
            Person::usual(),
        );
        expect($time->milliseconds % 1000)->toBe(0)
            ->and($time->milliseconds)->toBeGreaterThanOrEqual(1000)
            ->and($time->isLongerThan(DesignDefaults::longestStep()))->toBeFalse();
    }
})->with(Technique::cases());

it('believes the log before what was typed, and that before the work there is in it', function (): void {
    $logged = new StepTimes(
        WorkContent::starting(),
        Person::usual(),
        [StepValues::way(Paint::step('b', 30, name: 'Another name')) => new StepTime(Duration::ofSeconds(33), TimeSource::Logged, 14)],
    );
    $typed = Paint::step('a', 30);

    expect($logged->of($typed))->toEqual(new StepTime(Duration::ofSeconds(33), TimeSource::Logged, 14))
        ->and(StepTimes::starting()->of($typed))->toEqual(new StepTime(Duration::ofSeconds(30), TimeSource::Typed))
        ->and(StepTimes::starting()->of(Paint::step('a', typed: false))->source)->toBe(TimeSource::Work);
});

// Common practice, no source: against typed times, bases over many zones came out half as long again, and lids a quarter as long.
it('covers a large base faster than a small one, and takes its time on lids', function (): void {
    $base = static fn (Zone ...$zones): Step => Paint::step(zones: array_values($zones), side: Side::Both);
    $small = workSeconds($base(Zone::Cheek)) - Defaults::STEP_START_SECONDS;
    $large = workSeconds($base(
        Zone::Cheek,
        Zone::Forehead,
        Zone::Temple,
        Zone::Cheekbone,
        Zone::Brow,
        Zone::Jaw,
        Zone::LowerCheek,
        Zone::EyeSocket,
    )) - Defaults::STEP_START_SECONDS;
    $lids = Paint::step(medium: Medium::Brush, tool: 'round 4', zones: [Zone::Eyelid], side: Side::Both, technique: Technique::Fill);
    $brows = Paint::step(medium: Medium::Brush, tool: 'round 4', zones: [Zone::Brow], side: Side::Both, technique: Technique::Fill);

    expect($large / $small)->toBeLessThan(0.75 * 91 / 20)->toBeGreaterThan(1.5)
        ->and(workSeconds($lids))->toBeGreaterThan(workSeconds($brows) + 8);
});
