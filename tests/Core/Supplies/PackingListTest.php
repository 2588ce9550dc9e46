<?php

declare(strict_types=1);

use Core\Colour\PaintKind;
use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Supplies\FacesToBring;
use Core\Supplies\Packed;
use Core\Supplies\PackingList;
use Core\Supplies\UsedUp;
use Core\Units\Duration;
use Tests\Core\Paint;
use Tests\Reference\R;

function designOf(Step ...$steps): Design
{
    return new Design('Wave band', Placement::FullFace, null, array_values($steps));
}

/**
 * @param  list<Packed>  $list
 * @return array<string, Packed>
 */
function byName(array $list): array
{
    return array_column($list, null, 'name');
}

it('weighs what a face uses up', function (): void {
    $used = UsedUp::of(designOf(
        // Both cheeks, 40 square centimetres, two coats of 2 mg each.
        Paint::step('a', 30, colours: ['#8593a0'], zones: [Zone::Cheek], side: Side::Both, coats: 2),
        // Two colours side by side on the forehead, once: 22 square centimetres.
        Paint::step('b', 30, tool: 'petal sponge', colours: ['#8593a0', '#ffffff'], zones: [Zone::Forehead], side: Side::Centre),
        // Five tears of 4 mg on one side.
        Paint::step('c', 30, Medium::Brush, 'round 3', ['#101014'], side: Side::Left, technique: Technique::Teardrop, count: 5),
        Paint::step('d', 10, Medium::Glitter, 'lantern gel', []),
        Paint::step('e', 10, Medium::Gem, 'round gems', [], side: Side::Both, technique: Technique::Gem, count: 3),
    ));

    expect(array_map(static fn (array $paint): float => round($paint['grams'], 4), $used->paint))
        ->toBe(['#8593a0' => 0.16 + 0.022, '#ffffff' => 0.022, '#101014' => 0.02])
        ->and(array_keys($used->sponges))->toBe(['half sponge', 'petal sponge'])
        ->and($used->glitter)->toBe(['lantern gel' => 0.08])->and($used->gems)->toBe(['round gems' => 6]);
});

it('packs for all faces, and says what is short', function (): void {
    $kit = new Kit([
        new Item(
            '1',
            ItemKind::Paint,
            'sea grey',
            colours: [Colour::of('sea grey', '#8593a0')],
            paintKind: PaintKind::Glycerine,
            gramsLeft: 5,
        ),
        new Item('2', ItemKind::Sponge, 'half sponge', howMany: 20),
        new Item('3', ItemKind::Brush, 'round 3'),
        new Item('4', ItemKind::Wipe, 'wipes', howMany: 500),
    ]);
    $design = designOf(
        Paint::step('a', 30, colours: ['#8593a0'], zones: [Zone::Cheek], side: Side::Both),
        Paint::step('b', 30, Medium::Brush, 'round 3', ['#d2402f'], technique: Technique::Dots, side: Side::Left, count: 5),
        Paint::step('c', 30, Medium::Brush, 'round 1', ['#d2402f'], technique: Technique::Dots, side: Side::Left, count: 5),
    );
    $list = byName(PackingList::of([[$design, 100]], 100, $kit));

    // 40 square centimetres of 2 mg, a hundred times: 8 g where 5 are left.
    expect($list['sea grey']->amount)->toBe(8.0)->and($list['sea grey']->short())->toBe(3.0)
        ->and($list['half sponge']->short())->toBe(80.0)
        ->and($list['#d2402f']->isInKit)->toBeFalse()->and($list['#d2402f']->short())->toBe(4.0)
        ->and($list['round 3']->short())->toBe(0.0)->and($list['round 1']->short())->toBe(1.0)
        ->and($list['wipes']->amount)->toBe(200.0)->and($list['wipes']->short())->toBe(0.0)
        ->and($list['water changes']->amount)->toBe(9.0)->and($list['water changes']->short())->toBe(0.0);
});

