<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Order\Check;
use Core\Order\Craft\Finding;
use Tests\Core\Order\Craft;

/** @return list<string> the rules that speak of a design, tips left out */
function warned(Design $design): array
{
    $findings = array_filter(
        Check::of($design, Craft::circumstances())->findings,
        static fn (Finding $one): bool => $one->severity->value !== 'tip',
    );

    return array_values(array_unique(array_column($findings, 'rule')));
}

// Each of these is painted every day and comes out well. Common practice, no source.
it('says nothing of what practised painters do', function (array $lines): void {
    expect(warned(Craft::face(...$lines)))->toBe([]);
})->with([
    'black wax straight on a fresh base' => [[
        'Base: half sponge tide blue cheek both sides, 0:30',
        'Line: brush round 3 black line cheek both sides, 0:10',
    ]],
    'white lines on a fresh strong base' => [[
        'Base: half sponge coral red cheek both sides, 0:30',
        'Line: brush round 3 white line cheek both sides, 0:10',
    ]],
    'black on black' => [[
        'Fill: brush round 6 black fill cheek both sides, 0:20',
        'Edge: brush round 2 black outline cheek both sides, 0:10',
    ]],
    'a colour on its own kind' => [[
        'Fill: brush round 6 coral red fill cheek both sides, 0:20',
        'Stripes: 3 coral red stripe with round 4 on cheek, both sides, 0:10',
    ]],
    'petals and leaves on a sponged base' => [[
        'Base: half sponge shell pink cheek both sides, 0:30',
        'Petals: 5 plum petal with round 5 on cheek, both sides, 0:20',
        'Leaves: 3 signal green leaf with flat 1/2 in on cheek, both sides, 0:12',
    ]],
    'hearts picked up from a wet flower' => [[
        'Flower: 2 white flower with round 5 on cheek, both sides, 0:20',
        'Hearts: 2 plum dots with round 3 on cheek, both sides, 0:05',
    ]],
    'white dots on a black fill after half a minute' => [[
        'Nose: brush round 5 black fill nose tip, 0:12',
        'Brows: brush round 3 black line brow both sides, 0:32',
        'Sparkle: 2 white dots with round 2 on nose tip, 0:04',
    ]],
    'white over red in two coats' => [[
        'Flag: half sponge coral red cheek both sides, 0:30',
        'Jaw: brush round 4 black line jaw both sides, 0:20',
        'Skull: brush round 6 white fill circle cheek both sides, 2 coats, 0:30',
    ]],
    'wax white first, and red round it' => [[
        'Eyes: brush round 5 white fill eye eye socket both sides, eyes shut, 0:20',
        'Red: brush wash brush coral red fill cheek and forehead and eye socket both sides, 0:50',
    ]],
    'powder, and wet paint on it at once' => [[
        'Powder: powder moon powder eye socket both sides, 0:15',
        'Lines: brush round 3 plum line eye socket both sides, 0:12',
    ]],
    'powder again over dry paint' => [[
        'Base: half sponge white cheek both sides, damp, 0:30',
        'Line: brush round 3 black line chin, 0:20',
        'Powder: powder moon powder cheek both sides, 0:10',
    ]],
    'a softened edge, late' => [[
        'Base: half sponge white cheek both sides, damp, 0:30',
        'Lines: brush round 3 black line cheek both sides, 1:00',
        'Softened: brush flat 1/2 in sea grey blend cheek both sides, damp, 0:10',
    ]],
    'glitter on wet strokes' => [[
        'Base: half sponge white cheek both sides, damp, 0:30',
        'Brows: brush round 3 black line brow both sides, 1:00',
        'Waves: 3 deep blue stripe with round 5 on cheek, both sides, 0:15',
        'Glitter: glitter poof bottle loose glitter cheek both sides, 0:06',
    ]],
    'a second figure sponged beside lines' => [[
        'Rope: 4 slate line with round 3 on cheek and lower cheek, both sides, 0:20',
        'Sea: petal sponge tide blue lower cheek both sides, 0:12',
    ]],
    'whiskers over their zone' => [[
        'Muzzle: half sponge white muzzle both sides, damp, 0:20',
        'Whiskers: 3 white whisker with round 2 on muzzle, both sides, 0:10',
    ]],
    'a picture on one cheek of a face' => [[
        'Base: half sponge white forehead, damp, 0:20',
        'Fish: brush round 6 buoy orange fill fish cheek left, 0:20',
        'Fish edge: brush round 2 black outline fish cheek left, 0:12',
    ]],
    'lips at the very end' => [[
        'Nose: brush round 5 black fill nose tip, 0:12',
        'Lips: brush round 4 coral red fill lips, 0:08, optional',
        'Dots: 3 black dots with round 2 on muzzle, both sides, 0:06',
    ]],
    'a gem before a last poof of glitter' => [[
        'Base: half sponge tide blue forehead, 0:20',
        'Gem: gem self-stick between brows, 0:06',
        'Glitter: glitter poof bottle loose glitter forehead, 0:05',
    ]],
]);

