<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Ladder\StopPoint;
use Core\Ladder\StopPoints;
use Tests\Core\Order\Craft;

/** @return array<string, list<string>> names of what is still open, by the step after which one may stop */
function stops(Design $design): array
{
    $stops = [];
    foreach (StopPoints::of($design) as $stop) {
        $stops[$design->steps[$stop->after]->name] = $stop->still;
    }

    return $stops;
}

it('lets one stop where only extras are left', function (): void {
    // Common practice, no source: after base and glitter a mask looks finished; tears, dots and gems are extra.
    $mask = Craft::face(
        'Base: half sponge deep blue forehead temple both sides, 0:40',
        'Glitter: loose glitter forehead, 0:10',
        'Tears: round 3 3 teardrops white temple both sides, 0:12, optional',
        'Gem: 1 gem between brows, 0:05, optional',
    );

    expect(stops($mask))->toBe(['Glitter' => ['Tears', 'Gem'], 'Tears' => ['Gem']]);
});

it('does not stop with half a pair, an open outline, half a group or what lacks what it needs', function (
    string $case,
    array $lines,
    array $stops,
): void {
    expect(stops(Craft::face(...$lines)))->toBe($stops);
})->with([
    ['half a pair', [
        'Base: half sponge deep blue cheek both sides, 0:40',
        'Curl left: round 3 1 swirl white cheek left side, 0:07, optional',
        'Curl right: round 3 1 swirl white cheek right side, 0:07, optional',
        'Dots: round 2 3 dots white chin, 0:05, optional',
    ], ['Base' => ['Curl left', 'Curl right', 'Dots'], 'Curl right' => ['Dots']]],
    ['an open outline', [
        'Base: half sponge deep blue cheek both sides, 0:40',
        'Star: round 6 fill star shape white cheek both sides, 0:20, optional',
        'Star outline: round 1 outline star shape black cheek both sides, 0:12, optional',
        'Dots: round 2 3 dots white chin, 0:05, optional',
    ], ['Base' => ['Star', 'Star outline', 'Dots'], 'Star outline' => ['Dots']]],
    ['half a group', [
        'Base: half sponge deep blue cheek both sides, 0:40',
        'Whiskers: round 2 3 whiskers black cheek both sides, 0:14, optional, group "whiskers"',
        'Whisker dots: round 2 3 dots black muzzle, 0:08, optional, group "whiskers"',
        'Glitter: loose glitter forehead, 0:08, optional',
    ], ['Base' => ['Whiskers', 'Whisker dots', 'Glitter'], 'Whisker dots' => ['Glitter']]],
]);

it('does not stop before what a painted step needs', function (): void {
    $face = Craft::face(
        'Base: half sponge deep blue cheek both sides, 0:40',
        'Dots: round 2 3 dots white cheek both sides, 0:05, optional',
        'Curls: round 3 2 swirls white cheek both sides, 0:14, optional',
        'Gem: 1 gem between brows, 0:05, optional',
    );
    $needing = $face->withPins([new Pin(PinKind::Needs, ['s2', 's3'])]);

    expect(stops($needing))->toBe(['Base' => ['Dots', 'Curls', 'Gem'], 'Curls' => ['Gem']]);
});

it('does as the painter says of a step, and never stops at the end or before nothing but tidying', function (): void {
    $face = Craft::face(
        'Base: half sponge deep blue cheek both sides, 0:40, no stop here',
        'Line: round 2 line white cheek left side, 0:05, stop here',
        'Curls: round 3 2 swirls white cheek both sides, 0:14',
        'Wipe the edge: bare hands tidy, 0:10',
    );

    expect(stops($face))->toBe(['Line' => ['Curls']])
        ->and(array_map(static fn (StopPoint $stop): bool => $stop->isSaid, StopPoints::of($face)))->toBe([true]);
});
