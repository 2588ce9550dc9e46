<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\InvalidDesign;
use Core\Design\InvalidPin;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\Placement;
use Core\Design\Silence;
use Core\Design\Wording\PinReader;
use Tests\Core\Paint;

function pinned(string $line): Pin
{
    return (new PinReader([
        Paint::step('a', name: 'Grey base'), Paint::step('b', name: 'Foam dots'), Paint::step('c', name: 'Whisker dots'),
        Paint::step('d', name: 'Whiskers'),
    ]))->read($line);
}

it('reads what is wanted of the order', function (string $line, PinKind $kind, array $steps): void {
    expect(pinned($line))->toEqual(new Pin($kind, $steps));
})->with([
    ['foam dots before whiskers', PinKind::Before, ['b', 'd']],
    ['Foam before grey', PinKind::Before, ['b', 'a']],
    ['whiskers after foam', PinKind::Before, ['b', 'd']],
    ['2 before step 1', PinKind::Before, ['b', 'a']],
    ['keep whiskers and whisker dots together', PinKind::Together, ['d', 'c']],
    ['base, foam and whiskers together', PinKind::Together, ['a', 'b', 'd']],
    ['the base first', PinKind::First, ['a']],
    ['whiskers last', PinKind::Last, ['d']],
    ['“Foam dots” while base is wet', PinKind::WhileWet, ['a', 'b']],
    ['foam while whiskers are still wet', PinKind::WhileWet, ['d', 'b']],
]);

it('says what to write where it cannot read', function (string $line, string $says): void {
    expect(fn () => pinned($line))->toThrow(InvalidPin::class, $says);
})->with([
    ['whiskers', 'is not understood'], ['', 'is not understood'], ['dots before base', 'More than one step'],
    ['wings before base', 'No step is called “wings”'],
    ['9 first', 'No step is called “9”'], ['base before base', 'names the same step twice'], ['base together', 'two steps at least'],
]);

it('takes pins of its own steps only, and lets them go with their steps', function (): void {
    $pin = new Pin(PinKind::Before, ['a', 'b']);
    $design = new Design('Wave', Placement::Cheek, null, [Paint::step('a'), Paint::step('b')], pins: [$pin]);

    expect($design->withSteps([Paint::step('a')])->pins)->toBe([])
        ->and($design->withIds(['x', 'y'])->pins)->toEqual([new Pin(PinKind::Before, ['x', 'y'])])
        ->and(fn () => $design->withPins([new Pin(PinKind::First, ['z'])]))->toThrow(InvalidDesign::class, 'that the design has not');
});

it('wants a reason for silence', function (): void {
    expect(fn () => new Silence('gems-last', ' '))->toThrow(InvalidPin::class, 'Say why');
});
