<?php

declare(strict_types=1);

use Core\Design\InvalidStep;
use Core\Design\Place\Figure;
use Core\Design\Place\FigurePlace;
use Core\Design\Place\Guide;
use Core\Design\Place\GuideKind;
use Core\Design\Place\Landmark;
use Core\Design\Place\Mark;
use Core\Design\Place\Portion;
use Core\Design\Place\Shape;

it('is read from its own text, whatever it goes by', function (Guide $guide): void {
    expect(Guide::of($guide->kind, $guide->text()))->toEqual($guide);
})->with([
    ...array_map(Guide::clock(...), range(1, 12)),
    ...array_map(Guide::angle(...), [-180, -45, 0, 30, 180]),
    ...array_map(Guide::portion(...), Portion::cases()),
    ...array_map(Guide::aim(...), Landmark::cases()),
    ...array_map(fn (FigurePlace $place): Guide => Guide::figure(new Figure($place, Shape::FourPointStar)), FigurePlace::cases()),
]);

it('is said as it is typed', function (Guide $guide, string $said): void {
    expect($guide->label())->toBe($said);
})->with([
    [Guide::clock(1), "at 1 o'clock"],
    [Guide::angle(-45), 'at -45 degrees'],
    [Guide::portion(Portion::UpperHalf), 'upper half'],
    [Guide::aim(Landmark::NoseTop), 'aim nose top'],
    [Guide::figure(new Figure(FigurePlace::Inside, Shape::Lighthouse)), 'on the lighthouse shape'],
    [Guide::figure(new Figure(FigurePlace::Below, Shape::WhaleTail)), 'below the whale tail shape'],
]);

it('refuses what no clock, circle, part or point is', function (callable $make): void {
    expect($make)->toThrow(InvalidStep::class);
})->with([
    [fn () => Guide::clock(0)], [fn () => Guide::clock(13)], [fn () => Guide::angle(181)],
    [fn () => Guide::of(GuideKind::Portion, 'best_half')],
    [fn () => Guide::of(GuideKind::Figure, 'inside scales')], [fn () => Guide::of(GuideKind::Figure, 'near boat')],
    [fn () => Guide::of(GuideKind::Figure, '')], [fn () => Guide::of(GuideKind::Aim, 'moon')],
    [fn () => new Mark(sizePercent: 9)], [fn () => new Mark(sizePercent: 401)],
    [fn () => new Mark(turnDegrees: -181)],
]);

it('is found on a mark among its other guides', function (): void {
    $figure = new Figure(FigurePlace::Top, Shape::Boat);
    expect((new Mark(guides: [Guide::clock(2), Guide::figure($figure)]))->figure())->toEqual($figure)
        ->and((new Mark(guides: [Guide::clock(2)]))->figure())->toBeNull()
        ->and(array_filter(FigurePlace::cases(), fn (FigurePlace $place): bool => $place->isUpon()))->toHaveCount(3);
});