// And each of these goes wrong. Common practice, no source.
it('says what goes wrong', function (array $lines, string $rule): void {
    expect(warned(Craft::face(...$lines)))->toContain($rule);
})->with([
    'a thin pale line on strong wet paint' => [
        [
            'Fill: brush wash brush coral red fill cheek and forehead both sides, 0:30',
            'Line: brush round 1 white line cheek both sides, 0:10',
        ],
        'line-on-tacky-base',
    ],
    'sparkle on a wet pupil' => [
        ['Pupils: 1 black dots with round 4 on brow, both sides, 0:06', 'Sparkle: 1 white dots with round 1 on brow, both sides, 0:04'],
        'sparkle-on-dry',
    ],
    'tears on wet stripes' => [
        [
            'Stripes: 4 black stripe with round 5 on cheek, both sides, 0:20',
            'Tears on the stripes: 4 white teardrops with round 2 on cheek, both sides, 0:10',
        ],
        'sparkle-on-dry',
    ],
    'red stripes on wet white' => [
        ['Tower: brush round 6 white fill lighthouse cheek left, 0:20', 'Stripes: 3 coral red stripe with round 4 on cheek, left, 0:10'],
        'strong-over-pale-on-dry',
    ],
    'one coat of white over red' => [
        [
            'Flag: half sponge coral red cheek both sides, 0:30',
            'Brows: brush round 3 black line brow both sides, 0:20',
            'Skull: brush round 6 white fill circle cheek both sides, 0:20',
        ],
        'pale-over-strong-coats',
    ],
    'a stencil over the lines' => [
        [
            'Base: half sponge white cheek both sides, damp, 0:30',
            'Lines: 3 black line with round 3 on cheek, both sides, 0:20',
            'Mesh: stencil net mesh deep blue cheek both sides, 0:15',
        ],
        'stencil-before-line',
    ],
    'the first large fill of a figure over its lines' => [
        ['Lines: 3 black line with round 3 on cheek, both sides, 0:20', 'Base: half sponge tide blue cheek and forehead both sides, 0:30'],
        'base-before-line',
    ],
    'blush on a ground that is long dry' => [
        [
            'White: half sponge white cheek both sides, damp, 0:30',
            'Brows: brush round 3 black line brow both sides, 1:00',
            'Blush: round sponge shell pink blend cheek both sides, 0:10',
        ],
        'soft-inlay-while-tacky',
    ],
    'powder on wet paint' => [
        ['Base: brush wash brush tide blue fill cheek both sides, 0:30', 'Powder: powder moon powder cheek both sides, 0:10'],
        'powder-before-wet',
    ],
    'loose glitter on what is long dry' => [
        [
            'Base: half sponge tide blue cheek both sides, damp, 0:30',
            'Brows: brush round 3 black line brow both sides, 1:30',
            'Glitter: glitter poof bottle loose glitter cheek both sides, 0:06',
        ],
        'loose-glitter-on-wet',
    ],
    'paint after the gems' => [
        ['Gem: gem self-stick cheek left, 0:06', 'Lines: 3 black line with round 3 on cheek, both sides, 0:20'],
        'gems-last',
    ],
    'lips in the middle of it' => [
        ['Lips: brush round 4 coral red fill lips, 0:10', 'Stripes: 4 black stripe with round 4 on cheek, both sides, 0:40'],
        'lips-last',
    ],
    'half a pair of brows' => [
        ['Nose: brush round 5 black fill nose tip, 0:12', 'Brow: 1 black line with round 3 on brow, left, 0:08'],
        'features-complete',
    ],
]);

it('ranks what it says by what it costs, harm first, and shows the numbers of each', function (): void {
    $findings = Check::of(Craft::face(
        'Lids: brush round 4 plum fill eyelid both sides, eyes open, 0:10',
        'Sea: brush wash brush deep blue fill cheek and forehead both sides, 0:30',
        'Foam: brush round 1 white line cheek both sides, 0:10',
        'Mesh: stencil net mesh coral red cheek both sides, 0:15',
    ), Craft::circumstances())->findings;
    $costs = array_map(
        static fn (Finding $one): int => $one->cost,
        array_values(array_filter($findings, static fn (Finding $one): bool => $one->severity->value === 'warn')),
    );
    $ranked = $costs;
    rsort($ranked);
    $waits = array_values(array_filter($findings, static fn (Finding $one): bool => $one->rule === 'pale-line-on-dry-dark'));

    expect($findings[0]->severity->value)->toBe('stop')->and($costs)->toBe($ranked)->and($waits)->toHaveCount(1)
        ->and(array_column($waits[0]->evidence, 'label'))->toContain('left to dry at the least', 'here it is left')
        ->and($waits[0]->evidence[0]->source)->toBe('starting value')->and($waits[0]->evidence[0]->number?->value)->toBe('wax_seconds')
        ->and($waits[0]->cost)->toBeGreaterThan(10_000);
});
