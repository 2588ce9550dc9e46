<?php

declare(strict_types=1);

use Core\Design\FaceSize;
use Core\Design\Fitting;
use Core\Design\Medium;
use Core\Design\Person;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Timeline\StepTimes;
use Core\Timeline\WorkContent;
use Tests\Core\Paint;

function counted(int $count, ?int $small = null, bool $typed = true): Step
{
    $step = Paint::step('p', 50, Medium::Brush, 'round 4', technique: Technique::Petal, count: $count, typed: $typed, name: 'Petals');

    return $small === null ? $step : new Step(
        id: 'p', name: 'Petals', medium: $step->medium, tool: $step->tool, colours: $step->colours, zones: $step->zones,
        side: $step->side, coats: 1, time: $step->time, dryFor: $step->dryFor, optional: false, note: '', technique: Technique::Petal,
        count: $count, smallCount: $small,
    );
}

it('paints fewer on a small face, not smaller', function (Step $step, int $count, float $seconds): void {
    $fitted = Fitting::of(Paint::design($step), new Person(FaceSize::Small));

    expect($fitted->steps[0]->count)->toBe($count)
        ->and($fitted->steps[0]->time?->seconds())->toBe($seconds)
        ->and(count($fitted->changes))->toBe($count === $step->count ? 0 : 1);
})->with([
    // Common practice, no source: four petals a side instead of five.
    'five become four' => [counted(5), 4, 40.0],
    'three become two' => [counted(3), 2, 33.333],
    'two stay two' => [counted(2), 2, 50.0],
    'as the painter says' => [counted(5, 3), 3, 30.0],
]);

it('changes nothing for the usual child', function (): void {
    $design = Paint::design(counted(5), Paint::step('b', zones: [Zone::Chin]));
    $fitted = Fitting::of($design, Person::usual());

    expect($fitted->steps)->toBe($design->steps)->and($fitted->changes)->toBe([]);
});

it('keeps off a beard', function (): void {
    $design = Paint::design(
        Paint::step('a', zones: [Zone::Forehead], side: Side::Centre, name: 'Brow'),
        Paint::step('b', zones: [Zone::Cheek, Zone::Jaw], name: 'Sides'),
        Paint::step('c', zones: [Zone::Chin], side: Side::Centre, name: 'Chin'),
    );
    $fitted = Fitting::of($design, new Person(FaceSize::Adult, hasBeard: true));

    expect(array_map(
        static fn (Step $step): array => [$step->name, $step->zones],
        $fitted->steps,
    ))->toBe([['Brow', [Zone::Forehead]], ['Sides', [Zone::Cheek]]])
        ->and($fitted->changes)->toBe(['Sides stays clear of the beard.', 'Chin is left out: it lies in the beard.']);
});

it('leaves lids and lips for last, as far as what lies over them lets it', function (): void {
    $design = Paint::design(
        Paint::step('lid', zones: [Zone::Eyelid], name: 'Lid'),
        Paint::step('nose', zones: [Zone::Nose], side: Side::Centre, name: 'Nose'),
        Paint::step('lashes', medium: Medium::Brush, zones: [Zone::Eyelid], name: 'Lid line'),
        Paint::step('cheek', zones: [Zone::Cheek], name: 'Cheek'),
    );
    $fitted = Fitting::of($design, new Person(dislikesTouch: true));

    expect(array_column($fitted->steps, 'name'))->toBe(['Nose', 'Cheek', 'Lid', 'Lid line'])
        ->and($fitted->changes)->toHaveCount(2);
});

it('takes longer on the side of the weaker hand, and on a bigger face', function (): void {
    $seconds = static fn (Step $step, Person $person): float => (new StepTimes(
        WorkContent::starting(),
        $person,
    ))->of($step)->duration->seconds();
    $left = Paint::step(zones: [Zone::Forehead, Zone::Cheek], side: Side::Left, typed: false);
    $right = Paint::step(zones: [Zone::Forehead, Zone::Cheek], side: Side::Right, typed: false);
    $rightHanded = new Person;
    $leftHanded = new Person(painterIsLeftHanded: true);

    expect($seconds($left, $rightHanded))->toBeGreaterThan($seconds($right, $rightHanded))
        ->and($seconds($left, $leftHanded))->toBe($seconds($right, $rightHanded))
        ->and($seconds($right, $leftHanded))->toBe($seconds($left, $rightHanded))
        ->and($seconds($left, new Person(FaceSize::Adult)))->toBeGreaterThan($seconds($left, $rightHanded))
        ->and($seconds($left, new Person(FaceSize::Small)))->toBeLessThan($seconds($left, $rightHanded));
});
