<?php

declare(strict_types=1);

use Core\Plan\Defaults;
use Core\Plan\Logged\HowItEnded;
use Core\Plan\Logged\LastLines;
use Core\Plan\Logged\LoggedChild;
use Core\Plan\Logged\LoggedLine;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A child that came when that share of the day had gone. */
function logged(
    float $came,
    int $waited = 10,
    HowItEnded $ended = HowItEnded::Seated,
    ?string $party = null,
    string $design = 'wave',
): LoggedChild {
    return new LoggedChild($came, $party, $design, Duration::ofMinutes($waited), $ended);
}

function lines(LoggedChild ...$children): LastLines
{
    return new LastLines([new LoggedLine(Duration::ofMinutes(300), array_values($children))]);
}

it('says when children came, and takes a quiet hour for chance while few have come', function (): void {
    $few = lines(logged(0.05), logged(0.5));
    $many = lines(...array_map(static fn (int $at): LoggedChild => logged($at % 4 === 0 ? 0.1 : 0.7), range(0, 399)));

    expect(max($few->profile(5)) / min($few->profile(5)))->toBeLessThan(1.3)
        // A hundred in the first fifth, three hundred in the fourth, four thought to be in each before.
        ->and($many->profile(5))->toBe([1.24, 0.05, 0.05, 3.62, 0.05])
        ->and($many->anHour())->toBe(80.0)->and(array_sum($few->profile(3)) / 3)->toEqualWithDelta(1.0, 0.01)
        ->and(lines(logged(0.0), logged(1.0))->profile(2))->toBe([1.0, 1.0]);
});

it('says who comes together', function (): void {
    $line = lines(
        logged(0.1, party: 'a'), logged(0.1, party: 'a'), logged(0.2), logged(0.3, party: 'b'), logged(0.3, party: 'b'),
        logged(0.3, party: 'b'), logged(0.3, party: 'b'),
    );
    // One alone, one pair and one of four, beside the usual ten of six, three and one.
    expect($line->groups())->toBe([53.8, 30.8, 15.4]);
});

it('says how many are not there when called, little of it by chance', function (): void {
    $came = array_map(static fn (): LoggedChild => logged(0.5), range(1, 88));
    $not = array_map(static fn (): LoggedChild => logged(0.5, ended: HowItEnded::NotThere), range(1, 12));

    // (5 + 12) of (100 + 100).
    expect(lines(...$came, ...$not)->notThere())->toBe(85)->and(lines(logged(0.5))->notThere())->toBe(49);
});

it('says how long they wait before half have given up, those counted in who sat down before', function (): void {
    $chance = new Randomizer(new Mt19937(7));
    $children = [];
    for ($at = 0; $at < 4000; $at++) {
        $patience = -20.0 / M_LN2 * log(($chance->getInt(1, 1_000_000) / 1_000_000));
        $turn = $chance->getInt(0, 40_000) / 1000;
        $children[] = new LoggedChild(
            0.5,
            null,
            'wave',
            Duration::ofMinutes(min($patience, $turn)),
            $patience < $turn ? HowItEnded::GaveUp : HowItEnded::Seated,
        );
    }

    // Half of them had left after twenty minutes, as they were drawn.
    expect(lines(...$children)->patienceMinutes())->toBeGreaterThan(18)->toBeLessThan(22)
        ->and(lines(logged(0.5), logged(0.5, ended: HowItEnded::GaveUp))->patienceMinutes())->toBeNull();
});

it('finds how much one choice draws the next, as the urn was drawn from', function (float $contagion): void {
    $chance = new Randomizer(new Mt19937(2026));
    $days = [];
    for ($day = 0; $day < 40; $day++) {
        $children = [];
        $chosen = ['wave' => 0, 'crab' => 0, 'puffin' => 0, 'seal' => 0];
        for ($at = 0; $at < 60; $at++) {
            $hit = $chance->getInt(0, 1_000_000) / 1_000_000 * (1.0 + $contagion * $at);
            foreach ($chosen as $design => $times) {
                $hit -= 0.25 + $contagion * $times;
                if ($hit <= 0.0) {
                    break;
                }
            }
            $chosen[$design]++;
            $children[] = logged(0.5, design: $design);
        }
        $days[] = new LoggedLine(Duration::ofMinutes(300), $children);
    }

    expect((new LastLines($days))->contagion())->toEqualWithDelta($contagion, 0.02 + 0.15 * $contagion);
})->with([0.0, 0.05, 0.2]);

it('stays with what is usual while next to nothing was chosen', function (): void {
    expect(lines(logged(0.5))->contagion())->toEqualWithDelta(Defaults::CONTAGION, 0.01);
});
