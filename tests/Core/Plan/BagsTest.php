<?php

declare(strict_types=1);

use Core\Colour\PaintKind;
use Core\Design\Colour;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Plan\Bags\OwnThings;
use Core\Plan\Bags\SharedTool;
use Core\Plan\Bags\ToolUses;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;

function brushOf(string $name, string $owner = '', int $howMany = 1, string $reservedFor = ''): Item
{
    return new Item("{$name} {$owner}", ItemKind::Brush, $name, $howMany, reservedFor: $reservedFor, owner: $owner);
}

/** @param  list<array{string, int}>  $steps  tool and seconds */
function usesOf(array $steps, float $weight = 1.0): ToolUses
{
    return ToolUses::of($weight, array_map(static fn (array $step): array => [$step[0], Duration::ofSeconds($step[1])], $steps));
}

/**
 * @param  list<ToolUses>  $menu
 * @param  list<string>  $artists
 * @return array<string, float> seconds that a face waits, by tool
 */
function waits(array $menu, Kit $kit, array $artists, int $cycleSeconds = 240): array
{
    $waits = [];
    foreach (SharedTool::among($menu, $kit, $artists, Duration::ofSeconds($cycleSeconds)) as $shared) {
        $waits[$shared->tool->name] = $shared->waitPerFace->seconds();
    }

    return $waits;
}

it('gathers how long each tool is in the hand', function (): void {
    $uses = usesOf([['Round 4', 20], [' round 4', 15], ['', 30], ['half sponge', 40], ['round 4', 10]]);
    $seconds = static fn (array $holds): array => array_map(static fn (Duration $hold): float => $hold->seconds(), $holds);
    expect(array_map($seconds, $uses->holds))
        ->toBe(['round 4' => [35.0, 10.0], 'half sponge' => [40.0]]);
});

it('tells what one brush in two hands costs', function (): void {
    $menu = [usesOf([['round 4', 60], ['half sponge', 120]])];
    // By hand: each holds it for 60 of 240 seconds; on one face of four the other one has it, and is half through: 7.5 seconds.
    expect(waits($menu, new Kit([brushOf('round 4')]), ['ines', 'tobi']))->toEqualWithDelta(['round 4' => 7.5], 0.01)
        // Nobody waits for a sponge of the own child, for a second brush, or alone.
        ->and(waits($menu, new Kit([brushOf('round 4', howMany: 2)]), ['ines', 'tobi']))->toBe([])
        ->and(waits($menu, new Kit([brushOf('round 4')]), ['ines']))->toBe([])
        ->and(waits($menu, new Kit([brushOf('round 4'), brushOf('Round 4', 'tobi')]), ['ines', 'tobi']))->toBe([])
        // What nobody has is lacking, not shared; what is held for a moment is not worth a word.
        ->and(waits($menu, Kit::empty(), ['ines', 'tobi']))->toBe([])
        ->and(waits([usesOf([['round 4', 8]])], new Kit([brushOf('round 4')]), ['ines', 'tobi']))->toBe([]);
});

it('weighs designs by how often they are painted, and puts first what costs most', function (): void {
    $menu = [usesOf([['round 4', 90]], 3.0), usesOf([['round 2', 120]], 2.0), usesOf([], 1.0)];
    $waits = waits($menu, new Kit([brushOf('round 2'), brushOf('round 4')]), ['ines', 'tobi', 'wren']);
    expect(array_keys($waits))->toBe(['round 4', 'round 2']);
});

/** Two artists who paint face after face, each taking the brush at a moment of its own and waiting where the other one has it. */
function waitPlayed(int $faces, float $cycle, float $hold, int $seed): float
{
    $chance = new Randomizer(new Mt19937($seed));
    $at = [0.0, $cycle / 3];
    $freeFrom = $waited = 0.0;
    for ($face = 0; $face < $faces; $face++) {
        $artist = $at[0] <= $at[1] ? 0 : 1;
        $took = max($at[$artist], $freeFrom);
        $waited += $took - $at[$artist];
        $freeFrom = $took + $hold;
        // From laying it down to wanting it again: what else there is to do, never twice the same.
        $at[$artist] = $freeFrom + ($cycle - $hold) * -log($chance->getInt(1, 1_000_000) / 1_000_001);
    }

    return $waited / $faces;
}

it('comes near what is seen when two artists are played', function (float $hold): void {
    $played = waitPlayed(200_000, 240.0, $hold, 7);
    [$reckoned] = array_values(waits([usesOf([['round 4', (int) $hold]])], new Kit([brushOf('round 4')]), ['ines', 'tobi']));
    // A first-order figure, to be told to the second: the one who waits holds the other one up as well.
    expect($reckoned)->toEqualWithDelta($played, 0.35 * $played + 0.5);
})->with([30.0, 60.0, 90.0]);

it('wants kept brushes and a cake for each artist', function (): void {
    $kit = new Kit([
        brushOf('black 2', 'ines', reservedFor: 'black'), brushOf('white 2', reservedFor: 'white'),
        new Item('night', ItemKind::Paint, 'night', colours: [Colour::of('night', '#0a0a0c')]),
        brushOf('dark 4', 'tobi', reservedFor: 'night'),
        new Item('cake', ItemKind::Paint, 'line cake', colours: [Colour::of('black', '#101014'), Colour::of('white', '#fafafa')],
            paintKind: PaintKind::Split, owner: 'ines'),
    ]);
    // A kept brush is black by its paint, whatever the paint is called; the one white brush of the team is for one of them.
    expect(OwnThings::lacking($kit, ['ines', 'tobi']))->toBe(['tobi' => ['white brush', 'half black, half white cake']])
        ->and(OwnThings::lacking(new Kit([...$kit->items, brushOf('white 4', howMany: 2, reservedFor: 'white')]), ['ines', 'tobi']))
        ->toBe(['tobi' => ['half black, half white cake']])
        ->and(OwnThings::lacking(Kit::empty(), ['ines']))->toHaveKey('ines');
});

it('names the brushes whose handles want a mark', function (): void {
    $kit = new Kit([brushOf('round 4', 'ines'), brushOf('Round 4', 'tobi'), brushOf('round 2', 'ines'), brushOf('round 2')]);
    expect(OwnThings::alike($kit, ['ines', 'tobi']))->toBe(['round 4'])->and(OwnThings::alike($kit, ['ines']))->toBe([]);
});

it('lays the own bag before the team’s things', function (): void {
    $kit = new Kit([brushOf('round 4'), brushOf('round 4', 'tobi', howMany: 3), brushOf('round 2', 'ines')]);
    expect($kit->bagOf('tobi')->named('round 4')?->howMany)->toBe(3)->and(count($kit->bagOf('tobi')->items))->toBe(2)
        ->and($kit->bagOf('ines')->named('round 4')?->owner)->toBe('')->and($kit->isInSeveralBags())->toBeTrue()
        ->and((new Kit([brushOf('round 4')]))->isInSeveralBags())->toBeFalse()
        ->and(count($kit->allNamed(' ROUND 4')))->toBe(2);
});
