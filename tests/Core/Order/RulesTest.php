<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\Silence;
use Core\Order\Craft\Catalogue;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\Severity;
use Core\Order\Schools\School;
use Core\Units\Duration;
use Tests\Core\Order\Craft;

/**
 * For each rule: a design that breaks it, a piece of what is said, the same design done well, and the school that wants it.
 * The rules themselves are common practice without a source, and usual cautions.
 *
 * @return array<string, array{string, Design, string, Design, list<School>}>
 */
function brokenRules(): array
{
    static $cases = [];
    if ($cases !== []) {
        return $cases;
    }
    $base = 'Base: half sponge sea grey cheek both sides, damp, 0:30';
    $line = 'Line: brush round 2 black line cheek both sides, 0:10';
    $rules = [
        [
            'base-before-line', Craft::cheek($line, $base), 'comes first',
            Craft::cheek($base, 'Gap: brush round 4 slate line jaw both sides, 0:40', $line), [],
        ],
        [
            'stencil-before-line', Craft::cheek($line, 'Mesh: stencil net mesh white cheek both sides, 0:10'), 'painted again',
            Craft::cheek('Mesh: stencil net mesh white cheek both sides, 0:10', $line), [],
        ],
        [
            'powder-before-wet', Craft::cheek($base, 'Moon: powder moon powder cheek both sides, 0:10'),
            'powder does not go on wet', Craft::cheek($base, 'Moon: powder moon powder cheek both sides, 0:10, dry 0:10'), [],
        ],
        [
            'outline-after-fill',
            Craft::cheek(
                'Edge: brush round 2 black outline starfish cheek left, 0:10',
                'Star: brush round 6 coral red fill starfish cheek left, 0:20',
            ),
            'edge stays clean',
            Craft::cheek(
                'Star: brush round 6 coral red fill starfish cheek left, 0:20',
                'Edge: brush round 2 black outline starfish cheek left, 0:10',
            ),
            [],
        ],
        [
            'back-before-front',
            Craft::cheek(
                'Sail: brush round 6 white fill sail cheek left, 0:20',
                'Boat: brush round 6 coral red fill boat cheek left, 0:20',
                'Boat edge: brush round 2 black outline boat cheek left, 0:10',
                'Sail edge: brush round 2 black outline sail cheek left, 0:10',
            ),
            'lies behind',
            Craft::cheek(
                'Sail: brush round 6 white fill sail cheek left, 0:20',
                'Boat: brush round 6 coral red fill boat cheek left, 0:20',
                'Sail edge: brush round 2 black outline sail cheek left, 0:10',
                'Boat edge: brush round 2 black outline boat cheek left, 0:10',
            ),
            [],
        ],
        [
            'dots-after-glitter',
            Craft::cheek('Dots: 5 white dots with round 2 on cheek, left, 0:10', 'Glow: glitter gel lantern gel cheek left, 0:15'),
            'hides fine dots',
            Craft::cheek('Glow: glitter gel lantern gel cheek left, 0:15', 'Dots: 5 white dots with round 2 on cheek, left, 0:10'),
            [],
        ],
        [
            'sparkle-on-dry',
            Craft::cheek('Eye: brush round 4 black dots cheek left, 0:06', 'Eye sparkle: 1 white dots with round 2 on cheek, left, 0:05'),
            'bleeds',
            Craft::cheek(
                'Eye: brush round 4 black dots cheek left, 0:06',
                'Eye sparkle: 1 white dots with round 2 on cheek, left, 0:05, dry 0:30',
            ),
            [],
        ],
        [
            'gems-last', Craft::cheek('Gem: gem self-stick cheekbone left, 0:05', $line), 'knocked off',
            Craft::cheek($line, 'Gem: gem self-stick cheekbone left, 0:05'), [],
        ],
        [
            'lips-last',
            Craft::face('Lips: brush round 3 coral red fill lips, 0:10', 'Nose: brush round 3 black fill nose tip, 0:30'),
            'smears',
            Craft::face('Nose: brush round 3 black fill nose tip, 0:30', 'Lips: brush round 3 coral red fill lips, 0:10'),
            [],
        ],
        [
            'lids-last',
            Craft::gentle(Craft::face(
                'Lids: brush round 4 plum fill eyelid both sides, eyes shut, 0:10',
                'Nose: brush round 3 black fill nose tip, 0:10',
            )),
            'dislikes touch',
            Craft::gentle(Craft::face(
                'Nose: brush round 3 black fill nose tip, 0:10',
                'Lids: brush round 4 plum fill eyelid both sides, eyes shut, 0:10',
            )),
            [],
        ],
        [
            'blend-takes-minutes',
            Craft::face('Dusk: brush flat 3/4 in plum and coral red and buoy orange blend forehead and cheek both sides, 0:40'),
            'up to five minutes',
            Craft::face('Dusk: half sponge plum and coral red and buoy orange blend forehead and cheek both sides, 0:40'),
            [],
        ],
        [
            'lips-wear', Craft::face('Lips: brush round 3 coral red fill lips, 0:10'), 'first drink',
            Craft::face('Lips: brush round 3 coral red fill lips, 0:10, optional'), [],
        ],
        [
            'lips-never', Craft::face('Lips: brush round 3 coral red fill lips, 0:10'), 'never paint',
            Craft::face('Nose: brush round 3 black fill nose tip, 0:10'), [School::LipsNever],
        ],
        [
            'loose-glitter-on-wet',
            Craft::cheek(
                'Base: half sponge sea grey cheek left, 0:30',
                'Jaw: brush round 6 black fill jaw left, 0:50',
                'Sparks: glitter poof bottle loose glitter cheek left, 0:06',
            ),
            'until the paint is dry',
            Craft::cheek(
                'Base: half sponge sea grey cheek left, 0:30',
                'Jaw: brush round 6 black fill jaw left, 0:50',
                'Waves: brush round 5 deep blue stripe cheek left, 0:10',
                'Sparks: glitter poof bottle loose glitter cheek left, 0:06',
            ),
            [],
        ],
        [
            'glitter-needs-hold', Craft::cheek('Sparks: glitter poof bottle loose glitter cheek left, 0:06'), 'Nothing holds',
            Craft::cheek('Sparks: glitter lantern gel glitter gel cheek left, 0:06'), [School::GlitterLast],
        ],
        [
            'soft-inlay-while-tacky',
            Craft::face(
                'Base: half sponge white ear both sides, 0:30',
                'Nose: brush round 4 black fill nose tip, 1:00',
                'Pink: round sponge shell pink blend ear both sides, 0:10',
            ),
            'while that is tacky',
            Craft::face(
                'Base: half sponge white ear both sides, 0:30',
                'Pink: round sponge shell pink blend ear both sides, 0:10',
                'Nose: brush round 4 black fill nose tip, 1:00',
            ),
            [],
        ],
        [
            'pale-line-on-dry-dark',
            Craft::cheek(
                'Night: brush wash brush night blue fill cheek and cheekbone left, 0:20',
                'Foam: brush round 2 white line cheek left, 0:10',
            ),
            'bleeds on wet dark',
            Craft::cheek('Night: half sponge night blue cheek left, 0:20', 'Foam: brush round 2 white line cheek left, 0:10'),
            [],
        ],
        [
            'strong-over-pale-on-dry',
            Craft::cheek(
                'Tower: brush round 6 white fill lighthouse cheek left, 0:20',
                'Band: brush round 4 coral red stripe cheek left, 0:10',
            ),
            'on wet “Tower”',
            Craft::cheek(
                'Tower: brush round 6 white fill lighthouse cheek left, 0:20',
                'Band: brush round 4 coral red stripe cheek left, 0:10, dry 1:00',
            ),
            [],
        ],
        [
            'shape-on-wet',
            Craft::cheek(
                'Sea: brush wash brush deep blue fill cheek and cheekbone left, 0:20',
                'Sun: brush flat 1/2 in lamp yellow fill circle cheek left, 0:10',
            ),
            'would turn',
            Craft::cheek('Sea: half sponge deep blue cheek left, 0:20', 'Sun: brush flat 1/2 in lamp yellow fill circle cheek left, 0:10'),
            [],
        ],
        [
            'strong-over-pale-thin',
            Craft::cheek(
                'Tower: half sponge white cheek left, 0:20',
                'Wait: bud wait, 0:30',
                'Band: brush round 4 coral red stripe cheek left, nearly liquid, 0:10',
            ),
            'nearly liquid',
            Craft::cheek(
                'Tower: half sponge white cheek left, 0:20',
                'Wait: bud wait, 0:30',
                'Band: brush round 4 coral red stripe cheek left, damp, 0:10',
            ),
            [],
        ],
        [
            'pale-over-strong-coats',
            Craft::cheek('Sun: half sponge coral red cheek left, 0:20', 'Sail: brush round 6 white fill sail cheek left, 0:10, dry 1:00'),
            'covers with 2 coats',
            Craft::cheek(
                'Sun: half sponge coral red cheek left, 0:20',
                'Sail: brush round 6 white fill sail cheek left, 2 coats, 0:20, dry 1:00',
            ),
            [],
        ],
        [
            'line-on-tacky-base',
            Craft::cheek(
                'Sun: brush wash brush coral red fill cheek and cheekbone left, 0:20',
                'Line: brush round 2 white line cheek left, 0:10',
            ),
            'bleeds on wet',
            Craft::cheek('Sun: half sponge coral red cheek left, 0:20', 'Line: brush round 2 white line cheek left, 0:10'),
            [],
        ],
        [
            'line-on-dry-base',
            Craft::cheek('Base: half sponge sea grey cheek left, 0:20', 'Line: brush round 2 black line cheek left, 0:10, dry 0:08'),
            'waits until',
            Craft::cheek('Base: half sponge sea grey cheek left, 0:20', 'Line: brush round 2 black line cheek left, 0:10, dry 0:14'),
            [School::LineOnDry],
        ],
        [
            'blend-light-into-dark',
            Craft::cheek('Sea: brush flat 3/4 in deep blue and foam blue blend cheek left, 0:20'),
            'pulls the dark colour into the light',
            Craft::cheek('Sea: brush flat 3/4 in foam blue and deep blue blend cheek left, 0:20'),
            [],
        ],
        [
            'muddy-neighbours', Craft::cheek('Dusk: half sponge plum and lamp yellow and coral red cheek left, 0:20'),
            'side by side', Craft::cheek('Dusk: half sponge coral red and lamp yellow cheek left, 0:20'), [],
        ],
        [
            'split-cake-wrong-way',
            Craft::cheek(
                'One: half sponge slate and sea grey and foam blue cheek left, 0:20',
                'Two: half sponge foam blue and sea grey and slate jaw left, 0:20',
            ),
            'other way round',
            Craft::cheek(
                'One: half sponge slate and sea grey and foam blue cheek left, 0:20',
                'Two: half sponge slate and sea grey and foam blue jaw left, 0:20',
            ),
            [],
        ],
        [
            'cake-longer-than-sponge', Craft::cheek('Sea: petal sponge slate and sea grey and foam blue cheek left, 0:20'),
            '50 mm long', Craft::cheek('Sea: half sponge slate and sea grey and foam blue cheek left, 0:20'), [],
        ],
        [
            'line-seen-at-two-metres',
            Craft::cheek(
                'Base: half sponge night blue cheek left, damp, 0:20',
                'Line: brush round 2 night blue line cheek left, 0:10, dry 1:00',
            ),
            'from two metres',
            Craft::cheek(
                'Base: half sponge night blue cheek left, damp, 0:20',
                'Line: brush round 2 white line cheek left, 0:10, dry 1:00',
            ),
            [],
        ],
        [
            'black-and-white-brush',
            Craft::cheek('One: brush round 3 black line cheek left, 0:10', 'Two: brush round 3 white line jaw left, 0:10'),
            'between black and white',
            Craft::cheek('One: brush round 3 black line cheek left, 0:10', 'Two: brush round 4 white line jaw left, 0:10'),
            [],
        ],
        [
            'needless-finer-brush',
            Craft::cheek('One: brush round 4 black line cheek left, 0:10', 'Two: brush round 2 black line jaw left, 0:10'),
            'the tip of round 4',
            Craft::cheek('One: brush round 4 black line cheek left, 0:10', 'Two: brush round 4 black line jaw left, 0:10'),
            [School::TipOfBrush],
        ],
        [
            'sponge-sides', Craft::cheek('One: half sponge slate cheek left, 0:30', 'Two: round sponge white jaw left, 0:30'),
            'clean side', Craft::cheek('One: half sponge slate cheek left, 0:30', 'Two: half sponge white jaw left, 0:30'), [],
        ],
        [
            'tool-torn-apart',
            Craft::cheek(
                'One: brush round 5 tide blue line cheek left, 0:30',
                'Two: brush round 5 white line jaw left, 0:30',
                'Three: brush round 5 tide blue line temple left, 0:30',
            ),
            'with other work between',
            Craft::cheek(
                'One: brush round 5 tide blue line cheek left, 0:30',
                'Three: brush round 5 tide blue line temple left, 0:30',
                'Two: brush round 5 white line jaw left, 0:30',
            ),
            [],
        ],
        [
            'standing-wait',
            Craft::cheek(
                'One: half sponge slate cheek left, 0:10',
                'Two: brush round 4 white line cheek left, 0:10, dry 1:00',
                'Three: brush round 3 black line temple left, 0:20',
            ),
            'can be painted meanwhile',
            Craft::cheek(
                'One: half sponge slate cheek left, 0:10',
                'Three: brush round 3 black line temple left, 0:20',
                'Two: brush round 4 white line cheek left, 0:10, dry 1:00',
            ),
            [],
        ],
        [
            'wet-at-lash-line', Craft::face('Lid: brush round 4 plum fill eyelid both sides, eyes open, 0:10'),
            'lash line with the eye open', Craft::face('Lid: brush round 4 plum fill eyelid both sides, eyes shut, 0:10'), [],
        ],
        [
            'loose-glitter-near-eyes', Craft::face('Sparks: glitter poof bottle loose glitter eye socket both sides, 0:10'),
            'eyes shut first', Craft::face('Sparks: glitter poof bottle loose glitter eye socket both sides, eyes shut, 0:10'), [],
        ],
        [
            'eyes-shut-too-long',
            Craft::face(
                'Lid: brush round 4 plum fill eyelid both sides, eyes shut, 0:30',
                'Glow: brush round 4 plum fill eye socket both sides, eyes shut, 0:30',
                'Nose: brush round 4 plum fill nose tip, 0:10',
            ),
            'at a stretch',
            Craft::face(
                'Lid: brush round 4 plum fill eyelid both sides, eyes shut, 0:30',
                'Nose: brush round 4 plum fill nose tip, 0:10',
                'Glow: brush round 4 plum fill eye socket both sides, eyes shut, 0:30',
            ),
            [],
        ],
        [
            'still-too-long', Craft::sitting(Craft::cheek($base, 'More: brush round 2 black line jaw left, 0:30, optional'), 45),
            'will not last', Craft::sitting(Craft::cheek($base), 45), [],
        ],
        [
            'longer-than-promise', Craft::cheek($base, $line)->withPromise(Duration::ofSeconds(30)), 'over, on every child',
            Craft::cheek($base, $line)->withPromise(Duration::ofSeconds(90)), [],
        ],
        [
            'not-for-skin', Craft::cheek('Sparks: glitter workshop glitter loose glitter cheek left, 0:06'), 'is not for skin',
            Craft::cheek('Sparks: glitter poof bottle loose glitter cheek left, 0:06'), [],
        ],
        [
            'latex-glue', Craft::cheek('Drops: gem sea glass drops cheek left, 0:09'), 'contains latex',
            Craft::cheek('Drops: gem self-stick cheek left, 0:09'), [],
        ],
        [
            'under-three', Craft::fromAge(Craft::cheek('Drops: gem self-stick cheek left, 0:09'), 2), 'no gems under three',
            Craft::fromAge(Craft::cheek('Drops: gem self-stick cheek left, 0:09'), 3), [],
        ],
        [
            'too-busy',
            Craft::cheek(
                'One: 12 black dots with round 2 on outer eye, left, 0:20',
                'Two: 12 white dots with round 2 on outer eye, left, 0:20',
            ),
            'crowd',
            Craft::cheek(
                'One: 5 black dots with round 2 on outer eye, left, 0:10',
                'Two: 5 white dots with round 2 on outer eye, left, 0:10',
            ),
            [],
        ],
        [
            'features-complete', Craft::face('Tears: 3 black teardrops with round 3 on outer eye, left, 0:10'), 'looks unfinished',
            Craft::face('Tears: 3 black teardrops with round 3 on outer eye, both sides, 0:20'), [],
        ],
        [
            'large-white-in-pearl', Craft::face('Snow: half sponge white cheek and muzzle both sides, 0:30'), 'cakey',
            Craft::face('Snow: half sponge pearl white cheek and muzzle both sides, 0:30'), [School::WhitePearl],
        ],
        [
            'frame-dotted', Craft::face('Frame: brush round 2 black outline muzzle both sides, 0:20'), 'dot it instead',
            Craft::face('Frame: 5 black dots with round 2 on muzzle both sides, 0:10'), [School::FrameDotted],
        ],
        [
            'highlights-lighter',
            Craft::cheek('Sea: half sponge deep blue cheek left, 0:20', 'Dots: 5 white dots with round 2 on cheek, left, 0:10, dry 1:00'),
            'lighter colour of the base',
            Craft::cheek(
                'Sea: half sponge deep blue cheek left, 0:20',
                'Dots: 5 tide blue dots with round 2 on cheek, left, 0:10, dry 1:00',
            ),
            [School::HighlightsLighter],
        ],
        [
            'texture-freehand', Craft::cheek('Mesh: stencil net mesh white cheek both sides, 0:20'), 'dot textures freehand',
            Craft::cheek('Mesh: 5 white dots with round 3 on cheek both sides, 0:10'), [School::TextureFreehand],
        ],
        [
            'gems-self-stick', Craft::cheek('Drops: gem sea glass drops cheek left, 0:09'), 'stick by themselves',
            Craft::cheek('Drops: gem self-stick cheek left, 0:09'), [School::GemsSelfStick],
        ],
        ['gems-none', Craft::cheek('Drops: gem self-stick cheek left, 0:09'), 'set no gems', Craft::cheek($line), [School::GemsNone]],
        [
            'features-first',
            Craft::face('Brow: brush round 3 black line temple both sides, 0:10', 'Nose: brush round 3 black line nose tip, 0:10'),
            'so that none is forgotten',
            Craft::face('Nose: brush round 3 black line nose tip, 0:10', 'Brow: brush round 3 black line temple both sides, 0:10'),
            [School::FeaturesFirst],
        ],
        [
            'top-to-bottom',
            Craft::face('Chin: brush round 3 black line chin, 0:10', 'Brow: brush round 3 black line temple both sides, 0:10'),
            'smudged by the hand',
            Craft::face('Brow: brush round 3 black line temple both sides, 0:10', 'Chin: brush round 3 black line chin, 0:10'),
            [School::TopToBottom],
        ],
    ];

    return $cases = array_column($rules, null, 0);
}

