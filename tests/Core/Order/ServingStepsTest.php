<?php

declare(strict_types=1);

use Core\Design\Step;
use Core\Order\BestOrder;
use Core\Order\Search\WithinLabels;
use Core\Order\ServingSteps;
use Core\Order\TypedWait;
use Tests\Core\Order\Craft;

// Common practice, no source: spritz, wipe, hold still belong to the step that they serve.
it('knows which step an act serves', function (array $lines, array $served): void {
    expect(ServingSteps::in(Craft::face(...$lines)->steps))->toBe($served);
})->with([
    'what makes the next one ready' => [
        ['Spritz the cake: bud tidy, 0:04', 'Mask: brush flat 3/4 in plum sweep temple both sides, 0:30'],
        [0 => 1],
    ],
    'what is done after the last one' => [
        [
            'Mask: brush flat 3/4 in plum sweep temple both sides, 0:30',
            'Wipe the hands: bud tidy, 0:04',
            'Line: brush round 2 black line chin, 0:10',
        ],
        [1 => 0],
    ],
    'at the beginning there is nothing before it' => [
        ['Wipe the face: bud tidy, 0:06', 'Line: brush round 2 black line chin, 0:10'],
        [0 => 1],
    ],
    'at the end there is nothing after it' => [['Line: brush round 2 black line chin, 0:10', 'Hold still: bud tidy, 0:06'], [1 => 0]],
    'two of them serve the same' => [
        ['Spritz the cake: bud tidy, 0:04', 'Load the brush: bud tidy, 0:04', 'Line: brush round 2 black line chin, 0:10'],
        [0 => 2, 1 => 2],
    ],
    'nothing to serve' => [['Spritz the cake: bud tidy, 0:04'], []],
    'what has a place of its own is no act' => [['Line: brush round 2 black line chin, 0:10', 'Tidy the edge: bud tidy chin, 0:06'], []],
]);

it('never tears them from it, in any best order', function (): void {
    $design = Craft::face(
        'Load the brush: bud tidy, 0:04',
        'Black lines: 3 black line with round 3 on cheek, both sides, 0:20',
        'Wipe the brush: bud tidy, 0:04',
        'White dots: 5 white dots with round 3 on chin, 0:10',
        'More black: 3 black line with round 3 on jaw, both sides, 0:20',
    );
    $best = BestOrder::of($design, Craft::circumstances())->run(new WithinLabels(40_000))->best;
    $place = array_flip(array_map(static fn (Step $step): string => $step->name, $best->steps ?? []));

    expect($place['Black lines'] - $place['Load the brush'])->toBe(1)->and($place['Wipe the brush'] - $place['Black lines'])->toBe(1);
});

it('keeps a typed wait as long as there is a step on either side of it', function (): void {
    $design = Craft::face(
        'Base: half sponge sea grey cheek both sides, 0:20',
        'Wait: bud wait, 0:40',
        'Line: brush round 2 black line cheek both sides, 0:10',
        'Wait: bud wait, 0:10',
    );
    $waits = TypedWait::in($design);

    expect(array_map(static fn (TypedWait $wait): array => [$wait->before, $wait->length], $waits))->toBe([[1, 40_000], [2, 10_000]])
        ->and(TypedWait::leftOut($design)->steps)->toHaveCount(2)
        ->and($waits[0]->after(0)->before)->toBe(0)->and($waits[0]->after(0)->length)->toBe(40_000);
});
