<?php

declare(strict_types=1);

use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Internal\Crowd;
use Core\Plan\Simulation\Internal\Draws;
use Core\Plan\Simulation\Internal\NormalQuantile;
use Tests\Reference\R;

const FOUR_HOURS = 14_400_000;

/**
 * @param  list<float>  $numbers
 * @return list<float>
 */
function sorted(array $numbers): array
{
    sort($numbers);

    return $numbers;
}

/** @return list<list<int>> arrivals of so many days */
function daysOf(Arrivals $arrivals, int $days, int $names = FOUR_HOURS): array
{
    $crowd = new Crowd($arrivals, FOUR_HOURS, $names, 3);

    return array_map(static fn (int $run): array => $crowd->of($run)[0], range(0, $days - 1));
}

it('brings as many children as are expected, by chance as Poisson has it', function (): void {
    $counts = array_map(count(...), daysOf(Arrivals::byProfile(60.0, [1.0, 2.0, 3.0, 2.0]), 2000));
    $mean = array_sum($counts) / 2000;
    $variance = array_sum(array_map(static fn (int $count): float => ($count - $mean) ** 2, $counts)) / 1999;

    // Mean and variance of a Poisson number are the same; four standard errors of each.
    expect($mean)->toEqualWithDelta(60.0, 4.0 * sqrt(60.0 / 2000))
        ->and($variance)->toEqualWithDelta(60.0, 4.0 * 60.0 * sqrt(2.0 / 2000) + 1.0);
});

it('brings them when they are expected', function (array $profile): void {
    $parts = array_fill(0, count($profile), 0);
    foreach (daysOf(Arrivals::byProfile(80.0, $profile), 600) as $arrivals) {
        foreach ($arrivals as $at) {
            $parts[(int) ($at / FOUR_HOURS * count($profile))]++;
        }
    }
    foreach ($parts as $part => $children) {
        $expected = 600 * 80.0 * $profile[$part] / array_sum($profile);
        expect($children)->toEqualWithDelta($expected, 4.0 * sqrt($expected) + 0.5);
    }
})->with([[[1.0]], [[1.0, 2.0, 3.0, 2.0]], [[0.0, 1.0, 0.0, 5.0]], [[3.0, 0.5, 0.5, 0.5, 3.0, 1.0, 1.0, 1.0]]]);

it('brings brothers and sisters together', function (): void {
    $arrivals = Arrivals::byProfile(60.0, [1.0], [6.0, 3.0, 1.0]);
    $groups = [];
    foreach (daysOf($arrivals, 800) as $day) {
        foreach (array_count_values($day) as $together) {
            $groups[$together] = ($groups[$together] ?? 0) + 1;
        }
    }
    $all = array_sum($groups);

    // Two groups in the same millisecond are too rare to be seen here.
    expect($arrivals->meanGroup())->toBe(1.5)
        ->and($groups[1] / $all)->toEqualWithDelta(0.6, 0.02)->and($groups[2] / $all)->toEqualWithDelta(0.3, 0.02)
        ->and($groups[3] / $all)->toEqualWithDelta(0.1, 0.02)
        ->and(array_sum(array_map(count(...), daysOf($arrivals, 800))) / 800)->toEqualWithDelta(60.0, 1.5);
});

it('lets nobody come after names were stopped, and those before just the same', function (): void {
    $arrivals = Arrivals::byProfile(60.0, [1.0, 2.0]);
    $all = daysOf($arrivals, 20);
    $stopped = daysOf($arrivals, 20, 9_000_000);

    foreach ($stopped as $day => $children) {
        expect($children)->toBe(array_values(array_filter($all[$day], static fn (int $at): bool => $at < 9_000_000)));
    }
});

it('brings the invited when they are invited', function (): void {
    expect(daysOf(Arrivals::atOnce(4), 1)[0])->toBe([0, 0, 0, 0])
        ->and(daysOf(Arrivals::even(4), 1)[0])->toBe([0, 3_600_000, 7_200_000, 10_800_000])
        ->and(daysOf(Arrivals::even(4), 1, 7_200_000)[0])->toBe([0, 3_600_000])
        ->and(daysOf(Arrivals::atOnce(0), 1)[0])->toBe([]);
});

