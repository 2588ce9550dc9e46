<?php

declare(strict_types=1);

use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Technique;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Supplies\PackingList;
use Core\Supplies\StockUse;
use Core\Supplies\Thrift;
use Core\Supplies\ToBuy;
use Tests\Core\Paint;

/** A cheek of one coat on both sides, 20 square centimetres each, three gems and a little glitter. */
function gleaming(): Design
{
    return new Design('Wave band', Placement::FullFace, null, [
        Paint::step('a', 30, colours: ['#8593a0'], zones: [Zone::Cheek], side: Side::Both, coats: 2),
        Paint::step('b', 10, Medium::Glitter, 'lantern gel', []),
        Paint::step('c', 10, Medium::Gem, 'round gems', [], side: Side::Left, technique: Technique::Gem, count: 3),
    ]);
}

function stockKit(?int $grams = 50): Kit
{
    return new Kit([
        new Item('p', ItemKind::Paint, 'grey', colours: [Colour::of('grey', '#8593a0')], gramsLeft: $grams),
        new Item('g', ItemKind::Glitter, 'lantern gel', gramsLeft: 10),
        new Item('x', ItemKind::Gem, 'round gems', howMany: 100),
        new Item('w', ItemKind::Wipe, 'wipes'),
    ]);
}

it('takes off what the painted faces used up', function (): void {
    $uses = StockUse::of([[gleaming(), 20]], stockKit(), Thrift::asEstimated());
    // 0.16 g a face, 0.08 g of glitter, three gems, two wipes: what lies in a packet nobody counted is not known.
    expect(array_map(static fn (StockUse $use): array => [$use->item->id, $use->used, $use->before, $use->left()], $uses))->toBe([
        ['p', 3.2, 50.0, 47], ['g', 1.6, 10.0, 8], ['x', 60.0, 100.0, 40], ['w', 40.0, null, null],
    ]);
});

it('knows of no stock below nothing, and of none that was never weighed', function (): void {
    [$paint] = StockUse::of([[gleaming(), 1000]], stockKit(), Thrift::asEstimated());
    expect($paint->left())->toBe(0);
    [$paint] = StockUse::of([[gleaming(), 20]], stockKit(null), Thrift::asEstimated());
    expect([$paint->used, $paint->left()])->toBe([3.2, null])
        ->and(StockUse::of([[gleaming(), 20]], Kit::empty(), Thrift::asEstimated()))->toBe([]);
});

it('learns from what was weighed', function (array $weighed, float $paint, float $glitter): void {
    $thrift = Thrift::learned($weighed);
    expect($thrift->paint)->toEqualWithDelta($paint, 1e-9)->and($thrift->glitter)->toEqualWithDelta($glitter, 1e-9);
})->with([
    'nothing yet' => [[], 1.0, 1.0],
    // By hand: (20 + 40) / (20 + 20).
    'twice as much, once' => [[['kind' => 'paint', 'estimated' => 20.0, 'used' => 40.0]], 1.5, 1.0],
    'twice as much, for long' => [array_fill(0, 100, ['kind' => 'paint', 'estimated' => 20.0, 'used' => 40.0]), 4020 / 2020, 1.0],
    'nothing used where something was thought' => [[['kind' => 'glitter', 'estimated' => 5.0, 'used' => 0.0]], 1.0, 20 / 25],
    'a slip of the scale' => [[['kind' => 'paint', 'estimated' => 1.0, 'used' => 90_000.0]], 5.0, 1.0],
    'of what nobody can have used' => [[['kind' => 'paint', 'estimated' => 0.0, 'used' => 40.0]], 1.0, 1.0],
    'gems do not tell of paint' => [[['kind' => 'gem', 'estimated' => 20.0, 'used' => 90.0]], 1.0, 1.0],
]);

it('packs and counts by what it has learned', function (): void {
    $thrift = Thrift::learned([['kind' => 'paint', 'estimated' => 20.0, 'used' => 60.0]]);
    $menu = [[gleaming(), 20]];
    expect($thrift->paint)->toBe(2.0)
        ->and(PackingList::of($menu, 20, stockKit(), $thrift)[0]->amount)->toBe(2 * PackingList::of($menu, 20, stockKit())[0]->amount)
        ->and(StockUse::of($menu, stockKit(), $thrift)[0]->used)->toBe(6.4);
});

it('buys what another such day would run out of, the scarcest first, and nothing that nobody has counted', function (): void {
    $uses = StockUse::of([[gleaming(), 20]], stockKit(), Thrift::asEstimated());
    $short = static fn (array $left): array => array_map(
        static fn (ToBuy $buy): array => [$buy->use->item->id, $buy->left, $buy->missing],
        ToBuy::of($uses, $left),
    );

    // 3.2 g of paint, 1.6 g of glitter and 60 gems went: see above.
    expect($short(['p' => 47, 'g' => 8, 'x' => 60, 'w' => null]))->toBe([])
        ->and($short(['p' => 2, 'g' => 8, 'x' => 6, 'w' => null]))->toBe([['x', 6, 54.0], ['p', 2, 1.2]])
        ->and($short(['p' => 3]))->toBe([['p', 3, 0.2]]);
});
