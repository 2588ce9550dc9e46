<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

/**
 * @param  array<string, mixed>  $changed
 * @return array{int, array<string, mixed>}
 */
function weighed(array $changed = []): array
{
    $path = tempnam(sys_get_temp_dir(), 'plan');
    $design = static fn (string $name, int $seconds, int $price, mixed ...$more): array => [
        'name' => $name, 'price' => $price, 'versions' => [['seconds' => $seconds], ['seconds' => $seconds / 2, 'look' => 0.6]], ...$more,
    ];
    file_put_contents($path, json_encode(array_replace([
        'format' => 'inch-timer/event-plan',
        'version' => 1,
        'event' => ['opens' => '14:00', 'closes' => '16:00'],
        'arrivals' => ['kind' => 'at_once', 'children' => 22],
        'menu' => [
            $design('wave band', 150, 400), $design('starfish', 200, 500), $design('octopus brow', 300, 700, promiseSeconds: 300),
            $design('puffin mask', 400, 900, keep: true), $design('jellyfish', 260, 600),
        ],
        'artists' => [['name' => 'Ines']],
        'designs' => 4,
    ], $changed), JSON_THROW_ON_ERROR));
    $exit = Artisan::call('inch:menu', ['file' => $path]);
    $output = Artisan::output();

    return [$exit, $exit === 2 ? ['says' => $output] : (array) json_decode($output, true, flags: JSON_THROW_ON_ERROR)];
}

it('prints what speaks against a menu, and the best of it', function (): void {
    [$exit, $told] = weighed();
    $look = $told['recommended']['look'];

    expect($exit)->toBe(0)
        // 300 seconds are the middle: 8 of 10 take longer than that. The quickest takes 2:30, and nothing is for an arm.
        ->and(array_column($told['findings'], 'rule'))->toBe(['promise_nobody_keeps', 'nothing_quick', 'nothing_gentle'])
        ->and($told['offers'][2]['honestPromiseSeconds'])->toBeGreaterThan(300)
        ->and($look['designs'])->toHaveCount(4)->and($look['chanceOfAll'])->toBeGreaterThanOrEqual(0.9)
        ->and($look['meanFaceSeconds'])->toBeLessThanOrEqual($look['bearableFaceSeconds'])
        ->and(array_column($look['designs'], 'version', 'name')['puffin mask'])->toBe(0)
        ->and($look['wishCosts'])->toBeGreaterThan(0)
        ->and($told['recommended']['takings']['worth'])->toBeGreaterThan(400);
});

it('says by its exit that no menu would do', function (): void {
    [$exit, $told] = weighed(['arrivals' => ['kind' => 'at_once', 'children' => 120]]);

    expect($exit)->toBe(1)->and($told['recommended'])->toBe(['look' => null, 'takings' => null]);
});

it('refuses more designs than can be weighed', function (): void {
    $many = array_map(static fn (int $at): array => ['name' => "design {$at}", 'versions' => [['seconds' => 60]]], range(1, 13));

    expect(weighed(['menu' => $many])[0])->toBe(2)->and(weighed(['menu' => []])[0])->toBe(2)->and(weighed(['designs' => 0])[0])->toBe(2);
});
