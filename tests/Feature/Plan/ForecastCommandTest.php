<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

/**
 * @param  array<string, mixed>  $changed
 * @return string path of a plan's file
 */
function planFile(array $changed = []): string
{
    $path = tempnam(sys_get_temp_dir(), 'plan');
    file_put_contents($path, json_encode(array_replace([
        'format' => 'inch-timer/event-plan',
        'version' => 1,
        'event' => ['opens' => '11:00', 'closes' => '4 pm', 'turnaroundSeconds' => 60],
        'arrivals' => ['kind' => 'by_profile', 'children' => 60, 'profile' => [1, 2, 2, 1, 1], 'groups' => [6, 3, 1]],
        'menu' => [
            ['name' => 'wave band', 'price' => 400, 'versions' => [['seconds' => 180], ['seconds' => 110, 'look' => 0.7]]],
            ['name' => 'puffin mask', 'price' => 800, 'versions' => [['seconds' => 360]]],
        ],
        'artists' => [
            ['name' => 'Ines', 'shifts' => [['11:00', '13:30'], ['14:00', '16:00']],
                'paces' => [['design' => 'wave band', 'seconds' => [170, 100], 'nth' => 20, 'slope' => -0.05]]],
            ['name' => 'Tobi'],
        ],
        'seed' => 3,
        'runs' => 600,
    ], $changed), JSON_THROW_ON_ERROR));

    return $path;
}

/** @return array<string, mixed> */
function printed(): array
{
    return (array) json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
}

it('tells what may come of an event, and what each change would bring', function (): void {
    expect(Artisan::call('inch:forecast', ['file' => planFile()]))->toBe(0);
    $told = printed();
    $levers = array_column((array) $told['levers'], null, 'lever');

    expect($told['runs'])->toBe(600)->and($told['chanceOfAll'])->toBeGreaterThanOrEqual(0.9)
        ->and($told['namesStopAt'])->toBe($told['latestName'])->and($told['latestName'])->toBeLessThan('16:00')
        ->and(count((array) $told['line']))->toBeGreaterThan(30)
        ->and(array_column((array) $told['artists'], 'name'))->toBe(['Ines', 'Tobi'])
        ->and($told['assumed'])->toBe(['Tobi paints at the menu’s own times'])
        ->and(array_keys($levers))->toContain('artist_more', 'longest_off', 'quick_only', 'names_and_money')
        // Half an hour earlier: 10:30 is when it opens then, and its last face is done by the same closing.
        ->and($levers['start_earlier']['lastFace']['nineOfTen'])->toBeLessThanOrEqual('16:00');
});

it('plays the same on all cores as on one', function (): void {
    Artisan::call('inch:forecast', ['file' => planFile(['runs' => 499]), '--no-levers' => true]);
    $one = printed();
    Artisan::call('inch:forecast', ['file' => planFile(['runs' => 501]), '--no-levers' => true]);
    $both = printed();

    expect($both['levers'])->toBe([])->and($both['faces']['mean'])->toEqualWithDelta($one['faces']['mean'], 0.1);
});

it('says by its exit when the goal cannot be met', function (): void {
    $party = ['kind' => 'at_once', 'children' => 100];

    expect(Artisan::call('inch:forecast', ['file' => planFile(['arrivals' => $party]), '--no-levers' => true]))->toBe(1)
        ->and(printed()['latestName'])->toBeNull()
        ->and(Artisan::call('inch:forecast', ['file' => planFile(['line' => ['stopNamesAt' => '16:00']]), '--no-levers' => true]))->toBe(1)
        ->and(Artisan::call('inch:forecast', [
            'file' => planFile(['line' => ['stopNamesAt' => '12:00', 'lineEach' => true, 'quickAbove' => 4, 'patienceMinutes' => 20]]),
            '--no-levers' => true,
        ]))->toBe(0);
});

it('refuses a bad plan with one message, and exit 2', function (array $changed, string $says): void {
    $this->artisan('inch:forecast', ['file' => planFile($changed)])->expectsOutputToContain($says)->assertExitCode(2);
})->with([
    'no children' => [['arrivals' => ['kind' => 'at_once', 'children' => 0]], 'No children are expected'],
    'closing before opening' => [
        ['event' => ['opens' => '16:00', 'closes' => '11:00'], 'artists' => [['name' => 'Tobi']]],
        'closes before it opens',
    ],
    'a break outside the hours' => [['artists' => [['name' => 'Tobi', 'shifts' => [['11:00', '17:00']]]]], 'none lies outside'],
    'a shift before the opening' => [
        ['artists' => [['name' => 'Tobi', 'shifts' => [['10:00', '12:00']]]]],
        '/artists/0/shifts/0: 10:00 is before',
    ],
    'no artist' => [['artists' => []], '/artists'],
    'an empty menu' => [['menu' => []], '/menu'],
    'a negative price' => [['menu' => [['name' => 'a', 'price' => -4, 'versions' => [['seconds' => 60]]]]], '/menu/0/price'],
    'an absurd price' => [['menu' => [['name' => 'a', 'price' => 10 ** 12, 'versions' => [['seconds' => 60]]]]], '/menu/0/price'],
    'a pace of what is not offered' => [
        ['artists' => [['name' => 'Tobi', 'paces' => [['design' => 'whale', 'seconds' => [60]]]]]],
        'not on the menu',
    ],
    'no clock' => [['event' => ['opens' => 'noon', 'closes' => '16:00']], '/event/opens'],
    'a profile of nothing' => [['arrivals' => ['kind' => 'by_profile', 'children' => 9, 'profile' => [0, 0]]], '/arrivals/profile'],
    'a word for a number' => [['runs' => 'many'], '/runs'],
]);
