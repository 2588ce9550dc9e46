<?php

declare(strict_types=1);

use Core\Design\Alternative;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Timeline\StepTimes;
use Core\Units\Duration;
use Core\Workspace\Lack;
use Core\Workspace\Substitutes;
use Tests\Core\Kit\Things;
use Tests\Core\Paint;

/** @return list<array{string, string|null, float}> what is missing, the way without it, the seconds that it costs more */
function lacks(Kit $kit, Step ...$steps): array
{
    return array_map(
        static fn (Lack $lack): array => [$lack->missing, $lack->instead, $lack->extra->seconds()],
        (new Substitutes($kit, StepTimes::starting()))->for(array_values($steps)),
    );
}

it('says nothing while the kit is empty', function (): void {
    expect(lacks(Kit::empty(), Paint::step(tool: 'round 2')))->toBe([]);
});

it('says nothing of what the kit has', function (): void {
    $kit = Things::kit(Things::thing(ItemKind::Sponge, 'Half Sponge'), Things::paint('sea grey', '#8593a0'));

    expect(lacks($kit, Paint::step(tool: 'half sponge', colours: ['#8593a0'])))->toBe([]);
});

it('names another tool that paints the same, or only the missing one', function (): void {
    $step = Paint::step(medium: Medium::Brush, tool: 'round 2', colours: []);

    expect(lacks(Things::kit(Things::thing(ItemKind::Brush, 'round 3')), $step))->toBe([['round 2', 'round 3 instead', 0.0]])
        ->and(lacks(
            Things::kit(Things::thing(ItemKind::Brush, 'marked', ['reservedFor' => 'black'])),
            $step,
        ))->toBe([['round 2', null, 0.0]])
        ->and(lacks(Things::kit(Things::thing(ItemKind::Brush, 'round 3', ['howMany' => 0])), $step))->toBe([['round 2', null, 0.0]]);
});

it('counts a tool of which none is left as missing', function (): void {
    expect(lacks(
        Things::kit(Things::thing(ItemKind::Sponge, 'half sponge', ['howMany' => 0])),
        Paint::step(colours: []),
    ))->toBe([['half sponge', null, 0.0]]);
});

it('dots freehand where the stencil is missing, which takes longer', function (): void {
    $kit = Things::kit(Things::thing(ItemKind::Brush, 'round 3'));

    expect(lacks(
        $kit,
        Paint::step(seconds: 20, medium: Medium::Stencil, tool: 'fish scale', colours: []),
    ))->toBe([['fish scale', 'dots freehand with a brush', 12.0]]);
});

it('takes the other way that the step names itself', function (): void {
    $step = Paint::step(seconds: 20, medium: Medium::Stencil, tool: 'fish scale', colours: []);
    $step = new Step(
        id: 'a', name: 'Scales', medium: $step->medium, tool: $step->tool, colours: [], zones: $step->zones, side: $step->side,
        coats: 1, time: $step->time, dryFor: $step->dryFor, optional: false, note: '',
        alternatives: [new Alternative(Medium::Brush, Technique::Dots, 'round 3', Duration::ofSeconds(45))],
    );

    expect(lacks(Things::kit(Things::thing(ItemKind::Brush, 'round 3')), $step))->toBe([['fish scale', 'dots with round 3', 25.0]])
        ->and(lacks(
            Things::kit(Things::thing(ItemKind::Brush, 'round 4')),
            $step,
        ))->toBe([['fish scale', 'dots freehand with a brush', 12.0]]);
});

it('paints rows of single colours where the split cake is missing', function (): void {
    $kit = Things::kit(
        Things::thing(ItemKind::Sponge, 'half sponge'), Things::paint('deep blue', '#1d4e89'),
        Things::paint('tide blue', '#3f8fc6'), Things::paint('foam', '#bfe3f2'),
    );
    $step = Paint::step(colours: ['#1d4e89', '#3f8fc6', '#bfe3f2']);

    expect(lacks($kit, $step))->toBe([[
        'a split cake of #1d4e89, #3f8fc6, #bfe3f2',
        '3 rows of single colours painted onto the sponge',
        15.0,
    ]])
        ->and(lacks($kit->with(Things::cake('tide cake', 50, '#1d4e89', '#3f8fc6', '#bfe3f2')), $step))->toBe([]);
});

it('names a colour that no paint gives', function (): void {
    $kit = Things::kit(Things::thing(ItemKind::Sponge, 'half sponge'));

    expect(lacks($kit, Paint::step(colours: ['#8593a0'])))->toBe([['#8593a0 paint', null, 0.0]])
        ->and(lacks(
            $kit->with(Things::thing(ItemKind::Gem, 'self-stick')),
            Paint::step(medium: Medium::Gem, tool: 'self-stick', colours: ['#8593a0']),
        ))->toBe([]);
});

it('takes the kit’s own yellow for yellow, offers the nearest of another colour, and asks for the glitter of one', function (): void {
    $kit = Things::kit(
        Things::thing(ItemKind::Sponge, 'half sponge'), Things::paint('lamp yellow', '#f6c945'),
        Things::paint('sea grey', '#8593a0'), Things::thing(ItemKind::Glitter, 'poof bottle', ['colours' => [['hex' => '#c9a03c']]]),
    );

    expect(lacks($kit, Paint::step(colours: ['#f5cf3d'])))->toBe([])
        ->and(lacks($kit, Paint::step(colours: ['#c9a03c'])))->toBe([['#c9a03c paint', 'lamp yellow instead', 0.0]])
        ->and(lacks($kit, Paint::step(colours: ['#6a3fa0'])))->toBe([['#6a3fa0 paint', null, 0.0]])
        ->and(lacks(
            $kit,
            Paint::step(medium: Medium::Glitter, tool: 'poof bottle', colours: ['#1d4e89']),
        ))->toBe([['#1d4e89 glitter', null, 0.0]]);
});
