<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

/**
 * Runs a command with a file of these designs.
 *
 * @param  list<array<string, mixed>>  $designs
 * @param  array<string, mixed>  $options
 * @return array{int, string}
 */
function craft(string $command, array $designs, array $options = []): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'inch');
    file_put_contents($file, json_encode(['format' => 'inch-timer/design', 'version' => 3, 'designs' => $designs], JSON_THROW_ON_ERROR));
    $exit = Artisan::call($command, ['file' => $file, ...$options]);
    unlink($file);

    return [$exit, Artisan::output()];
}

/** @return array<string, mixed> a base and a line over it, and more work beside */
function nightSky(): array
{
    $white = [['name' => 'white', 'hex' => '#fafaf7']];

    return ['name' => 'Night sky', 'placement' => 'cheek', 'steps' => [
        [
            'name' => 'Night', 'medium' => 'brush', 'technique' => 'fill', 'tool' => 'wash brush',
            'colours' => [['name' => 'night blue', 'hex' => '#1b2a52']], 'zones' => ['cheek', 'cheekbone'], 'side' => 'left',
            'seconds' => 20,
        ],
        [
            'name' => 'Stars', 'medium' => 'brush', 'technique' => 'starburst', 'tool' => 'round 2', 'colours' => $white,
            'zones' => ['cheek'], 'side' => 'left', 'seconds' => 10,
        ],
        [
            'name' => 'Waves', 'medium' => 'brush', 'technique' => 'stripe', 'tool' => 'round 4',
            'colours' => [['name' => 'tide blue', 'hex' => '#3f8fc6']], 'zones' => ['jaw'], 'side' => 'left', 'seconds' => 30,
        ],
    ]];
}

/** @return array<string, mixed> wet paint at the lash line with the eye open */
function lashLine(): array
{
    return ['name' => 'Octopus brow', 'placement' => 'brow', 'steps' => [
        [
            'name' => 'Lids', 'medium' => 'brush', 'technique' => 'fill', 'tool' => 'round 4', 'colours' => [['hex' => '#5b3a86']],
            'zones' => ['eyelid'], 'side' => 'both', 'seconds' => 20,
        ],
    ]];
}

it('prints the timeline and what the craft says', function (): void {
    [$exit, $output] = craft('inch:check', [nightSky()]);
    $design = json_decode($output, true, flags: JSON_THROW_ON_ERROR)['designs'][0];

    expect($exit)->toBe(0)->and($design['totalSeconds'])->toEqual(60)->and($design['spans'])->toHaveCount(5)
        ->and($design['findings'][0])->toMatchArray(['rule' => 'sparkle-on-dry', 'severity' => 'warn', 'steps' => [1, 2]])
        ->and($design['findings'][0]['fix'])->toContain('Let it dry');
});

it('ends with 1 when something stops', function (): void {
    [$exit, $output] = craft('inch:check', [nightSky(), lashLine()]);

    expect($exit)->toBe(1)->and($output)->toContain('wet-at-lash-line');
});

it('goes by the weather and the schools', function (): void {
    [, $usual] = craft('inch:check', [nightSky()]);
    [, $warm] = craft('inch:check', [nightSky()], ['--weather' => '33,20,3']);
    [, $dry] = craft('inch:check', [nightSky()], ['--school' => ['line_on_dry']]);

    expect($usual)->toContain('dry, 0:34 after')->and($warm)->not->toContain('dry, 0:34 after')
        ->and($usual)->not->toContain('line-on-dry-base')->and($dry)->not->toContain('line-on-tacky-base');
});

it('prints the best order, and a design that may be read again', function (): void {
    [$exit, $output] = craft('inch:order', [nightSky()]);
    $design = json_decode($output, true, flags: JSON_THROW_ON_ERROR)['designs'][0];

    expect($exit)->toBe(0)->and($design)->toMatchArray(['proven' => true, 'gapPercent' => 0, 'clash' => []])
        ->and(array_column($design['design']['steps'], 'name'))->toBe(['Night', 'Waves', 'Stars'])
        ->and($design['savedSeconds'])->toEqual($design['typedWithWaitsSeconds'] - $design['totalSeconds'])
        ->and($design['moves'][0]['why'])->not->toBe('');
    [$again, $same] = craft('inch:order', [$design['design']]);
    expect($again)->toBe(0)->and(json_decode(
        $same,
        true,
        flags: JSON_THROW_ON_ERROR,
    )['designs'][0]['totalSeconds'])->toBe($design['totalSeconds']);
});

it('gives the same answer on every machine when it counts beginnings', function (): void {
    expect(craft('inch:order', [nightSky()], ['--labels' => '50']))->toBe(craft('inch:order', [nightSky()], ['--labels' => '50']));
});

it('ends with 1 and says what clashes when nothing is feasible', function (): void {
    [$exit, $output] = craft(
        'inch:order',
        [[...nightSky(), 'pins' => [['kind' => 'before', 'steps' => [2, 1]], ['kind' => 'before', 'steps' => [1, 2]]]]],
    );
    $design = json_decode($output, true, flags: JSON_THROW_ON_ERROR)['designs'][0];

    expect($exit)->toBe(1)->and($design['design'])->toBeNull()->and($design['proven'])->toBeTrue()->and($design['clash'])->toHaveCount(2);
});

it('refuses bad input with one message', function (string $command, array $designs, array $options): void {
    [$exit] = craft($command, $designs, $options);

    expect($exit)->toBe(2);
})->with(['inch:check', 'inch:order'])->with([
    'no step of that number' => [[[...nightSky(), 'pins' => [['kind' => 'before', 'steps' => [1, 9]]]]], []],
    'a pin of one' => [[[...nightSky(), 'pins' => [['kind' => 'together', 'steps' => [1]]]]], []],
    'no weather' => [[nightSky()], ['--weather' => 'sunny']],
    'no weather to paint in' => [[nightSky()], ['--weather' => '80,50,0']],
    'an unknown school' => [[nightSky()], ['--school' => ['line_on_air']]],
    'no designs' => [[], []],
]);

it('lays paint coat by coat', function (): void {
    expect(Artisan::call('inch:mix', ['colours' => ['#fafaf7'], '--over' => '#d2402f', '--coats' => '3']))->toBe(0);
    $mix = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);

    // Common practice, no source: white over red takes two coats, perhaps three.
    expect($mix['coversWith'])->toBeIn([2, 3])->and($mix['coats'])->toHaveCount(3)
        ->and($mix['coats'][0]['difference'])->toBeGreaterThan($mix['coats'][1]['difference']);
});

it('stirs two paints together', function (): void {
    expect(Artisan::call('inch:mix', ['colours' => ['#5b3a86', 'f6c945'], '--share' => '50']))->toBe(0);
    $mix = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);

    expect($mix['isMuddy'])->toBeTrue()->and($mix['blend']['hex'])->toMatch('/^#[0-9a-f]{6}$/')->and($mix['laid']['word'])->not->toBe('');
});

it('refuses paint that is none', function (array $arguments): void {
    expect(Artisan::call('inch:mix', $arguments))->toBe(2);
})->with([
    [['colours' => ['red']]], [['colours' => ['#fafaf7', '#d2402f', '#1c1c22']]], [['colours' => ['#fafaf7'], '--over' => 'skin']],
    [['colours' => ['#fafaf7'], '--coats' => '0']], [['colours' => ['#fafaf7', '#d2402f'], '--share' => '140']],
    [['colours' => ['#fafaf7'], '--finish' => 'matt']], [['colours' => ['#fafaf7'], '--kind' => 'oil']],
    [['colours' => ['#fafaf7'], '--load' => 'dry']],
]);
