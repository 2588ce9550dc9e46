<?php

declare(strict_types=1);

use Core\Design\ChangeoverMatrix;
use Core\Design\Defaults;
use Core\Design\Medium;
use Core\Design\Step;
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
    'sponge turned to another colour' => [sponge('#8593a0'), sponge('#f4f2ec'), Defaults::SPONGE_TURN_SECONDS],
    'another sponge' => [sponge(), sponge(tool: 'petal sponge'), Defaults::PICK_UP_SECONDS],
    'sponge to brush' => [sponge(), brush(), Defaults::PICK_UP_SECONDS],
    'brush rinsed from black to white' => [brush('#111111'), brush('#ffffff'), Defaults::RINSE_TO_LIGHTER_SECONDS],
    'brush rinsed from white to black' => [brush('#ffffff'), brush('#111111'), Defaults::RINSE_TO_DARKER_SECONDS],
    'stencil laid on' => [sponge(), Paint::step(medium: Medium::Stencil, tool: 'mesh'), Defaults::STENCIL_PLACE_SECONDS],
    'glitter opened' => [brush(), Paint::step(medium: Medium::Glitter, tool: 'poof bottle'), Defaults::POUCH_SECONDS],
    'hand wiped after gems' => [Paint::step(medium: Medium::Gem, tool: ''), brush(), Defaults::HAND_WIPE_SECONDS + Defaults::PICK_UP_SECONDS],
]);

it('rinses dearer towards the lighter colour (common practice, no source)', function (): void {
    expect(Defaults::RINSE_TO_LIGHTER_SECONDS)->toBeGreaterThan(Defaults::RINSE_TO_DARKER_SECONDS);
});
