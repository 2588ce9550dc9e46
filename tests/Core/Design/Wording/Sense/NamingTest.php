<?php

declare(strict_types=1);

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Zone;
use Core\Design\Technique;
use Core\Design\Wording\Sense\Naming;
use Tests\Core\Design\Wording\Reads;

it('keeps of a line what names the step', function (string $line, string $name, string $note): void {
    $step = Reads::step($line, Placement::Cheek);

    expect([$step->name, $step->note])->toBe([$name, $note]);
})->with([
    ['thin red stripes on the sails, round 1, 30s', 'stripes on the sails', 'thin'],
    ['white waves', 'waves', ''],
    ['some white waves underneath, 8s', 'waves', ''],
    ['I paint the waves in white', 'waves', ''],
    ['now the waves, white', 'waves', ''],
    ['waves along the bottom, white', 'waves along the bottom', ''],
    ['fins between the tails and the heads', 'fins between the tails and the heads', ''],
    ['white dots', 'White dots', ''],
    ['3 white dots, round 2', 'White dots', ''],
    ['white dots of foam', 'dots of foam', ''],
    ['a poof of glitter on the waves', 'poof on the waves', ''],
    ['gem in the middle of the starfish', 'gem in the middle of the starfish', ''],
    ['gold powder over the waves', 'powder over the waves', ''],
    ['hooks each side of the anchor, white', 'hooks each side of the anchor', ''],
    ['black outline of the hull, round 3: 25s', 'outline of the hull', ''],
    ['gem in centre of starfish', 'gem in centre of starfish', ''],
    ['cover the cheek in white, sponge', 'White cheek', ''],
    ['glitter over the waves', 'glitter over the waves', ''],
    ['outline hull w/ thin lines, black', 'outline hull w/ lines', 'thin'],
    ['black outline, round 2', 'Black outline', ''],
    ['outline the hull', 'outline the hull', ''],
    ['half sponge blue', 'Blue cheek', ''],
    ['half sponge', 'White cheek', ''],
    ['glitter', 'Glitter cheek', ''],
    ['glitter gel', 'Glitter cheek', ''],
    ['a gem', 'Gem cheek', ''],
    ['wait', 'Wait', ''],
    ['wipe hands', 'Wipe hands', ''],
    ['spritz the sponge', 'Spritz the sponge', ''],
    ['Sky: sponge blue', 'Sky', ''],
    ['“Sky: dusk”: sponge blue', 'Sky: dusk', ''],
    ['Sky: sponge blue, frilly', 'Sky', 'frilly'],
    ['harbour wall, brown, frilly at the top', 'harbour wall', 'frilly at the top'],
    ['frilly, harbour wall, brown', 'frilly', 'harbour wall'],
    ['two sails, round 6', 'two sails', ''],
    ['big white sail', 'big sail', ''],
    ['WAVES, WHITE', 'WAVES', ''],
    ['Wellen, round 2', 'Wellen', ''],
    ['モモ, round 2', 'モモ', ''],
    ['⛵ sail', 'sail', ''],
]);

it('shortens a name that tells a story, and keeps the story', function (): void {
    $story = 'wall with windows and doors and chimneys and smoke and a man who waves and a gull that screams';
    $step = Reads::step("{$story}, brown", Placement::Cheek);

    expect(mb_strlen($step->name))->toBeLessThanOrEqual(Naming::LONGEST)->and($story)->toStartWith($step->name)
        ->and($step->note)->toContain('gull');
});

it('calls a step without words of its own by what it is', function (
    Medium $medium,
    Technique $technique,
    ?string $colour,
    ?Zone $zone,
    string $name,
): void {
    expect(Naming::usual(
        $medium,
        $technique,
        $colour === null ? [] : [Colour::of($colour, '#112233')],
        $zone === null ? [] : [$zone],
    ))->toBe($name);
})->with([
    [Medium::Sponge, Technique::Stipple, 'white', Zone::Muzzle, 'White muzzle'],
    [Medium::Sponge, Technique::Blend, 'white', Zone::Muzzle, 'White muzzle'],
    [Medium::Sponge, Technique::Dots, 'white', Zone::Muzzle, 'White dots'],
    [Medium::Brush, Technique::Fill, 'white', Zone::NoseTip, 'White nose tip'],
    [Medium::Brush, Technique::Line, 'white', Zone::Nose, 'White nose'],
    [Medium::Brush, Technique::Outline, 'black', Zone::Nose, 'Black outline'],
    [Medium::Brush, Technique::Whisker, 'black', Zone::Muzzle, 'Black whiskers'],
    [Medium::Brush, Technique::Leaf, null, Zone::Cheek, 'Leaves'],
    [Medium::Glitter, Technique::LooseGlitter, null, Zone::Cheek, 'Glitter cheek'],
    [Medium::Glitter, Technique::GlitterGel, 'gold', Zone::Cheek, 'Gold cheek'],
    [Medium::Gem, Technique::Gem, null, Zone::BetweenBrows, 'Gem between brows'],
    [Medium::Powder, Technique::Powder, 'lilac', Zone::Eyelid, 'Lilac eyelid'],
    [Medium::Bare, Technique::Wait, null, null, 'Wait'],
    [Medium::Bare, Technique::Tidy, null, null, 'Tidy'],
    [Medium::Bare, Technique::LiftOff, null, Zone::Chin, 'Lift off chin'],
]);
