<?php

declare(strict_types=1);

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
use Core\Line\Caution;
use Core\Plan\Safety\Advice;
use Core\Plan\Safety\Safety;
use Core\Units\Duration;

/** @param  list<Zone>  $zones */
function stepAt(string $name, array $zones, Medium $medium = Medium::Brush, string $tool = 'round 2'): Step
{
    return new Step(
        id: strtolower($name),
        name: $name,
        medium: $medium,
        tool: $tool,
        colours: [],
        zones: $zones,
        side: Side::Both,
        coats: 1,
        time: Duration::ofSeconds(20),
        dryFor: Duration::zero(),
        optional: false,
        note: '',
        technique: $medium === Medium::Glitter ? Technique::LooseGlitter : null,
    );
}

function adviceOn(Caution $caution, Placement $placement, Kit $kit, Step ...$steps): Advice
{
    $design = new Design('Seal pup', $placement, null, array_values($steps));

    $found = array_filter(Safety::of($design, $kit), static fn (Advice $advice): bool => $advice->caution === $caution);

    return array_values($found)[0];
}

it('says of every caution what it means, whatever the design', function (Placement $placement): void {
    $design = new Design('Any', $placement, null, [stepAt('Base', [$placement->isOnLimb() ? Zone::Arm : Zone::Cheek])]);

    expect(array_column(Safety::of($design, Kit::empty()), 'caution'))->toBe(Caution::cases())
        ->and(array_filter(Safety::of($design, Kit::empty()), static fn (Advice $one): bool => $one->words === ''))->toBe([]);
})->with(Placement::cases());

// The cautions themselves are common practice, no source.

it('paints nothing without a parent\'s yes, nor on a sore face; an arm may do', function (): void {
    $base = stepAt('Base', [Zone::Cheek]);

    expect(adviceOn(Caution::Guardian, Placement::Cheek, Kit::empty(), $base)->isRefused)->toBeTrue()
        ->and(adviceOn(Caution::Skin, Placement::Cheek, Kit::empty(), $base)->isRefused)->toBeTrue()
        ->and(adviceOn(Caution::Skin, Placement::Cheek, Kit::empty(), $base)->words)->toContain('an arm')
        ->and(adviceOn(Caution::Skin, Placement::Arm, Kit::empty(), stepAt('Band', [Zone::Arm]))->isRefused)->toBeFalse();
});

it('paints no full face and no mask under three, and a small mark without gems and loose glitter', function (): void {
    $steps = [
        stepAt('Base', [Zone::Cheek]), stepAt('Gem', [Zone::Cheek], Medium::Gem), stepAt('Glitter', [Zone::Cheek], Medium::Glitter),
    ];
    $small = adviceOn(Caution::UnderThree, Placement::Cheek, Kit::empty(), ...$steps);

    expect(adviceOn(Caution::UnderThree, Placement::FullFace, Kit::empty(), ...$steps)->isRefused)->toBeTrue()
        ->and(adviceOn(Caution::UnderThree, Placement::Mask, Kit::empty(), ...$steps)->isRefused)->toBeTrue()
        ->and($small->isRefused)->toBeFalse()->and($small->without)->toBe(['gem', 'glitter'])
        ->and($small->words)->toContain('“Gem” and “Glitter”')
        ->and(adviceOn(Caution::UnderThree, Placement::Cheek, Kit::empty(), $steps[0])->words)
        ->toBe('A small mark only, with the parent beside.');
});

it('sets self-stick gems in place of glued ones with a latex allergy, else leaves them out', function (): void {
    $steps = [stepAt('Base', [Zone::Cheek]), stepAt('Gem', [Zone::Cheek], Medium::Gem, 'pearl gems')];
    $item = static fn (string $name, bool $selfStick): Item => new Item(
        id: $name,
        kind: ItemKind::Gem,
        name: $name,
        howMany: 20,
        isSelfStick: $selfStick,
    );
    $glued = adviceOn(Caution::Latex, Placement::Cheek, new Kit([$item('pearl gems', false)]), ...$steps);
    $instead = adviceOn(Caution::Latex, Placement::Cheek, new Kit([$item('pearl gems', false), $item('star stickers', true)]), ...$steps);

    expect($glued->without)->toBe(['gem'])->and($instead->without)->toBe([])->and($instead->words)->toContain('star stickers')
        ->and(adviceOn(Caution::Latex, Placement::Cheek, new Kit([$item('pearl gems', true)]), ...$steps)->words)
        ->toContain('Nothing of this design is glued')
        ->and(adviceOn(Caution::Latex, Placement::Cheek, Kit::empty(), $steps[0])->without)->toBe([]);
});

it('leaves out what is at the eyes, keeps away with what runs over, and offers another design where nothing is left', function (): void {
    $lid = stepAt('Lid', [Zone::Eyelid]);
    $band = stepAt('Band', [Zone::Forehead, Zone::EyeSocket]);
    $mixed = adviceOn(Caution::Eyes, Placement::Mask, Kit::empty(), $lid, $band);

    expect($mixed->without)->toBe(['lid'])->and($mixed->words)->toContain('a finger’s width away from the eyes with “Band”')
        ->and($mixed->isRefused)->toBeFalse()
        ->and(adviceOn(Caution::Eyes, Placement::Eye, Kit::empty(), $lid)->isRefused)->toBeTrue()
        ->and(adviceOn(Caution::Eyes, Placement::Cheek, Kit::empty(), stepAt('Base', [Zone::Cheek]))->words)
        ->toBe('This design stays away from the eyes.')
        ->and(adviceOn(Caution::Lips, Placement::FullFace, Kit::empty(), stepAt('Lips', [Zone::Lips]), $band)->without)->toBe(['lips']);
});
