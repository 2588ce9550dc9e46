<?php

declare(strict_types=1);

use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Kit\BenchTimes;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Timeline\Timing;
use Core\Workspace\BrushSaving;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Kit\Things;
use Tests\Core\Paint;

const NAMED = ['black' => '#1c1c22', 'white' => '#fafaf7', 'coral red' => '#d2402f'];

function stroke(string $id, string $colour, string $tool = 'round 2'): Step
{
    return Paint::step($id, 10, Medium::Brush, $tool)->withColours([Colour::of($colour, NAMED[$colour])]);
}

/** @return array<string, float> seconds a face, by colour */
function savings(Design $design, Kit $kit): array
{
    $saved = [];
    foreach (BrushSaving::of($design, $kit, BenchTimes::starting(), StepTimes::starting()->timedBy(Timing::StrokesAlone)) as $saving) {
        $saved[$saving->colour->name] = $saving->aFace->seconds();
    }

    return $saved;
}

it('saves the rinses, but not the taking up', function (): void {
    // Black to white rinses for 10 s, white to black for half of that; taking up the kept brush costs 2 s each time.
    $design = Paint::design(stroke('a', 'black'), stroke('b', 'white'), stroke('c', 'black'));

    expect(savings($design, Kit::empty()))->toBe(['white' => 8.0, 'black' => 3.0]);
});

it('saves nothing where a second brush of the kind lies ready, or the colour has one already', function (): void {
    $design = Paint::design(stroke('a', 'black'), stroke('b', 'white'));

    expect(savings($design, Things::kit(Things::thing(ItemKind::Brush, 'round 2', ['howMany' => 2]))))->toBe([])
        ->and(savings($design, Things::kit(Things::thing(ItemKind::Brush, 'marked', ['reservedFor' => 'White']))))->toBe([])
        ->and(savings(Paint::design(stroke('a', 'black'), stroke('b', 'white', 'round 4')), Kit::empty()))->toBe([]);
});

it('is what the timeline is shorter by once the brush is there', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $steps = array_map(
        static fn (int $number): Step => stroke(
            "s{$number}",
            array_keys(NAMED)[$chance->getInt(0, 2)],
            ['round 2', 'round 4'][$chance->getInt(0, 1)],
        ),
        range(1, 12),
    );
    $design = Paint::design(...$steps);
    $seconds = static fn (Kit $kit): float => Timeline::of(
        $design->steps,
        new ChangeoverMatrix(BenchTimes::starting(), $kit),
        StepTimes::starting()->timedBy(Timing::StrokesAlone),
    )->makespan()->seconds();

    foreach (savings($design, Kit::empty()) as $colour => $saved) {
        $kept = new Item('', ItemKind::Brush, 'marked', reservedFor: $colour);
        expect($seconds(Kit::empty()) - $seconds(Things::kit($kept)))->toEqual($saved);
    }
    expect(savings($design, Kit::empty()))->not->toBe([]);
})->with(range(1, 10));
