<?php

declare(strict_types=1);

use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;
use Tests\Core\Design\Wording\Reads;

it('knows a tool by what painters call it', function (string $words, Medium $medium, string $tool): void {
    $step = Reads::step("{$words}, white, 9s", Placement::Cheek);

    expect([$step->medium, $step->tool])->toBe([$medium, $tool]);
})->with([
    ['half sponge', Medium::Sponge, 'half sponge'],
    ['1/2 sponge', Medium::Sponge, 'half sponge'],
    ['half-sponge', Medium::Sponge, 'half sponge'],
    ['round sponge', Medium::Sponge, 'round sponge'],
    ['petal sponge', Medium::Sponge, 'petal sponge'],
    ['teardrop sponge', Medium::Sponge, 'teardrop sponge'],
    ['finger dauber', Medium::Sponge, 'finger dauber'],
    ['sponge', Medium::Sponge, ''],
    ['tip of the sponge', Medium::Sponge, ''],
    ['corner of the sponge', Medium::Sponge, ''],
    ['round 3', Medium::Brush, 'round 3'],
    ['liner', Medium::Brush, 'round 1'],
    ['detail brush', Medium::Brush, 'round 1'],
    ['script brush', Medium::Brush, 'round 1'],
    ['fine brush', Medium::Brush, 'round 1'],
    ['small brush', Medium::Brush, 'round 2'],
    ['medium brush', Medium::Brush, 'round 4'],
    ['big brush', Medium::Brush, 'round 6'],
    ['flat brush', Medium::Brush, 'flat 1/2 in'],
    ['big flat brush', Medium::Brush, 'flat 3/4 in'],
    ['one-stroke brush', Medium::Brush, 'flat 3/4 in'],
    ['angle brush', Medium::Brush, 'angle 1/2 in'],
    ['angled brush', Medium::Brush, 'angle 1/2 in'],
    ['filbert', Medium::Brush, 'filbert'],
    ['filbert brush', Medium::Brush, 'filbert'],
    ['petal brush', Medium::Brush, 'petal brush'],
    ['wash brush', Medium::Brush, 'wash brush'],
    ['fan brush', Medium::Brush, 'wash brush'],
    ['brush', Medium::Brush, ''],
    ['tip of the brush', Medium::Brush, 'round 2'],
    ['lollipop', Medium::Powder, 'lollipop applicator'],
    ['wand', Medium::Powder, 'lollipop applicator'],
    ['smoothing applicator', Medium::Powder, 'lollipop applicator'],
    ['poof bottle', Medium::Glitter, 'poof bottle'],
    ['puffer', Medium::Glitter, 'poof bottle'],
    ['self-stick gem', Medium::Gem, 'self-stick'],
    ['stick-on gem', Medium::Gem, 'self-stick'],
    ['gem with skin glue', Medium::Gem, 'skin glue'],
]);

/** With a bag of these tools. */
function readWithTools(string $line, string ...$brushes): Core\Design\Step
{
    $tools = array_fill_keys($brushes, Medium::Brush);

    return (new ListReader(Vocabulary::withKit($tools, [], [])))->read($line, Placement::Cheek)->steps()[0];
}

it('reaches for the usual brush of those in the bag', function (string $line, array $brushes, string $tool): void {
    expect(readWithTools($line, ...$brushes)->tool)->toBe($tool);
})->with([
    'hair lines with the finest' => ['whiskers', ['round 0', 'round 2', 'round 5'], 'round 0'],
    'outlines with a middling one' => ['outline', ['round 0', 'round 3', 'round 5'], 'round 3'],
    'thin outlines with the finest' => ['thin outline', ['round 0', 'round 3', 'round 5'], 'round 0'],
    'stripes with a broad one' => ['red stripes', ['round 0', 'round 3', 'round 5'], 'round 5'],
    'petals with a broad one' => ['petals', ['round 2', 'round 4'], 'round 4'],
    'shapes with the broadest' => ['red boat', ['round 2', 'round 6'], 'round 6'],
    'none that is not there' => ['outline', ['flat 1/2 in'], ''],
    'the liner that is called so' => ['liner, black lines', ['Liner', 'round 1'], 'Liner'],
    'the next best for a word' => ['liner, black lines', ['round 2'], 'round 1'],
]);

it('takes the names of the bag before all other words', function (): void {
    $vocabulary = Vocabulary::withKit(
        ['Old Faithful' => Medium::Brush, 'dots' => Medium::Stencil],
        [Core\Design\Colour::of('mist', '#9fb3b8')],
        ['Pier' => [Core\Design\Colour::of('plank', '#775533'), Core\Design\Colour::of('mist', '#9fb3b8')]],
    );
    $reader = new ListReader($vocabulary);
    $step = static fn (string $line): Core\Design\Step => $reader->read($line, Placement::Cheek)->steps()[0];

    expect($step('old faithful, mist, wave')->tool)->toBe('Old Faithful')
        ->and($step('old fathful, mist')->tool)->toBe('Old Faithful')
        ->and($step('pier on a sponge')->colours)->toHaveCount(2)
        ->and($step('sponge mist')->colours[0]->hex)->toBe('#9fb3b8')
        ->and($vocabulary->mediumOfTool('old faithful'))->toBeNull()
        ->and($vocabulary->mediumOfTool('Old Faithful'))->toBe(Medium::Brush);
});
