<?php

declare(strict_types=1);

use Core\Design\Colour;
use Core\Design\InvalidStep;
use Core\Design\Medium;
use Core\Kit\Flag;
use Core\Kit\InvalidItem;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Tests\Core\Kit\Things;

it('flags what a painter should know of a thing', function (Item $item, array $flags): void {
    $kit = Things::kit($item, Things::thing(ItemKind::Sponge, 'half sponge', ['widthMm' => 60]));

    expect($kit->flags($item))->toBe($flags);
})->with([
    'a good paint' => [Things::paint('sea grey'), []],
    'paint not for skin' => [
        Things::thing(ItemKind::Paint, 'wall blue', ['colours' => [['hex' => '#0000aa']], 'skinSafe' => false]),
        [Flag::UnsafeForSkin],
    ],
    'glitter not for skin' => [Things::thing(ItemKind::Glitter, 'workshop glitter', ['skinSafe' => false]), [Flag::UnsafeForSkin]],
    'a towel never lies on skin' => [Things::thing(ItemKind::Towel, 'towel', ['skinSafe' => false]), []],
    'glue with latex' => [Things::thing(ItemKind::Glue, 'skin glue', ['latex' => true]), [Flag::ContainsLatex]],
    'nearly empty' => [
        Things::thing(ItemKind::Paint, 'black', ['colours' => [['hex' => '#111111']], 'gramsLeft' => 5]),
        [Flag::RunningOut],
    ],
    'not yet nearly empty' => [Things::thing(ItemKind::Paint, 'black', ['colours' => [['hex' => '#111111']], 'gramsLeft' => 6]), []],
    'none left' => [Things::thing(ItemKind::Brush, 'round 2', ['howMany' => 0]), [Flag::RunningOut]],
    'a cake as long as the sponge is wide' => [Things::cake('tide cake', 60, '#000000', '#ffffff'), []],
    'a cake longer than every sponge' => [Things::cake('tide cake', 61, '#000000', '#ffffff'), [Flag::LongerThanSponges]],
]);

it('measures cakes against the widest sponge that is there', function (): void {
    $cake = Things::cake('tide cake', 65, '#000000', '#ffffff');
    $narrow = Things::thing(ItemKind::Sponge, 'half sponge', ['widthMm' => 60]);
    $wide = Things::thing(ItemKind::Sponge, 'round sponge', ['widthMm' => 70]);

    expect(Things::kit($cake, $narrow, $wide)->flags($cake))->toBe([])
        ->and(Things::kit($cake)->flags($cake))->toBe([])
        ->and(Things::kit($cake, $narrow, Things::thing(ItemKind::Sponge, 'round sponge', ['widthMm' => 70, 'howMany' => 0]))->flags($cake))
        ->toBe([Flag::LongerThanSponges]);
});

it('finds things by name, colours by name or value, cakes either way round', function (): void {
    $kit = Things::kit(Things::paint('Sea Grey', '#8593a0'), Things::cake('tide cake', 50, '#1d4e89', '#3f8fc6', '#bfe3f2'));
    $colours = static fn (string ...$hexes): array => array_map(
        static fn (string $hex): Colour => Colour::of('', $hex),
        array_values($hexes),
    );

    expect($kit->named(' sea grey ')?->name)->toBe('Sea Grey')
        ->and($kit->named('sea'))->toBeNull()
        ->and($kit->paintOf(Colour::of('SEA GREY', '#000000')))->not->toBeNull()
        ->and($kit->paintOf(Colour::of('pebble', '#8593a0')))->not->toBeNull()
        ->and($kit->paintOf(Colour::of('pebble', '#8593a1')))->toBeNull()
        ->and($kit->splitCakeOf($colours('#bfe3f2', '#3f8fc6', '#1d4e89'))?->name)->toBe('tide cake')
        ->and($kit->splitCakeOf($colours('#3f8fc6', '#1d4e89', '#bfe3f2')))->toBeNull()
        ->and($kit->tools())->toBe([])
        ->and(Things::kit(Things::thing(ItemKind::Stencil, 'net mesh'))->tools())->toBe(['net mesh' => Medium::Stencil]);
});

it('knows the half black, half white cake held in the hand', function (Item $cake, bool $isInHand): void {
    expect(Things::kit($cake)->hasCakeInHand())->toBe($isInHand);
})->with([
    [Things::cake('line cake', 40, '#111111', '#fafafa'), true],
    [Things::cake('line cake', 40, '#fafafa', '#111111'), true],
    [Things::cake('dusk cake', 40, '#111111', '#1d4e89'), false],
    [Things::cake('three', 40, '#111111', '#fafafa', '#1d4e89'), false],
    [Things::paint('black', '#111111'), false],
]);

it('keeps only what makes sense for the kind of thing', function (): void {
    $values = [
        'howMany' => 3, 'colours' => [['hex' => '#111111']], 'gramsLeft' => 20, 'lengthMm' => 40, 'widthMm' => 60,
        'reservedFor' => 'black', 'latex' => true, 'gel' => true, 'selfStick' => true,
    ];
    $brush = Things::thing(ItemKind::Brush, ' round 2 ', $values);
    $glue = Things::thing(ItemKind::Glue, 'glue', $values);

    expect([$brush->name, $brush->howMany, $brush->reservedFor])->toBe(['round 2', 3, 'black'])
        ->and([
            $brush->colours, $brush->paintKind, $brush->gramsLeft, $brush->widthMillimetres, $brush->hasLatex, $brush->isGel,
            $brush->isSelfStick,
        ])
        ->toBe([[], null, null, null, false, false, false])
        ->and([$glue->hasLatex, $glue->reservedFor])->toBe([true, ''])
        ->and(Things::thing(ItemKind::Paint, 'black', $values)->colours[0]->name)->toBe('black')
        ->and(Things::thing(ItemKind::Sponge, 'half', $values)->widthMillimetres)->toBe(60);
});

it('refuses a thing that makes no sense', function (callable $make, string $exception, string $says): void {
    expect($make)->toThrow($exception, $says);
})->with([
    [fn () => Things::thing(ItemKind::Brush, '  '), InvalidItem::class, 'no name'],
    [fn () => Things::thing(ItemKind::Brush, 'round 2', ['howMany' => 1000]), InvalidItem::class, 'Say 0 to 999'],
    [fn () => Things::thing(ItemKind::Paint, 'black'), InvalidItem::class, 'without a colour'],
    [fn () => Things::paint('black', 'noir'), InvalidStep::class, 'noir'],
]);
