<?php

declare(strict_types=1);

use Core\Design\ChangeoverMatrix;
use Core\Design\Design;
use Core\Design\DesignFile;
use Core\Design\Placement;

/** @return list<Design> those of the demo, typed in by the team */
function demoDesigns(): array
{
    /** @var array<string, mixed> $file */
    $file = json_decode((string) file_get_contents(__DIR__.'/../../database/demo/designs.json'), true, 32, JSON_THROW_ON_ERROR);

    return DesignFile::read($file);
}

// Common practice, no source: a quick full face takes 3 to 4 minutes, with all its extras up to 5; an eye or half mask 5 at
// most; a cheek design 1 minute for its core and up to 3 with highlights.
it('takes the minutes that the trade quotes', function (Placement $placement, float $least, float $most): void {
    $designs = array_filter(demoDesigns(), static fn (Design $design): bool => $design->placement === $placement);

    expect($designs)->not->toBe([]);
    foreach ($designs as $design) {
        $minutes = $design->timeline(ChangeoverMatrix::starting())->makespan()->seconds() / 60;
        expect($minutes)->toBeGreaterThanOrEqual($least, $design->name)->toBeLessThanOrEqual($most, $design->name);
    }
})->with([[Placement::FullFace, 3, 5], [Placement::Mask, 2, 5], [Placement::Cheek, 1, 3]]);

// Common practice, no source: a brush taken from black to white and back all day costs far more than four brushes that each
// keep their colour.
it('shows what rinsing one brush between black and white costs a face', function (): void {
    $line = static fn (string $tool, string $hex): array => [
        'name' => "Line {$hex}", 'medium' => 'brush', 'tool' => $tool, 'colours' => [['hex' => $hex]], 'zones' => ['cheek'], 'seconds' => 10,
    ];
    $face = static fn (string $black, string $white): Design => DesignFile::read(['designs' => [[
        'name' => 'Puffin mask', 'placement' => 'mask',
        'steps' => [$line($black, '#111111'), $line($white, '#ffffff'), $line($black, '#111111'), $line($white, '#ffffff')],
    ]]])[0];
    $seconds = static fn (Design $design): float => $design->timeline(ChangeoverMatrix::starting())->makespan()->seconds();

    expect($seconds($face('round 2', 'round 2')) - $seconds($face('black round 2', 'white round 2')))->toBeGreaterThanOrEqual(15.0);
});
