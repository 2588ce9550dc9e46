<?php

declare(strict_types=1);

use Core\Design\Alternative;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Workspace\Replacement;
use Tests\Core\Kit\Things;
use Tests\Core\Paint;

it('takes the place of a tool, wherever a step calls it', function (): void {
    $replacement = new Replacement(Things::thing(ItemKind::Sponge, 'half sponge'), Things::thing(ItemKind::Sponge, 'round sponge'));

    expect($replacement->in(Paint::step(tool: 'Half Sponge'))->tool)->toBe('round sponge');
});

it('leaves a step as it is that does not use the old thing', function (Item $old, Step $step): void {
    expect((new Replacement($old, Things::thing($old->kind, 'another', ['colours' => [['hex' => '#123456']]])))->in($step))->toBe($step);
})->with([
    [Things::thing(ItemKind::Brush, 'round 2'), Paint::step(tool: 'round 3')],
    [Things::thing(ItemKind::Brush, 'round 2'), Paint::step(tool: '')],
    [Things::paint('sea grey', '#111111'), Paint::step(colours: ['#222222'])],
    [Things::paint('sea grey', '#111111'), Paint::step(medium: Medium::Gem, tool: '', colours: ['#111111'])],
]);

it('takes the place of a tool in the other ways to paint a step', function (): void {
    $step = Paint::step(medium: Medium::Stencil, tool: 'fish scale');
    $step = new Step(
        id: $step->id, name: $step->name, medium: $step->medium, tool: $step->tool, colours: $step->colours, zones: $step->zones,
        side: $step->side, coats: 1, time: $step->time, dryFor: $step->dryFor, optional: false, note: '',
        alternatives: [new Alternative(Medium::Brush, Technique::Dots, 'round 3', null)],
    );
    $old = Things::thing(ItemKind::Brush, 'round 3');

    expect(Replacement::isUsed($old, $step))->toBeTrue()
        ->and((new Replacement($old, Things::thing(ItemKind::Brush, 'round 4')))->in($step)->alternatives[0]->tool)->toBe('round 4');
});

it('takes the place of one colour among others', function (): void {
    $step = (new Replacement(
        Things::paint('red', '#cc0000'),
        Things::paint('coral red', '#d2402f'),
    ))->in(Paint::step(colours: ['#111111', '#cc0000']));

    expect(array_map(
        static fn ($colour): array => [$colour->name, $colour->hex],
        $step->colours,
    ))->toBe([['', '#111111'], ['coral red', '#d2402f']]);
});

it('takes the place of a split cake, held the way the old one was', function (array $painted, array $expected): void {
    $old = Things::cake('tide cake', 50, '#111111', '#222222');
    $step = (new Replacement($old, Things::cake('dusk cake', 50, '#333333', '#444444')))->in(Paint::step(colours: $painted));

    expect(array_column($step->colours, 'hex'))->toBe($expected);
})->with([
    [['#111111', '#222222'], ['#333333', '#444444']],
    [['#222222', '#111111'], ['#444444', '#333333']],
    [['#111111'], ['#111111']],
]);

it('is offered only by a thing of the same kind that is at hand', function (Item $other, bool $isOffered): void {
    expect(Replacement::isOffered(Things::cake('tide cake', 50, '#111111', '#222222'), $other))->toBe($isOffered);
})->with([
    [Things::cake('dusk cake', 50, '#333333', '#444444'), true],
    [Things::cake('tide cake', 50, '#111111', '#222222'), false],
    [Things::cake('three', 50, '#333333', '#444444', '#555555'), false],
    [Things::paint('black'), false],
    [Things::thing(ItemKind::Brush, 'round 2'), false],
    [
        Things::thing(
            ItemKind::Paint,
            'empty',
            ['paintKind' => 'split', 'howMany' => 0, 'colours' => [['hex' => '#333333'], ['hex' => '#444444']]],
        ),
        false,
    ],
]);
