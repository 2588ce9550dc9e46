<?php

declare(strict_types=1);

use Core\Design\InvalidStep;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\StepValues;
use Tests\Core\Paint;

it('refuses a step that makes no sense, and says what to do', function (Closure $make, string $says): void {
    expect($make)->toThrow(InvalidStep::class, $says);
})->with([
    'no time' => [fn () => Paint::step(seconds: 0), 'at least a second'],
    'hours' => [fn () => Paint::step(seconds: 3601), 'Split it'],
    'drying for hours' => [fn () => Paint::step(dryFor: 4000), 'Mend the drying time'],
    'no zone' => [fn () => Paint::step(zones: []), 'at least one zone'],
    'no coat' => [fn () => Paint::step(coats: 0), 'Choose 1 to 6'],
    'seven coats' => [fn () => Paint::step(coats: 7), 'Choose 1 to 6'],
    'blank name' => [fn () => Paint::step(name: '  '), 'no name'],
    'left of the nose' => [fn () => Paint::step(zones: [Zone::Nose], side: Side::Left), 'Choose “centre”'],
    'no colour' => [fn () => Paint::step(colours: ['red']), 'six hex digits'],
]);

it('takes a side where a zone has one', function (Zone $zone, Side $side): void {
    expect(Paint::step(zones: [$zone], side: $side)->side)->toBe($side);
})->with([[Zone::Cheek, Side::Left], [Zone::Temple, Side::Right], [Zone::Nose, Side::Centre], [Zone::Lips, Side::Both]]);

it('touches what lies on the same skin', function (Side $one, Side $other, bool $touches): void {
    $below = Paint::step('a', zones: [Zone::Cheek, Zone::Temple], side: $one);
    $above = Paint::step('b', zones: [Zone::Temple], side: $other);

    expect($below->touches($above))->toBe($touches)->and($above->touches($below))->toBe($touches);
})->with([
    [Side::Left, Side::Left, true], [Side::Left, Side::Right, false], [Side::Both, Side::Right, true],
    [Side::Centre, Side::Left, true], [Side::Centre, Side::Both, true],
]);

it('does not touch other zones', function (): void {
    expect(Paint::step('a', zones: [Zone::Chin])->touches(Paint::step('b', zones: [Zone::Nose])))->toBeFalse();
});

it('keeps everything but its id under a new id', function (): void {
    $step = Paint::step('a', seconds: 12, coats: 2, dryFor: 3);
    $renamed = $step->withId('b');

    expect($renamed->id)->toBe('b')->and($renamed->withId('a'))->toEqual($step);
});

it('compares colours by their value and order', function (array $one, array $other, bool $same): void {
    expect(Paint::step('a', colours: $one)->usesColoursOf(Paint::step('b', colours: $other)))->toBe($same);
})->with([
    [['#111111'], ['#111111'], true], [['#AABBCC'], ['#aabbcc'], true], [['#111111', '#222222'], ['#222222', '#111111'], false],
    [['#111111'], [], false], [[], [], true],
]);

it('keeps its way under another name, colour or look, not with other work or typed time', function (Step $other, bool $isSame): void {
    expect(StepValues::way($other) === StepValues::way(Paint::step('a', 30)))->toBe($isSame);
})->with([
    'another name' => [Paint::step('b', 30, name: 'Waves'), true],
    'another colour' => [Paint::step('b', 30, colours: ['#123456', '#654321']), true],
    'dry below' => [Paint::step('b', 30, dryFor: 20), true],
    'another time' => [Paint::step('b', 31), false],
    'no typed time' => [Paint::step('b', typed: false), false],
    'another tool' => [Paint::step('b', 30, tool: 'round sponge'), false],
    'another place' => [Paint::step('b', 30, zones: [Zone::Temple]), false],
    'one side only' => [Paint::step('b', 30, side: Side::Left), false],
    'a second coat' => [Paint::step('b', 30, coats: 2), false],
]);
