<?php

declare(strict_types=1);

use Core\Design\Place\Figure;
use Core\Design\Place\FigurePlace;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Tests\Core\Design\Wording\Reads;

it('places a mark by the figure that a line speaks of', function (string $figure, string $line, FigurePlace $place, Shape $shape): void {
    $mark = Reads::step("{$figure}\n{$line}", Placement::Cheek)->mark;
    expect($mark->figure())->toEqual(new Figure($place, $shape));
})->with([
    ['white lighthouse on the cheek round 4', 'red 3 stripes on the lighthouse round 2', FigurePlace::Inside, Shape::Lighthouse],
    ['white tower on the cheek round 4', 'red stripes across the tower round 2', FigurePlace::Inside, Shape::Lighthouse],
    ['red boat on the cheek round 4', 'white wave below the boat round 2', FigurePlace::Below, Shape::Boat],
    ['red boat on the cheek round 4', 'yellow star above the red boat round 2', FigurePlace::Above, Shape::Boat],
    ['red boat on the cheek round 4', 'yellow flag at the top of the boat round 2', FigurePlace::Top, Shape::Boat],
    ['white upper wing on the cheek half sponge', 'blue 3 dots inside the wing round 2', FigurePlace::Inside, Shape::UpperWing],
    ['purple octopus on the cheek round 4', 'white dots next to the octopus round 2', FigurePlace::Beside, Shape::Octopus],
    ['weißer Leuchtturm auf der Wange rund 4', 'rote Streifen auf dem Leuchtturm rund 2', FigurePlace::Inside, Shape::Lighthouse],
]);

it('places by no figure where none is above, or the line covers or rounds it', function (string $list): void {
    expect(Reads::step($list, Placement::Cheek)->mark->figure())->toBeNull();
})->with([
    'none above' => ['red 3 stripes on the lighthouse round 2'],
    'only a place above' => ["half sponge white on the cheek\nred stripes on the cheek round 2"],
    'no shape' => ["grey rock on the cheek round 4\nwhite dots on the rock round 2"],
    'its outline' => ["red boat on the cheek round 4\nblack outline the boat round 1"],
    'round it' => ["red boat on the cheek round 4\nwhite dots round the boat round 1"],
    'once more over it' => ["red boat on the cheek round 4\nblue fill on the boat round 4"],
]);

it('keeps a figure that a line names with its own words, wherever it stands', function (): void {
    $step = Reads::step('round 2 white dots on the cheek left side, below the whale tail shape, 4s');
    expect($step->mark->figure())->toEqual(new Figure(FigurePlace::Below, Shape::WhaleTail))
        ->and($step->zones)->toHaveCount(1);
});

it('stands one figure in the middle, and two of them or a pair on both sides', function (string $line, Side $side): void {
    expect(Reads::step($line)->side)->toBe($side);
})->with([
    ['yellow lantern on the forehead round 4', Side::Centre],
    ['green row of spikes on the forehead round 4', Side::Centre],
    ['white string of beads on the forehead round 2', Side::Centre],
    ['black antennae on the forehead round 2', Side::Centre],
    ['2 orange fish on the forehead round 3', Side::Both],
    ['white shells on the forehead round 3', Side::Both],
    ['cream horn on the forehead round 3', Side::Both],
    ['yellow lantern on the forehead right side round 4', Side::Right],
    ['orange crab on the cheek round 4', Side::Left],
    ['orange crabs on the cheeks round 4', Side::Both],
    ['half sponge blue on the forehead', Side::Both],
]);

it('stays in the middle with the figure that it is placed by', function (): void {
    $leaf = "kelp green leaf shape on the forehead round 3\n";
    expect(Reads::step("{$leaf}lime leaf veins on the leaf round 2")->side)->toBe(Side::Centre)
        ->and(Reads::step("{$leaf}lime 3 dots beside the leaf, both sides, round 2")->side)->toBe(Side::Both)
        ->and(Reads::step("{$leaf}lime 3 dots on the forehead round 2")->side)->toBe(Side::Both);
});

it('counts a dot as one', function (): void {
    expect(Reads::step('lemon dot on the cheek round 2')->count)->toBe(1)
        ->and(Reads::step('lemon dots on the cheek round 2')->count)->toBeNull()
        ->and(Reads::step('4 lemon dots on the cheek round 2')->count)->toBe(4);
});
