<?php

declare(strict_types=1);

use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Technique;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;

// Typed lists of made-up designs, which tools/gallery draws to be looked at.
$designs = array_map(static function (string $design): array {
    [$head, $lines] = explode("\n", $design, 2);
    preg_match('/^(?<name>.+) \((?<placement>[a-z ]+)\)$/', $head, $said);

    return [$said['name'] ?? '', Placement::from(str_replace(' ', '_', $said['placement'] ?? '')), trim($lines)];
}, preg_split('/\n\s*\n/', trim((string) file_get_contents(__DIR__.'/../../tools/gallery/designs.txt'))) ?: []);

it('reads each design of the gallery without a question, line for line', function (
    string $name,
    Placement $placement,
    string $lines,
): void {
    $reading = (new ListReader(Vocabulary::plain()))->read($lines, $placement);

    expect($reading->asks())->toBeFalse()->and(count($reading->steps()))->toBe(substr_count($lines, "\n") + 1, $name);
})->with($designs);

it('has each mark in the gallery, strokes twice at least, over all placements', function () use ($designs): void {
    $techniques = $shapes = [];
    foreach ($designs as [, $placement, $lines]) {
        foreach ((new ListReader(Vocabulary::plain()))->read($lines, $placement)->steps() as $step) {
            $techniques[$step->technique->value] = ($techniques[$step->technique->value] ?? 0) + 1;
            $shapes[$step->mark->shape->value ?? ''] = true;
        }
    }
    $rare = array_filter(
        Technique::cases(),
        static fn (Technique $one): bool => ! $one->needsNoZone() && ($techniques[$one->value] ?? 0) < 2,
    );

    // Figures with parts of their own are on the wall of everyday designs.
    $plain = array_filter(Shape::cases(), static fn (Shape $one): bool => $one->skeleton() === null);

    expect(array_column($rare, 'value'))->toBe([])
        ->and(array_values(array_diff(array_column($plain, 'value'), array_keys($shapes))))->toBe(['web', 'plain'])
        ->and(array_diff(array_column(Placement::cases(), 'value'), array_map(
            static fn (array $design): string => $design[1]->value,
            $designs,
        )))->toBe([])
        ->and(count($designs))->toBeGreaterThanOrEqual(40);
});