it('gives each child chance of its own, the same whoever asks', function (): void {
    $crowd = new Crowd(Arrivals::byProfile(60.0), FOUR_HOURS, FOUR_HOURS, 3);
    [$arrivals, $chances, $day] = $crowd->of(7);

    expect($crowd->of(7))->toBe([$arrivals, $chances, $day])->and(count($chances))->toBe(count($arrivals))
        ->and(count(array_unique($chances)))->toBe(count($chances))
        ->and($crowd->of(8)[1])->not->toBe($chances)
        // More children do not change what the first ones bring.
        ->and(array_slice((new Crowd(Arrivals::atOnce(9), FOUR_HOURS, FOUR_HOURS, 3))->of(7)[1], 0, 4))
        ->toBe((new Crowd(Arrivals::atOnce(4), FOUR_HOURS, FOUR_HOURS, 3))->of(7)[1]);
});

it('draws every part of a distribution as often as the others', function (int $bits): void {
    $cells = array_fill(0, 16, 0);
    foreach (range(0, 199) as $run) {
        foreach ((new Crowd(Arrivals::atOnce(100), FOUR_HOURS, FOUR_HOURS, 5))->of($run)[1] as $chance) {
            $cells[($chance >> $bits) & 15]++;
        }
    }
    $squares = array_sum(array_map(static fn (int $seen): float => ($seen - 1250) ** 2 / 1250, $cells));

    // Chi square with 15 degrees of freedom: 37.7 is passed once in a thousand times (common table, from memory).
    expect($squares)->toBeLessThan(37.7);
})->with([0, 8, 12, 16, 24, 28, 36, 40, 48]);

it('knows the share that has come at a moment', function (): void {
    $arrivals = Arrivals::byProfile(60.0, [1.0, 3.0]);

    expect($arrivals->until(0.0))->toBe(0.0)->and($arrivals->until(0.5))->toBe(15.0)->and($arrivals->until(0.75))->toBe(37.5)
        ->and($arrivals->until(1.0))->toBe(60.0)->and(Arrivals::atOnce(7)->until(0.0))->toBe(7.0)
        ->and(Arrivals::even(8)->until(0.25))->toBe(2.0);
});

it('agrees with R on the normal distribution', function (): void {
    $shares = [1e-9, 1e-5, 0.001, 0.02, 0.075, 0.3, 0.5, 0.55, 0.8, 0.9, 0.975, 0.9999];
    $theirs = R::numbers('options(digits=15); cat(qnorm(c('.implode(',', $shares).')), sep="\n")');
    foreach ($shares as $at => $share) {
        expect(NormalQuantile::of($share))->toEqualWithDelta($theirs[$at], 2e-6);
    }
});

it('keeps the means of the distributions that it draws from, and nearly their spreads', function (): void {
    $square = static fn (array $draws): float => array_sum(array_map(static fn (float $one): float => $one ** 2, $draws)) / Draws::CELLS;
    $normal = Draws::normal();
    $exponential = Draws::exponential();
    $logNormal = (new Draws)->logNormal(0.3);

    expect(array_sum($normal) / Draws::CELLS)->toEqualWithDelta(0.0, 1e-12)->and($square($normal))->toEqualWithDelta(1.0, 1e-3)
        ->and(array_sum($exponential) / Draws::CELLS)->toEqualWithDelta(1.0, 1e-12)
        ->and($square($exponential))->toEqualWithDelta(2.0, 2e-3)
        ->and(array_sum($logNormal) / Draws::CELLS)->toEqualWithDelta(exp(0.045), 1e-4)
        // In order, so that a greater draw is a longer face in every plan.
        ->and($exponential)->toBe(sorted($exponential))
        ->and((new Draws)->logNormal(0.0))->toBe(array_fill(0, Draws::CELLS, 1.0));
});