it('cries not for what nobody has weighed or counted', function (): void {
    $kit = new Kit([
        new Item('1', ItemKind::Paint, 'sea grey', colours: [Colour::of('sea grey', '#8593a0')]),
        new Item('2', ItemKind::Sponge, 'half sponge'),
    ]);
    $list = byName(PackingList::of([[designOf(Paint::step('a', 30, colours: ['#8593a0'], zones: [Zone::Cheek])), 300]], 300, $kit));

    expect($list['sea grey']->have)->toBeNull()->and($list['sea grey']->short())->toBe(0.0)
        ->and($list['half sponge']->have)->toBeNull()->and($list['half sponge']->short())->toBe(0.0);
});

it('brings glue for gems that do not stick by themselves', function (): void {
    $gems = static fn (string $tool): Design => designOf(Paint::step(
        'e',
        10,
        Medium::Gem,
        $tool,
        [],
        side: Side::Left,
        technique: Technique::Gem,
        count: 2,
    ));
    $kit = new Kit([
        new Item('1', ItemKind::Gem, 'sticker gems', howMany: 500, isSelfStick: true),
        new Item('2', ItemKind::Glue, 'skin glue'),
    ]);
    $list = byName(PackingList::of([[$gems('sticker gems'), 50], [$gems('round gems'), 10]], 60, $kit));

    expect($list['sticker gems']->amount)->toBe(100.0)->and($list['round gems']->short())->toBe(20.0)
        ->and($list['skin glue']->amount)->toBe(0.4)
        ->and(byName(PackingList::of([[$gems('sticker gems'), 50]], 50, $kit)))->not->toHaveKey('skin glue');
});

it('goes as far above the mean as the newsvendor would', function (): void {
    // Without contagion it is the binomial's normal approximation: 100 faces, a quarter each, 1.2816 standard deviations of 4.33.
    [$z] = R::numbers('options(digits=12); cat(qnorm(0.9), sep="\n")');

    expect(FacesToBring::of(100, [1.0, 1.0, 1.0, 1.0], 0.0))->toBe(array_fill(0, 4, (int) ceil(25 + $z * sqrt(100 * 0.25 * 0.75))))
        ->and(FacesToBring::of(100, [1.0, 3.0], 0.0, 0.5))->toBe([25, 75])
        // One popular face brings a dozen: the margin is wider.
        ->and(FacesToBring::of(100, [1.0, 1.0, 1.0, 1.0], 0.08)[0])->toBeGreaterThan(40)
        ->and(FacesToBring::of(100, [1.0], 0.08))->toBe([100])->and(FacesToBring::of(0, [1.0, 1.0], 0.08))->toBe([0, 0]);
});

it('is enough on nine days of ten, as they are played', function (): void {
    $open = Duration::ofMinutes(1000);
    $face = FaceTime::fixed(Duration::ofMinutes(1));
    $simulation = new Simulation(new Scenario(
        open: $open,
        arrivals: Arrivals::atOnce(80),
        menu: array_map(static fn (float $weight): Offer => new Offer("design {$weight}", $weight), [1.0, 2.0, 3.0]),
        artists: [Artist::all('Ines', $open, $face, $face, $face)],
        turnaround: Duration::zero(),
        rules: new LineRules(contagion: 0.08),
    ), 6);
    $brought = FacesToBring::of(80, [1.0, 2.0, 3.0], 0.08);
    $enough = [0, 0, 0];
    for ($run = 0; $run < 1500; $run++) {
        $painted = $simulation->run(1, $run)->painted;
        foreach ($brought as $at => $faces) {
            $enough[$at] += $painted[2 * $at] <= $faces ? 1 : 0;
        }
    }

    // The urn is a little skew against the normal distribution.
    foreach ($enough as $days) {
        expect($days / 1500)->toBeGreaterThan(0.86)->toBeLessThan(0.95);
    }
});
