<?php

declare(strict_types=1);

use Tests\Core\Design\Wording\Reads;

it('reads the size of a brush however it is written', function (string $typed, string $tool): void {
    $step = Reads::step("red stripes on the chin, {$typed}, 9s");

    expect([$step->tool, $step->time?->seconds(), $step->count])->toBe([$tool, 9.0, null]);
})->with([
    ['round 3', 'round 3'],
    ['Round 3', 'round 3'],
    ['round no 3', 'round 3'],
    ['round #3', 'round 3'],
    ['round brush 3', 'round 3'],
    ['3 round', 'round 3'],
    ['3 round brush', 'round 3'],
    ['no. 3', 'round 3'],
    ['no.3', 'round 3'],
    ['no 3', 'round 3'],
    ['nr 3', 'round 3'],
    ['number 3', 'round 3'],
    ['number 3 brush', 'round 3'],
    ['size 3', 'round 3'],
    ['size 3 brush', 'round 3'],
    ['#3', 'round 3'],
    ['#3 brush', 'round 3'],
    ['# 3', 'round 3'],
    ['r3', 'round 3'],
    ['with a 3', 'round 3'],
    ['no 3 round', 'round 3'],
    ['round 12', 'round 12'],
    ['rnd 3', 'round 3'],
    ['1/2 in flat', 'flat 1/2 in'],
    ['1/2 inch flat', 'flat 1/2 in'],
    ['1/2" flat', 'flat 1/2 in'],
    ['½ inch flat', 'flat 1/2 in'],
    ['½" flat brush', 'flat 1/2 in'],
    ['half inch flat', 'flat 1/2 in'],
    ['half an inch flat', 'flat 1/2 in'],
    ['flat 1/2', 'flat 1/2 in'],
    ['flat brush 1/2 inch', 'flat 1/2 in'],
    ['flat 3/4', 'flat 3/4 in'],
    ['3/4 inch brush', 'flat 3/4 in'],
    ['¾ flat', 'flat 3/4 in'],
    ['three quarter inch flat', 'flat 3/4 in'],
    ['1/2 inch angle', 'angle 1/2 in'],
    ['angled 1/2 inch', 'angle 1/2 in'],
    ['1 inch flat', 'flat 1 in'],
    ['12mm flat', 'flat 1/2 in'],
    ['13 mm flat', 'flat 1/2 in'],
    ['19 mm flat', 'flat 3/4 in'],
    ['25 mm flat', 'flat 1 in'],
    ['6 mm flat', 'flat 1/4 in'],
]);

it('reads how many however it is written', function (string $typed, int $count): void {
    expect(Reads::step("{$typed}, round 2, white, chin 9s")->count)->toBe($count);
})->with([
    ['3 dots', 3],
    ['three dots', 3],
    ['3 small dots', 3],
    ['3 white dots', 3],
    ['dots x3', 3],
    ['dots x 3', 3],
    ['dots ×3', 3],
    ['3x dots', 3],
    ['x3 dots', 3],
    ['a pair of dots', 2],
    ['a couple of dots', 2],
    ['couple of dots', 2],
    ['a few dots', 3],
    ['half a dozen dots', 6],
    ['half dozen dots', 6],
    ['a dozen dots', 12],
    ['dozen dots', 12],
    ['ten or so dots', 10],
    ['5 or more dots', 5],
    ['twelve dots', 12],
    ['twenty dots', 20],
    ['one dot', 1],
    ['dot, one', 1],
    ['dots twice', 2],
    ['a row of 5 dots', 5],
    ['two rows of dots', 2],
    ['99 dots', 60],
]);

it('counts what has a shape of its own, and keeps the number in the name', function (string $typed, int $count): void {
    $step = Reads::step("{$typed}, round 6, red, 9s", Core\Design\Place\Placement::Cheek);

    expect([$step->count, $step->name])->toBe([$count, $typed]);
})->with([
    ['two sails', 2],
    ['3 boats', 3],
    ['a couple of fish', 2],
    ['two little houses', 2],
]);

it('counts no strokes where none can be counted', function (): void {
    expect(Reads::step('two patches of grey on the cheek, sponge, 9s')->count)->toBeNull();
});

it('reads coats however they are written', function (string $typed, int $coats): void {
    expect(Reads::step("sponge white chin, {$typed}, 9s")->coats)->toBe($coats);
})->with([
    ['2 coats', 2],
    ['two coats', 2],
    ['2 layers', 2],
    ['three layers', 3],
    ['one coat', 1],
    ['1 coat', 1],
    ['twice', 2],
    ['1-2 coats', 1],
    ['2 or 3 coats', 2],
    ['two coats, maybe three', 2],
    ['2 passes', 2],
    ['20 coats', 6],
    ['0 coats', 1],
]);

it('takes a second coat for the step above once more, and a first one for what it is', function (string $typed, float $seconds): void {
    $steps = Reads::list("white sail, round 6, left cheek, 20s\n{$typed}")->steps();

    expect($steps)->toHaveCount(2)->and([
        $steps[1]->technique,
        $steps[1]->colours,
        $steps[1]->zones,
        $steps[1]->tool,
    ])->toEqual([$steps[0]->technique, $steps[0]->colours, $steps[0]->zones, $steps[0]->tool])
        ->and($steps[1]->time?->seconds())->toBe($seconds);
})->with([
    ['2nd coat', 20.0],
    ['second coat 9s', 9.0],
    ['another coat, 9s', 9.0],
    ['third layer 9s', 9.0],
    ['a second coat on the sail 9s', 9.0],
    ['same again 9s', 9.0],
]);

it('reads sizes, turns and places of marks', function (): void {
    $step = Reads::step('starfish, round 6, red, cheek, size 60%, turned -15°, at 2 o\'clock, at 45 degrees, upper half, aim nose tip');

    expect([
        $step->mark->sizePercent,
        $step->mark->turnDegrees,
        count($step->mark->guides),
    ])->toBe([60, -15, 4])->and($step->tool)->toBe('round 6');
});

it('keeps a count for a small face apart', function (string $typed): void {
    $step = Reads::step("5 petals pink, {$typed}, 9s", Core\Design\Place\Placement::Cheek);

    expect([$step->count, $step->smallCount])->toBe([5, 4]);
})->with([
    ['4 on a small face'],
    ['(four on a small face)'],
    ['4 petals on a small face'],
    ['4 if small'],
    ['four for a small face'],
]);
