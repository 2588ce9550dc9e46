<?php

declare(strict_types=1);

use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Internal\Compiled;
use Core\Plan\Simulation\Internal\Crowd;
use Core\Plan\Simulation\Internal\Draws;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Lost;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\PlayedFace;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Units\Duration;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Core\Plan\Naive;

/**
 * An event by chance: one to four artists with breaks, a rule here and there, two versions of one design.
 */
function anyEvent(Randomizer $chance): Scenario
{
    $open = $chance->getInt(60, 240);
    $face = [
        FaceTime::logNormal(Duration::ofSeconds($chance->getInt(60, 400)), 0.3),
        FaceTime::fixed(Duration::ofSeconds($chance->getInt(30, 60))),
    ];
    $artists = array_map(static function (int $at) use ($chance, $open, $face): Artist {
        $begins = $chance->getInt(0, 2) === 0 ? $chance->getInt(0, 20) : 0;
        $ends = $chance->getInt(0, 3) === 0 ? $open - $chance->getInt(5, 20) : $open;
        $rests = $chance->getInt($begins + 1, $ends - 12);
        $shifts = $chance->getInt(0, 1) === 0
            ? [[$begins, $ends]]
            : [[$begins, $rests], [$rests + $chance->getInt(1, 10), $ends]];

        return new Artist(
            "artist {$at}",
            array_map(static fn (array $shift): array => [$shift[0] * 60_000, $shift[1] * 60_000], $shifts),
            [$face],
        );
    }, range(1, $chance->getInt(1, 4)));
    $sometimes = static fn (int $least, int $most): ?int => $chance->getInt(0, 1) === 0 ? null : $chance->getInt($least, $most);
    $patience = $sometimes(3, 30);

    return new Scenario(
        open: Duration::ofMinutes($open),
        arrivals: $chance->getInt(0, 3) === 0
            ? Arrivals::atOnce($chance->getInt(1, 60))
            : Arrivals::byProfile((float) $chance->getInt(5, 90), [1.0, $chance->getInt(1, 4), 1.0], [3.0, 1.0, 1.0]),
        menu: [new Offer('starfish', 1.0, 400, [1.0, 0.6])],
        artists: $artists,
        turnaround: Duration::ofSeconds($chance->getInt(0, 90)),
        rules: new LineRules(
            patience: $patience === null ? null : Duration::ofMinutes($patience),
            longest: $sometimes(0, 8),
            quickAbove: $sometimes(0, 8),
            paintsOut: $chance->getInt(0, 1) === 0,
        ),
    );
}

/** The same children with the same times, for somebody else to play. */
function naiveOf(Scenario $scenario, int $seed, int $run): Naive
{
    $plan = new Compiled($scenario);
    [$arrivals, $chances] = (new Crowd($scenario->arrivals, $plan->open, $plan->names, $seed))->of($run);
    $cell = static fn (int $chance, int $bits): int => ($chance >> $bits) & Draws::CELL;
    $children = array_map(static fn (int $at, int $chance): array => [
        'at' => $at,
        'stays' => $plan->patience === null ? PHP_INT_MAX : $plan->patience[$cell($chance, 40)],
        'usual' => (int) ($plan->middles[0] * $plan->factors[0][$cell($chance, 16)]),
        'quick' => (int) ($plan->middles[1] * $plan->factors[1][$cell($chance, 16)]),
        'turnaround' => (int) $plan->turnaround[$cell($chance, 28)],
    ], $arrivals, $chances);
    $rules = $scenario->rules;

    return (new Naive(
        children: $children,
        shifts: array_column($scenario->artists, 'shifts'),
        open: $plan->open,
        longest: $rules->longest,
        quickAbove: $rules->quickAbove,
        paintsOut: $rules->paintsOut,
    ))->play();
}

it('plays any day as somebody would who looks at everybody again before every deed', function (int $seed): void {
    $chance = new Randomizer(new Xoshiro256StarStar($seed));
    for ($event = 0; $event < 20; $event++) {
        $scenario = anyEvent($chance);
        for ($run = 0; $run < 3; $run++) {
            [$faces, $lost] = (new Simulation($scenario, $seed))->watch($run);
            $naive = naiveOf($scenario, $seed, $run);
            $of = static fn (string $how): array => array_column(
                array_filter($lost, static fn (Lost $one): bool => $one->how === $how),
                'child',
            );

            expect(array_map(static fn (PlayedFace $face): array => [
                'child' => $face->child, 'seated' => $face->seated, 'painted' => $face->painted, 'artist' => $face->artist,
            ], $faces))->toBe($naive->faces)
                ->and($of('balked'))->toBe($naive->balked)
                ->and($of('left'))->toBe($naive->left)
                ->and($of('unpainted'))->toBe($naive->unpainted);
            // Nobody is lost on the way: who comes is painted, has gone, or stands there still.
            expect(count($faces) + count($lost))->toBe(count((new Crowd(
                $scenario->arrivals,
                $scenario->open->milliseconds,
                $scenario->open->milliseconds,
                $seed,
            ))->of($run)[0]));
        }
    }
})->with(range(1, 12));

it('counts what it plays', function (int $seed): void {
    $scenario = anyEvent(new Randomizer(new Xoshiro256StarStar(100 + $seed)));
    $simulation = new Simulation($scenario, $seed);
    $tally = $simulation->run(6);
    foreach (range(0, 5) as $run) {
        [$faces, $lost] = $simulation->watch($run);
        $waits = array_map(static fn (PlayedFace $face): int => $face->seated - $face->arrived, $faces);
        $late = [
            ...array_map(
                static fn (PlayedFace $face): int => $face->arrived,
                array_filter($faces, static fn (PlayedFace $face): bool => $face->painted > $scenario->open->milliseconds),
            ),
            ...array_column(array_filter($lost, static fn (Lost $one): bool => $one->how === 'unpainted'), 'arrived'),
        ];

        expect($tally->runs['faces'][$run])->toBe(count($faces))->and($tally->runs['lost'][$run])->toBe(count($lost))
            ->and($tally->runs['waits'][$run])->toBe(array_sum($waits))
            ->and($tally->runs['takings'][$run])->toBe(400 * count($faces))
            ->and($tally->runs['end'][$run])->toBe($faces === [] ? 0 : max(array_column($faces, 'painted')))
            ->and($tally->runs['late'][$run])->toBe(min([$scenario->open->milliseconds, ...$late]));
    }
    expect(array_sum($tally->waits))->toBe(array_sum($tally->runs['faces']))
        ->and(array_sum($tally->painted))->toBe(array_sum($tally->runs['faces']));
})->with(range(1, 20));

it('puts each child into the shortest line where each chair has its own, and keeps it there', function (int $seed): void {
    $chance = new Randomizer(new Xoshiro256StarStar(200 + $seed));
    $event = anyEvent($chance);
    $scenario = $event->with(['rules' => (new LineRules)->withLineEach(true)]);
    [$faces] = (new Simulation($scenario, $seed))->watch(0);
    $byArtist = [];
    foreach ($faces as $face) {
        $byArtist[$face->artist][] = $face;
    }
    foreach ($byArtist as $ofArtist) {
        foreach (array_slice($ofArtist, 1) as $at => $face) {
            // In the order in which they came, one after another.
            expect($face->arrived)->toBeGreaterThanOrEqual($ofArtist[$at]->arrived)
                ->and($face->seated)->toBeGreaterThanOrEqual($ofArtist[$at]->free);
        }
    }
    expect(count($faces))->toBeGreaterThan(0);
})->with(range(1, 15));
