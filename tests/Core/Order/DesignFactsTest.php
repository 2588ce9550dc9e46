<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\Place\Zone;
use Core\Order\DesignFacts;
use Core\Order\SkinPlaces;
use Tests\Core\Order\Craft;

function prepared(Design $design): DesignFacts
{
    return new DesignFacts($design, Craft::circumstances());
}

// Common practice, no source: a base lies under all that comes, a line under nothing; sparkle lies on what it makes shine.
it('knows what lies on what, by place, kind and the painter’s own words', function (array $lines, array $lying): void {
    expect(prepared(Craft::cheek(...$lines))->lying)->toBe($lying);
})->with([
    'a line on a base' => [['Base: half sponge sea grey cheek left, 0:20', 'Line: brush round 2 black line cheek left, 0:10'], [[0, 1]]],
    'not on another place' => [['Base: half sponge sea grey cheek left, 0:20', 'Line: brush round 2 black line jaw left, 0:10'], []],
    'not on its own colour' => [
        ['Night: half sponge night blue cheek left, 0:20', 'Line: brush round 2 night blue line cheek left, 0:10'],
        [],
    ],
    'no shape on another figure beside it' => [
        ['Hull: brush round 6 slate fill boat cheek left, 0:20', 'Sun: brush round 6 lamp yellow fill star cheek left, 0:10'],
        [],
    ],
    'a stripe on the only figure there' => [
        ['Tower: brush round 6 white fill lighthouse cheek left, 0:20', 'Rings: brush round 4 coral red stripe cheek left, 0:10'],
        [[0, 1]],
    ],
    'what says that it lies on the other' => [
        [
            'Fish: brush round 6 buoy orange fill fish cheek left, 0:20',
            'Star: brush round 6 coral red fill star cheek left, 0:20',
            'Spots on the fish: 3 white dots with round 2 on cheek, left, 0:06',
        ],
        [[0, 2]],
    ],
    'a glint on what was painted last' => [
        ['Eye: brush round 4 black fill circle cheek left, 0:06', 'Glint: 1 white dots with round 2 on cheek, left, 0:03'],
        [[0, 1]],
    ],
    'tears on stripes' => [
        [
            'Stripes: 3 black stripe with round 4 on cheek, left, 0:12',
            'Tears on the stripes: 3 white teardrops with round 2 on cheek, left, 0:06',
        ],
        [[0, 1]],
    ],
    'no foam on lines beside it' => [
        ['Rigging: 3 black line with round 2 on cheek, left, 0:12', 'Foam: 5 white dots with round 2 on cheek, left, 0:06'],
        [],
    ],
    'a ground goes round a figure' => [
        ['Eye: brush round 5 white fill eye cheek left, 0:10', 'Sea: brush wash brush deep blue fill cheek and cheekbone left, 0:20'],
        [],
    ],
]);

it('calls a base only what is no softening, shade or blush', function (): void {
    $face = prepared(Craft::face(
        'White: half sponge white cheek both sides, 0:30',
        'Blush: round sponge shell pink blend cheek both sides, 0:10',
        'Shade: brush flat 1/2 in slate blend cheek both sides, 0:10',
        'Sea: half sponge deep blue and tide blue blend jaw both sides, 0:20',
    ));

    expect(array_map($face->isBase(...), range(0, 3)))->toBe([true, false, false, true])
        ->and(array_map($face->isInlay(...), range(0, 3)))->toBe([false, true, false, false])
        ->and(array_map($face->isWorkedIn(...), range(0, 3)))->toBe([false, true, true, false]);
});

it('knows how much of a step another one covers', function (): void {
    $face = prepared(Craft::face(
        'Waves: brush round 4 black stripe cheek and lower cheek both sides, 0:20',
        'Sea: half sponge tide blue cheek both sides, 0:30',
        'Left: half sponge tide blue cheek and lower cheek left, 0:30',
    ));

    expect($face->coveredShare(0, 1))->toEqualWithDelta(20 / 30, 1e-9)->and($face->isHiddenBy(0, 1))->toBeTrue()
        ->and($face->coveredShare(0, 2))->toEqualWithDelta(0.5, 1e-9)->and($face->isHiddenBy(0, 2))->toBeFalse()
        ->and($face->coveredShare(1, 0))->toBe(1.0);
});

it('tells every place apart, however many there are', function (): void {
    $line = Craft::face('Line: brush round 2 black line cheek both sides, 0:10')->steps[0];
    $seen = [];
    foreach (Zone::cases() as $zone) {
        $places = SkinPlaces::of($line->withZones([$zone]));
        expect($places->all())->toHaveCount(2)->and(array_intersect($places->all(), $seen))->toBe([]);
        $seen = [...$seen, ...$places->all()];
        foreach (Zone::cases() as $other) {
            expect($places->meet(SkinPlaces::of($line->withZones([$other]))))->toBe($zone === $other);
        }
    }
    // More than an integer has bits.
    $all = SkinPlaces::of($line->withZones(Zone::cases()));
    expect(count($seen))->toBeGreaterThan(64)->and($all->all())->toBe($seen)->and($all->meet($all))->toBeTrue();
});

it('keeps left and right apart, but on the middle line', function (): void {
    $on = static fn (string $side): SkinPlaces => SkinPlaces::of(
        Craft::face("Line: brush round 2 black line cheek {$side}, 0:10")->steps[0],
    );
    expect($on('left')->meet($on('right')))->toBeFalse()->and($on('left')->meet($on('both sides')))->toBeTrue();
});

it('lets dots of nearly liquid paint dry like any other drop', function (): void {
    $face = prepared(Craft::cheek(
        'Dots: 5 black dots with round 2 on cheek, left, nearly liquid, 0:10',
        'Sea: brush wash brush deep blue fill cheek left, nearly liquid, 0:20',
    ));

    expect($face->dryAfter(0)->seconds())->toBe(38.0)->and($face->dryAfter(1)->seconds())->toBeGreaterThan(90.0);
});
