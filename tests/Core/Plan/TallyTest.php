<?php

declare(strict_types=1);

use Core\Plan\EventPlan;
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Tally;
use Core\Units\ClockTime;
use Core\Units\Duration;

/** Ten days, counted by hand. */
function tenDays(): Tally
{
    return new Tally(
        open: 3_600_000,
        runs: [
            'faces' => [10, 12, 11, 10, 14, 13, 12, 12, 11, 10],
            'takings' => [100, 120, 110, 100, 140, 130, 120, 120, 110, 100],
            'end' => [3_000_000, 3_700_000, 3_100_000, 3_050_000, 4_000_000, 3_900_000, 3_400_000, 3_300_000, 3_200_000, 2_900_000],
            'late' => [3_600_000, 3_000_000, 3_600_000, 3_600_000, 2_400_000, 2_700_000, 3_600_000, 3_600_000, 3_600_000, 3_600_000],
            'lost' => [0, 1, 0, 0, 4, 0, 0, 0, 0, 0],
            'waits' => [600_000, 1_200_000, 0, 0, 0, 0, 0, 0, 0, 0],
        ],
        sums: [
            'balked' => 2, 'left' => 2, 'unpainted' => 1, 'idle' => 6_000_000, 'waits' => 1_800_000, 'overtime' => 800_000,
            'looks' => 103_500,
        ],
        waits: [0 => 60, 1 => 30, 4 => 20, 8 => 5],
        lines: [0 => [0 => 9, 2 => 1], 3 => [1 => 5, 4 => 4, 7 => 1], 6 => [0 => 10], 9 => [3 => 2]],
        ends: [0 => [50 => 5, 60 => 4, 66 => 1]],
        painted: [60, 20, 30, 5],
    );
}

it('tells chances as they were counted', function (): void {
    expect(tenDays()->chanceOfAll())->toBe(0.7)->and(tenDays()->count())->toBe(10)
        // Three days of ten had somebody too late, the first of them forty minutes after the opening.
        ->and(tenDays()->latestName(0.9))->toEqual(Duration::ofMilliseconds(2_700_000))
        ->and(tenDays()->latestName(0.8))->toEqual(Duration::ofMilliseconds(3_000_000))
        ->and(tenDays()->latestName(0.7))->toEqual(Duration::ofMilliseconds(3_600_000))
        ->and(tenDays()->latestName(1.0))->toEqual(Duration::ofMilliseconds(2_400_000));
});

it('tells faces, takings and ends by shares of the days', function (): void {
    expect([tenDays()->faces(0.1), tenDays()->faces(0.5), tenDays()->faces(0.9), tenDays()->faces(1.0)])->toBe([10, 11, 13, 14])
        ->and(tenDays()->meanFaces())->toBe(11.5)->and(tenDays()->takings(0.5))->toBe(110)->and(tenDays()->meanTakings())->toBe(115.0)
        ->and(tenDays()->end(0.5))->toEqual(Duration::ofMilliseconds(3_200_000))
        ->and(tenDays()->endOf(0, 0.5))->toEqual(Duration::ofMinutes(50))->and(tenDays()->endOf(0, 0.9))->toEqual(Duration::ofMinutes(60))
        ->and(tenDays()->endOf(3, 0.5))->toEqual(Duration::zero());
});

it('tells waits to the quarter of a minute', function (): void {
    // Of 115 children 60 waited less than a quarter of a minute, which is as good as nothing.
    expect(tenDays()->wait(0.5))->toEqual(Duration::zero())->and(tenDays()->wait(0.75))->toEqual(Duration::ofSeconds(30))
        ->and(tenDays()->wait(0.9))->toEqual(Duration::ofSeconds(75))->and(tenDays()->wait(1.0))->toEqual(Duration::ofSeconds(135))
        ->and(tenDays()->meanWait())->toEqual(Duration::ofMilliseconds(15_652));
});

it('tells who was lost, what lay idle, and how much of the look was kept', function (): void {
    expect(tenDays()->lost())->toBe(0.5)->and(tenDays()->lost('balked'))->toBe(0.2)->and(tenDays()->lost('unpainted'))->toBe(0.1)
        ->and(tenDays()->idle())->toEqual(Duration::ofMinutes(10))->and(tenDays()->overtime())->toEqual(Duration::ofSeconds(80))
        ->and(tenDays()->look())->toBe(0.9)->and(tenDays()->quickShare())->toBe(25 / 115)
        ->and(tenDays()->byOffer())->toBe([8.0, 3.5]);
});

it('tells the line only while the event is open', function (): void {
    expect(tenDays()->line(0.5))->toBe([0, 1, 0])->and(tenDays()->line(0.9))->toBe([0, 4, 0])->and(tenDays()->line(1.0))->toBe([2, 7, 0]);
});

it('finds a usual day, a good and a bad one', function (): void {
    expect(tenDays()->runLike(0.5))->toBe(7)->and(tenDays()->runLike(0.1))->toBe(0)->and(tenDays()->runLike(0.9))->toBe(4)
        ->and(tenDays()->runLike(1.0))->toBe(4);
});

it('adds up', function (): void {
    $both = tenDays()->and(tenDays());

    expect($both->count())->toBe(20)->and($both->sums['idle'])->toBe(12_000_000)->and($both->waits[1])->toBe(60)
        ->and($both->lines[3])->toBe([1 => 10, 4 => 8, 7 => 2])->and($both->painted)->toBe([120, 40, 60, 10])
        ->and($both->ends[0][66])->toBe(2)->and($both->meanFaces())->toBe(11.5)->and($both->latestName(0.8))
        ->toEqual(tenDays()->latestName(0.8));
});

it('has times of day after midnight too, and earlier where it opens earlier', function (): void {
    $open = Duration::ofMinutes(120);
    $plan = new EventPlan(
        scenario: new Scenario(
            $open,
            Arrivals::atOnce(3),
            [new Offer('a')],
            [Artist::all('Ines', $open, FaceTime::fixed($open))],
            Duration::zero(),
        ),
        opens: ClockTime::parse('23:15'),
        helperTakes: Duration::zero(),
    );

    expect($plan->clock(Duration::ofMinutes(30)))->toBe('23:45')->and($plan->clock(Duration::ofMinutes(50)))->toBe('00:05')
        ->and($plan->clock(Duration::zero(), Duration::ofMinutes(30)))->toBe('22:45');
});

it('has face times that spread as they are said to', function (): void {
    $logged = FaceTime::planned(Duration::ofMinutes(4), Duration::ofSeconds(290));
    $bare = FaceTime::planned(Duration::ofMinutes(4), null);

    expect($logged->eightOfTen()->seconds())->toEqualWithDelta(290.0, 0.01)
        ->and($bare->eightOfTen()->seconds())->toEqualWithDelta(240 * exp(0.8416212 * hypot(0.2, 0.12)), 0.01)
        ->and($bare->mean()->seconds())->toEqualWithDelta(240 * exp((0.04 + 0.0144) / 2), 0.01)
        ->and(FaceTime::memoryless(Duration::ofMinutes(4))->mean())->toEqual(Duration::ofMinutes(4))
        ->and($bare->times(0.5)->middle)->toEqual(Duration::ofMinutes(2))->and($bare->times(0.5)->spread)->toBe($bare->spread)
        // A log that says nothing of a spread still leaves the child to wriggle.
        ->and(FaceTime::planned(Duration::ofMinutes(4), Duration::ofMinutes(4))->spread)->toBe(0.05);
});
