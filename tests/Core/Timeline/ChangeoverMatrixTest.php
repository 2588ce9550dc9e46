<?php

declare(strict_types=1);

use Core\Colour\PaintKind;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Kit\BenchAction;
use Core\Kit\BenchTimes;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Timeline\ChangeoverMatrix;
use Core\Units\Duration;
use Tests\Core\Paint;

function sponge(string $colour = '#8593a0', string $tool = 'half sponge'): Step
{
    return Paint::step(tool: $tool, colours: [$colour]);
}

function brush(string $colour = '#111111', string $tool = 'round 3'): Step
{
    return Paint::step(medium: Medium::Brush, tool: $tool, colours: [$colour]);
}

it('costs what the hands do in between', function (?Step $from, Step $to, int $seconds): void {
    expect(ChangeoverMatrix::starting()->between($from, $to)->seconds())->toBe((float) $seconds);
})->with([
    'first step: its tool lies ready' => [null, brush(), 0],
    'same tool, same colour' => [sponge(), sponge(), 0],
    'same tool however it is written' => [brush(tool: 'round 3'), brush(tool: ' Round 3 '), 0],
    'sponge turned to another colour' => [sponge('#8593a0'), sponge('#f4f2ec'), 3],
    'another sponge' => [sponge(), sponge(tool: 'petal sponge'), 4],
    'sponge to brush' => [sponge(), brush(), 4],
    'brush rinsed from black to white' => [brush('#111111'), brush('#ffffff'), 12],
    'brush rinsed from white to black' => [brush('#ffffff'), brush('#111111'), 7],
    'stencil laid on' => [sponge(), Paint::step(medium: Medium::Stencil, tool: 'mesh'), 8],
    'glitter opened' => [brush(), Paint::step(medium: Medium::Glitter, tool: 'poof bottle'), 5],
    'hand wiped after gems' => [Paint::step(medium: Medium::Gem, tool: ''), brush(), 4 + 4],
]);

it('rinses dearer towards the lighter colour (common practice, no source)', function (): void {
    $seconds = static fn (string $from, string $to): float => ChangeoverMatrix::starting()->between(brush($from), brush($to))->seconds();

    expect($seconds('#111111', '#ffffff'))->toBeGreaterThan($seconds('#ffffff', '#111111'));
});

it('takes up another brush instead of rinsing where the kit has one', function (Item $brush, int $seconds): void {
    $black = Paint::step(medium: Medium::Brush, tool: 'round 3', colours: ['#111111']);
    $white = new Step(...[...get_object_vars($black), 'colours' => [Colour::of('white', '#ffffff')]]);
    $matrix = new ChangeoverMatrix(BenchTimes::starting(), new Kit([$brush]));

    expect($matrix->between($black, $white)->seconds())->toBe((float) $seconds);
})->with([
    'one kept for the colour' => [new Item('a', ItemKind::Brush, 'white round 2', reservedFor: 'White'), 4],
    'a second one alike' => [new Item('a', ItemKind::Brush, 'round 3', 2), 4],
    'none left of the one kept' => [new Item('a', ItemKind::Brush, 'white round 2', 0, reservedFor: 'white'), 12],
    'one kept for another colour' => [new Item('a', ItemKind::Brush, 'red round 2', reservedFor: 'red'), 12],
]);

it('has less of a way to a cake held in the hand', function (): void {
    $cake = new Item(
        'a',
        ItemKind::Paint,
        'line cake',
        colours: [Colour::of('black', '#111111'), Colour::of('white', '#ffffff')],
        paintKind: PaintKind::Split,
    );
    $matrix = new ChangeoverMatrix(BenchTimes::starting(), new Kit([$cake]));

    expect($matrix->between(brush('#111111'), brush('#ffffff'))->seconds())->toBe(11.0);
});

it('goes by the painter\'s own hands once they are timed', function (): void {
    $times = new BenchTimes([BenchAction::Turn->value => Duration::ofMilliseconds(1800)]);
    $matrix = new ChangeoverMatrix($times, Kit::empty());

    expect($matrix->between(sponge('#8593a0'), sponge('#f4f2ec'))->milliseconds)->toBe(1800)
        ->and($times->hasOwn())->toBeTrue()->and(BenchTimes::starting()->hasOwn())->toBeFalse();
});
