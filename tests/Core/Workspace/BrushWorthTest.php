<?php

declare(strict_types=1);

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Kit\BenchTimes;
use Core\Kit\Kit;
use Core\Timeline\StepTimes;
use Core\Workspace\BrushSaving;
use Core\Workspace\BrushWorth;
use Tests\Core\Paint;

/** @return list<BrushSaving> of a design that turns from white to black and back so many times with one brush */
function turning(int $turns): array
{
    $step = static fn (int $at): Step => Paint::step("s{$at}", medium: Medium::Brush, tool: 'round 3', typed: false)
        ->withColours([$at % 2 === 0 ? Colour::of('white', '#ffffff') : Colour::of('black', '#10131a')]);

    return BrushSaving::of(
        Paint::design(...array_map($step, range(0, $turns))),
        Kit::empty(),
        BenchTimes::starting(),
        StepTimes::starting(),
    );
}

it('adds up what a brush saves over designs, and names the one it helps most', function (): void {
    $worth = BrushWorth::of(['Wave' => turning(2), 'Seal' => turning(4)], ['Wave' => 10, 'Seal' => 1]);
    $white = array_column(array_filter($worth, static fn (BrushWorth $one): bool => $one->colour->name === 'white'), null)[0] ?? null;
    $onFace = static fn (int $turns): int => array_column(
        array_map(static fn (BrushSaving $saving): array => [$saving->colour->name, $saving->aFace->milliseconds], turning($turns)),
        1,
        0,
    )['white'];

    expect(count($worth))->toBe(2)
        ->and($white?->designs)->toBe(2)
        ->and($white?->mostDesign)->toBe('Seal')
        ->and($white?->most->milliseconds)->toBe($onFace(4))
        ->and($white?->onDay->milliseconds)->toBe(10 * $onFace(2) + $onFace(4))
        ->and($worth[0]->onDay->milliseconds)->toBeGreaterThanOrEqual($worth[1]->onDay->milliseconds);
});

it('finds nothing where nothing is saved', function (): void {
    expect(BrushWorth::of([], ['Wave' => 3]))->toBe([])->and(BrushWorth::of(['Wave' => turning(0)], []))->toBe([]);
});
