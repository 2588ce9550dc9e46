<?php

declare(strict_types=1);

use Core\Design\Guide;
use Core\Design\GuideKind;
use Core\Design\InvalidStep;
use Core\Design\Landmark;
use Core\Design\Mark;
use Core\Design\Portion;

it('is read from its own text, whatever it goes by', function (Guide $guide): void {
    expect(Guide::of($guide->kind, $guide->text()))->toEqual($guide);
})->with([
    ...array_map(Guide::clock(...), range(1, 12)),
    ...array_map(Guide::angle(...), [-180, -45, 0, 30, 180]),
    ...array_map(Guide::portion(...), Portion::cases()),
    ...array_map(Guide::aim(...), Landmark::cases()),
]);

it('is said as it is typed', function (Guide $guide, string $said): void {
    expect($guide->label())->toBe($said);
})->with([
    [Guide::clock(1), "at 1 o'clock"],
    [Guide::angle(-45), 'at -45 degrees'],
    [Guide::portion(Portion::UpperHalf), 'upper half'],
    [Guide::aim(Landmark::NoseTop), 'aim nose top'],
]);

it('refuses what no clock, circle, part or point is', function (callable $make): void {
    expect($make)->toThrow(InvalidStep::class);
})->with([
    [fn () => Guide::clock(0)], [fn () => Guide::clock(13)], [fn () => Guide::angle(181)],
    [fn () => Guide::of(GuideKind::Portion, 'best_half')],
    [fn () => Guide::of(GuideKind::Aim, 'moon')], [fn () => new Mark(sizePercent: 9)], [fn () => new Mark(sizePercent: 401)],
    [fn () => new Mark(turnDegrees: -181)],
]);