it('speaks up where a rule is broken, and not where it is kept', function (string $rule): void {
    [, $bad, $says, $good, $schools] = brokenRules()[$rule];
    $found = Craft::said($rule, $bad, ...$schools);

    expect($found)->not->toBe([])
        ->and($found[0]->says)->toContain($says)
        ->and($found[0]->severity)->toBe(Catalogue::rule($rule)?->info()->severity)
        ->and(Craft::said($rule, $good, ...$schools))->toBe([]);
})->with(array_keys(brokenRules()));

it('mends what it finds by one press', function (string $rule): void {
    [, $bad, , , $schools] = brokenRules()[$rule];
    $found = Craft::said($rule, $bad, ...$schools);
    $fix = $found[0]->fix;

    expect($fix)->not->toBeNull()->and($fix?->label)->not->toBe('');
    $mended = $fix === null ? $bad : $fix->design;
    expect(count(Craft::said($rule, $mended, ...$schools)))->toBeLessThan(count($found))
        ->and($mended->name)->toBe($bad->name);
})->with(array_keys(brokenRules()));

it('is silent where it was silenced, for a reason', function (string $rule): void {
    [, $bad, , , $schools] = brokenRules()[$rule];
    $silenced = new Design(
        name: $bad->name,
        placement: $bad->placement,
        promise: $bad->promise,
        steps: $bad->steps,
        tags: [],
        audience: $bad->audience,
        pins: [],
        silences: [new Silence($rule, 'It is meant so')],
    );

    expect(Craft::said($rule, $silenced, ...$schools))->toBe([]);
})->with(array_keys(brokenRules()));

