<?php

declare(strict_types=1);

use Core\Plan\Ages;
use Core\Plan\Checklist\Check;
use Core\Plan\Checklist\Checklist;
use Core\Plan\Defaults;
use Core\Plan\MetForecast;
use Core\Plan\Simulation\FaceTime;
use Core\Units\Duration;

/** @return array{name: string, promise: Duration, face: FaceTime, readyAfter: int|null} */
function promised(string $name, int $promise, int $takes, ?int $readyAfter = null): array
{
    return [
        'name' => $name, 'promise' => Duration::ofSeconds($promise), 'face' => FaceTime::fixed(Duration::ofSeconds($takes)),
        'readyAfter' => $readyAfter,
    ];
}

/** @return array{bool, string} */
function told(Check $check): array
{
    return [$check->isFine, $check->says];
}

it('says which designs keep their promise', function (array $menu, bool $isFine, string $says): void {
    expect(told(Checklist::menu($menu)))->toBe([$isFine, $says]);
})->with([
    'nothing' => [[], false, 'Nothing is on the menu yet.'],
    'all' => [[promised('Wave', 60, 50), promised('Pup', 200, 190)], true, '2 designs on the menu, and each keeps its promise.'],
    'one of them' => [
        [promised('Wave', 60, 50), promised('Pup', 180, 240, 8)], false,
        'Pup promises 3:00, 8 of 10 are done by 4:00 (ready after 8 more on the board).',
    ],
    'many' => [
        [promised('A', 60, 90), promised('B', 60, 90), promised('C', 60, 90), promised('D', 60, 90), promised('E', 60, 90)], false,
        'A promises 1:00, 8 of 10 are done by 1:30; B promises 1:00, 8 of 10 are done by 1:30; '
            .'C promises 1:00, 8 of 10 are done by 1:30; and 2 more.',
    ],
]);

it('says the rest in a sentence with its numbers', function (Check $check, bool $isFine, string $says): void {
    expect(told($check))->toBe([$isFine, $says]);
})->with([
    [Checklist::chance(0.93, 0.9, '15:20'), true, 'All are painted on 93 days of 100, if names stop at 15:20.'],
    [Checklist::chance(0.4, 0.9, null), false, 'All are painted on 40 days of 100. Look at what would help, in the plan.'],
    [Checklist::roster(['Ines', 'Tobi'], 2, true), true, 'Ines, Tobi, as nobody has said otherwise.'],
    [Checklist::roster(['Ines', 'Ines'], 2, false), true, 'Ines, as you said.'],
    [Checklist::roster(['Ines'], 2, false), false, '2 chairs, and Ines to sit at them.'],
    [Checklist::roster([], 1, true), false, '1 chair, and nobody to sit at them.'],
    [Checklist::diary([]), true, 'Nothing else in the diary gets in its way.'],
    [Checklist::diary(['Fair', 'Party', 'Fair']), false, 'Too near to Fair and Party: see the list of events.'],
    [Checklist::stock([]), true, 'Enough of everything that was weighed or counted.'],
    [Checklist::stock(['white 12 g', 'gems 4']), false, 'Short: white 12 g, gems 4.'],
    [Checklist::stock(['a', 'b', 'c', 'd', 'e', 'f']), false, 'Short: a, b, c, d and 2 more.'],
    [Checklist::water(9, 0.5), true, 'Fresh water 9 times: about 5 l, more where there is no tap.'],
    [Checklist::water(1, 0.5), true, 'Fresh water 1 time: about 1 l, more where there is no tap.'],
    [Checklist::packed(3, 30), false, '3 of 30 things are packed.'],
    [Checklist::packed(30, 30), true, '30 of 30 things are packed.'],
    [Checklist::ages(null, []), true, 'Nobody has said how old the children are.'],
    [Checklist::ages(Ages::between(5, 9), []), true, 'The youngest are 5 and sit for about 4:00.'],
    [
        Checklist::ages(Ages::between(2, 6), ['Seal pup', 'Puffin mask']), false,
        'The youngest are 2 and sit for about 1:15. Longer than that: Seal pup, Puffin mask. Have something quicker to offer. '
            .'Under three: a small mark on cheek or hand, no gems, a parent beside.',
    ],
]);

it('shows the usual cautions, and that of latex where it lies in the bag', function (): void {
    expect(Checklist::cautions(true)->says)->toContain('refuse it with a latex allergy')->toContain('Local rules and licensed practice')
        ->and(Checklist::cautions(false)->says)->not->toContain('latex')->toContain('allergies');
});

it('lets little ones take longer, as far as they are among them', function (int $youngest, int $oldest, float $factor, int $sits): void {
    $ages = Ages::between($oldest, $youngest);
    expect($ages->slowing())->toEqualWithDelta($factor, 1e-9)->and($ages->sits()->seconds())->toEqual($sits)
        ->and($ages->hasLittleOnes())->toBe($youngest < 3);
})->with([
    // 15 % of those under five, as many of each age.
    'all little' => [2, 4, 1.15, 75], 'half of them' => [3, 6, 1.075, 120], 'none' => [5, 12, 1.0, 240], 'one age' => [4, 4, 1.15, 180],
    'grown' => [12, 17, 1.0, 420], 'babies' => [0, 1, 1.15, 75],
]);

function met(int $painted, float $off): MetForecast
{
    return new MetForecast(100.0, 90, 110, $painted, Duration::ofMinutes(3), Duration::ofMinutes(3)->times(exp($off)));
}

it('knows whether a day kept within what was foreseen', function (): void {
    expect(met(90, 0.0)->isWithin())->toBeTrue()->and(met(110, 0.0)->isWithin())->toBeTrue()->and(met(89, 0.0)->isWithin())->toBeFalse()
        ->and(met(111, 0.0)->isWithin())->toBeFalse();
});

it('learns from the days that were painted how far a day lies off', function (): void {
    expect(MetForecast::dayDoubt([]))->toBe(Defaults::LOGGED_DOUBT)
        // By hand: four days' worth of 0.05 squared, and two of 0.2 squared, over six.
        ->and(MetForecast::dayDoubt([met(100, 0.2), met(100, -0.2)]))->toEqualWithDelta(sqrt((4 * 0.0025 + 2 * 0.04) / 6), 1e-5)
        ->and(MetForecast::dayDoubt(array_fill(0, 40, met(100, 0.0))))->toBeLessThan(0.02)
        // A day on which nothing was painted says nothing.
        ->and(MetForecast::dayDoubt([new MetForecast(1.0, 0, 2, 0, Duration::ofMinutes(3), Duration::zero())]))
        ->toBe(Defaults::LOGGED_DOUBT);
});

it('finds the doubt again from which days were drawn', function (float $doubt): void {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(3));
    $days = [];
    for ($day = 0; $day < 4000; $day++) {
        // A sum of twelve even draws is as good as normal.
        $normal = -6.0;
        for ($draw = 0; $draw < 12; $draw++) {
            $normal += $chance->getInt(0, 1_000_000) / 1_000_000;
        }
        $days[] = met(100, $doubt * $normal);
    }
    expect(MetForecast::dayDoubt($days))->toEqualWithDelta($doubt, 0.03 * $doubt);
})->with([0.05, 0.12, 0.3]);
