<?php

declare(strict_types=1);

use Core\Design\Medium;
use Core\Design\Technique;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Workspace\LaidThing;
use Core\Workspace\LayOut;
use Tests\Core\Kit\Things;
use Tests\Core\Paint;

it('lays out in the order things are taken up, each once with all its steps', function (): void {
    $design = Paint::design(
        Paint::step('a', tool: 'half sponge', colours: ['#8593a0']),
        Paint::step('b', medium: Medium::Brush, tool: 'round 2', colours: ['#1c1c22']),
        Paint::step('c', tool: 'half sponge', colours: ['#1c1c22']),
        Paint::step('d', medium: Medium::Glitter, tool: 'poof bottle', colours: ['#ffffff']),
    );
    $kit = Things::kit(
        Things::thing(ItemKind::Sponge, 'half sponge'),
        Things::paint('black', '#1c1c22'),
        Things::thing(ItemKind::Glitter, 'poof bottle', ['howMany' => 0]),
    );

    expect(array_map(
        static fn (LaidThing $thing): array => [$thing->name, $thing->kind, $thing->isOwned, $thing->steps],
        LayOut::of($design, $kit),
    ))->toBe([
        ['half sponge', ItemKind::Sponge, true, [1, 3]],
        ['#8593a0', ItemKind::Paint, false, [1]],
        ['round 2', ItemKind::Brush, false, [2]],
        ['#1c1c22', ItemKind::Paint, true, [2, 3]],
        ['poof bottle', ItemKind::Glitter, false, [4]],
    ]);
});

it('lays out the one cake that carries all of the colours', function (): void {
    $design = Paint::design(Paint::step(tool: '', colours: ['#1d4e89', '#3f8fc6']));

    expect(array_column(
        LayOut::of($design, Things::kit(Things::cake('tide cake', 50, '#3f8fc6', '#1d4e89'))),
        'name',
    ))->toBe(['sponge', 'tide cake'])
        ->and(array_column(
            LayOut::of($design, Things::kit(Things::paint('deep blue', '#1d4e89'))),
            'name',
        ))->toBe(['sponge', '#1d4e89', '#3f8fc6']);
});

it('lays out what a step without a tool takes up: the glitter of its colour, the kit’s own yellow, any sponge', function (): void {
    $glitter = Paint::step('a', medium: Medium::Glitter, tool: '', colours: ['#b9c0c6']);
    $design = Paint::design(
        $glitter,
        Paint::step('b', tool: '', colours: ['#f5cf3d']),
        Paint::step('c', medium: Medium::Gem, tool: '', colours: []),
    );
    $kit = Things::kit(
        Things::thing(ItemKind::Sponge, 'petal sponge'), Things::paint('lamp yellow', '#f6c945'),
        Things::thing(ItemKind::Gem, 'self-stick'),
        Things::thing(ItemKind::Glitter, 'moon dust', ['colours' => [['hex' => '#b9c0c7']]]),
    );

    expect(array_column(LayOut::of($design, $kit), 'isOwned', 'name'))->toBe([
        'moon dust' => true,
        'petal sponge' => true,
        'lamp yellow' => true,
        'self-stick' => true,
    ])
        ->and(array_column(
            LayOut::of(Paint::design($glitter), Things::kit(Things::thing(ItemKind::Sponge, 'petal sponge'))),
            'isOwned',
            'name',
        ))->toBe(['glitter' => false]);
});

it('lacks nothing while the kit is empty, and lays nothing out for waiting', function (): void {
    $wait = Paint::step('w', medium: Medium::Bare, tool: '', colours: [], technique: Technique::Wait);

    expect(array_column(
        LayOut::of(Paint::design(Paint::step(), $wait), Kit::empty()),
        'isOwned',
        'name',
    ))->toBe(['half sponge' => true, '#8593a0' => true]);
});