it('asks only rules of the painter’s own schools', function (string $rule): void {
    [, $bad, , , $schools] = brokenRules()[$rule];
    $others = array_filter($schools, static fn (School $school): bool => Catalogue::rule($rule)?->info()->school === $school);

    expect(Craft::said($rule, $bad, ...$schools))->not->toBe([])
        ->and($others)->toHaveCount(count($schools));
})->with(array_keys(array_filter(brokenRules(), static fn (array $case): bool => $case[4] !== [])));

it('tries every rule of the catalogue here, and each has an id, a title and a place of its own', function (): void {
    $ids = array_map(static fn ($rule): string => $rule->id(), Catalogue::all());
    sort($ids);
    $tried = array_keys(brokenRules());
    sort($tried);

    expect($ids)->toBe($tried)->and(array_unique($ids))->toHaveCount(count($ids));
    foreach (Catalogue::all() as $rule) {
        expect($rule->info()->title)->not->toBe('')->and($rule->id())->toMatch('/^[a-z]+(-[a-z]+)*$/')
            ->and(Catalogue::rule($rule->id()))->toEqual($rule);
    }
    expect(array_filter(Catalogue::all(), static fn ($rule): bool => $rule instanceof OrdersSteps))->not->toBe([]);
});

it('says the worst first', function (): void {
    $check = Core\Order\Check::of(Craft::face(
        'Lips: brush round 3 coral red fill lips, 0:10',
        'Lid: brush round 4 plum fill eyelid both sides, eyes open, 0:10',
        'Tears: 3 black teardrops with round 3 on outer eye, left, 0:10',
    ), Craft::circumstances());
    $ranks = array_map(static fn ($finding): int|false => array_search($finding->severity, Severity::cases(), true), $check->findings);
    $sorted = $ranks;
    sort($sorted);

    expect($ranks)->toBe($sorted)->and($check->hasStop())->toBeTrue();
});

it('has nothing to say of a design without steps', function (): void {
    expect(Core\Order\Check::of(Craft::cheek(), Craft::circumstances())->findings)->toBe([]);
});
