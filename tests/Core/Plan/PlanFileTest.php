<?php

declare(strict_types=1);

use Core\Line\Seating\Roster;
use Core\Line\Seating\Shift;
use Core\Plan\ArrivalKind;
use Core\Plan\BookingKind;
use Core\Plan\EventPlan;
use Core\Plan\EventPlanFile;
use Core\Plan\InvalidPlanFile;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\Simulation\Offer;
use Core\Plan\TurnaroundPart;
use Core\Units\Duration;
use Core\Units\Instant;

/** @param  array<string, mixed>  $changed */
function planRead(array $changed = []): EventPlan
{
    return EventPlanFile::read(array_replace([
        'event' => ['opens' => '11:00', 'closes' => '4 pm', 'turnaroundSeconds' => 75, 'helperTakesSeconds' => 25],
        'arrivals' => ['kind' => 'by_profile', 'children' => 60, 'profile' => [1, 2], 'groups' => [3, 1]],
        'menu' => [
            ['name' => 'wave band', 'weight' => 2, 'price' => 400, 'versions' => [['seconds' => 180], ['seconds' => 110, 'look' => 0.7]]],
            ['name' => 'puffin mask', 'price' => 800, 'promiseSeconds' => 420, 'versions' => [['seconds' => 360]], 'keep' => true],
        ],
        'artists' => [
            ['name' => 'Ines', 'shifts' => [['11:00', '13:30'], ['14:00', '16:00']], 'paces' => [
                ['design' => 'wave band', 'seconds' => [170, 100], 'spread' => 0.15, 'doubt' => 0.04, 'slope' => -0.05, 'nth' => 20],
            ]],
            ['name' => 'Tobi'],
        ],
    ], $changed));
}

it('reads all of a plan', function (): void {
    $plan = planRead();
    $scenario = $plan->scenario;
    [$ines, $tobi] = $scenario->artists;

    expect($scenario->open)->toEqual(Duration::ofMinutes(300))->and($scenario->turnaround)->toEqual(Duration::ofSeconds(75))
        ->and($plan->helperTakes)->toEqual(Duration::ofSeconds(25))->and($plan->opens->format())->toBe('11:00')
        ->and($scenario->arrivals->profile)->toBe([1.0, 2.0])->and($scenario->arrivals->groups)->toBe([0.75, 0.25])
        ->and(array_map(static fn (Offer $offer): array => [$offer->id, $offer->weight, $offer->price, $offer->looks], $scenario->menu))
        ->toBe([['wave band', 2.0, 400, [1.0, 0.7]], ['puffin mask', 1.0, 800, [1.0]]])
        ->and($ines->shifts)->toBe([[0, 9_000_000], [10_800_000, 18_000_000]])->and($tobi->shifts)->toBe([[0, 18_000_000]])
        ->and($ines->hours())->toEqual(Duration::ofMinutes(270))
        ->and($ines->times[0][0])->toEqual(FaceTime::logNormal(Duration::ofSeconds(170), 0.15, 0.04, -0.05, 20))
        ->and($ines->times[0][1]->middle)->toEqual(Duration::ofSeconds(100))
        // What is not known of an artist is the menu's, with the team's spread.
        ->and($ines->times[1][0])->toEqual(FaceTime::logNormal(Duration::ofSeconds(360), 0.2, 0.12))
        ->and($tobi->times[0][0]->middle)->toEqual(Duration::ofSeconds(180))
        ->and($plan->assumed)->toBe(['Tobi paints at the menu’s own times'])
        ->and([$plan->seed, $plan->runs, $plan->wantedChance, $plan->designs])->toBe([1, 10_000, 0.9, 2]);
});

it('reads the rules of the line', function (): void {
    $rules = planRead(['line' => [
        'stopNamesAt' => '15:30', 'patienceMinutes' => 20, 'longest' => 8, 'quickAbove' => 6, 'lineEach' => true, 'paintsOut' => false,
        'contagion' => 0.2,
    ]])->scenario->rules;

    expect($rules->stopNamesAt)->toEqual(Duration::ofMinutes(270))->and($rules->patience)->toEqual(Duration::ofMinutes(20))
        ->and([
            $rules->longest, $rules->quickAbove, $rules->isLineEach, $rules->paintsOut, $rules->contagion,
        ])->toBe([8, 6, true, false, 0.2])
        ->and(planRead()->scenario->rules->contagion)->toBe(0.08)->and(planRead()->scenario->rules->stopNamesAt)->toBeNull();
});

it('reads the menu as it may be changed', function (): void {
    [$wave, $puffin] = planRead()->candidates;

    expect([$wave->isWished, $wave->wishedRung, $wave->rungs()])->toBe([false, null, [0, 1]])
        ->and([$puffin->isWished, $puffin->wishedRung, $puffin->rungs()])->toBe([true, 0, [0]])
        ->and(planRead()->offers[1]->promise)->toEqual(Duration::ofSeconds(420))
        // An honest one where none is made: 8 of 10 by 3:39.
        ->and(planRead()->offers[0]->promise)->toEqual(Duration::ofSeconds(225))
        ->and(planRead(['designs' => 9])->designs)->toBe(2);
});

it('says at which place a plan makes no sense', function (array $changed, string $says): void {
    expect(static fn () => planRead($changed))->toThrow(InvalidPlanFile::class, $says);
})->with([
    'an hour that is none' => [['event' => ['opens' => '25:00', 'closes' => '16:00']], '/event/opens: '],
    'the other hour' => [['event' => ['opens' => '11:00', 'closes' => 'late']], '/event/closes: '],
    'names before the opening' => [['line' => ['stopNamesAt' => '9:00']], '/line/stopNamesAt: 09:00 is before the opening'],
    'a design that is not offered' => [
        ['artists' => [['name' => 'Ines', 'paces' => [['design' => 'whale tail', 'seconds' => [60]]]]]],
        '/artists/0/paces: “whale tail” is not on the menu',
    ],
    'shifts back to front' => [
        ['artists' => [['name' => 'Ines', 'shifts' => [['13:00', '12:00']]]]],
        'Ines: shifts come one after another',
    ],
    'nobody' => [['artists' => []], 'Nobody paints'],
]);

it('knows what kinds of booking there are, and how children come to them', function (): void {
    expect(BookingKind::Party->arrivals())->toBe(ArrivalKind::AtOnce)->and(BookingKind::Festival->arrivals())->toBe(ArrivalKind::ByProfile)
        ->and(BookingKind::Volunteer->arrivals())->toBe(ArrivalKind::ByProfile)
        ->and(ArrivalKind::AtOnce->of(9, [1.0], [1.0])->isAtOnce)->toBeTrue()
        ->and(ArrivalKind::Even->of(9, [1.0], [1.0])->isByChance())->toBeFalse()
        ->and(ArrivalKind::ByProfile->of(9, [1.0], [1.0])->isByChance())->toBeTrue();
});

it('splits a turnaround as it usually is, and makes a whole of it again', function (int $seconds): void {
    $parts = TurnaroundPart::split(Duration::ofSeconds($seconds));

    expect(array_sum(array_map(static fn (Duration $part): int => $part->milliseconds, $parts)))->toBe(1000 * $seconds)
        ->and(array_keys($parts))->toBe(['choose', 'safety', 'mirror', 'pay', 'clean']);
})->with([0, 15, 60, 90, 600]);

it('knows who paints when by the roster', function (): void {
    $at = static fn (int $minutes): Instant => Instant::ofEpochMilliseconds(60_000 * (1000 + $minutes));
    $roster = new Roster([
        new Shift(1, 'ines', Instant::ofEpochMilliseconds(0)), new Shift(1, null, $at(120)), new Shift(1, 'tobi', $at(150)),
        new Shift(2, 'tobi', $at(0)), new Shift(2, 'ines', $at(150)), new Shift(2, null, $at(280)),
    ]);
    $minutes = static fn (array $stints): array => array_map(
        static fn (array $shifts): array => array_map(static fn (array $one): array => [$one[0] / 60_000, $one[1] / 60_000], $shifts),
        $stints,
    );

    // Tobi changes chairs without a break; Ines rests half an hour in between, and goes before closing.
    expect($minutes($roster->stints(2, $at(0), $at(300))))->toBe(['ines' => [[0, 120], [150, 280]], 'tobi' => [[0, 300]]])
        // A chair of which nothing is known is somebody's.
        ->and($minutes($roster->stints(3, $at(0), $at(300)))['chair 3'])->toBe([[0, 300]])
        ->and($minutes((new Roster)->stints(1, $at(0), $at(60))))->toBe(['chair 1' => [[0, 60]]])
        // Shifts outside of the hours are none of the event's.
        ->and($minutes($roster->stints(1, $at(130), $at(140))))->toBe([]);
});

it('pulls each lever by what it is called', function (): void {
    $scenario = planRead()->scenario;
    $pulled = static fn (LeverKind $lever) => $lever->pulled(
        $scenario,
        Duration::ofSeconds(25),
    ) ?? throw new RuntimeException('Nothing to pull.');

    expect($pulled(LeverKind::ArtistMore)->artists[2]->shifts)->toBe([[0, 18_000_000]])
        ->and($pulled(LeverKind::ArtistInTheRush)->artists[2]->hours())->toEqual(Duration::ofMinutes(120))
        ->and(array_map(static fn (Offer $offer): string => $offer->id, $pulled(LeverKind::LongestOff)->menu))->toBe(['wave band'])
        ->and($pulled(LeverKind::LongestOff)->artists[0]->times)->toHaveCount(1)
        ->and($pulled(LeverKind::QuickOnly)->artists[1]->times[0])->toHaveCount(1)
        ->and($pulled(LeverKind::QuickOnly)->artists[1]->times[0][0]->middle)->toEqual(Duration::ofSeconds(110))
        ->and($pulled(LeverKind::QuickOnly)->menu[0]->looks)->toBe([0.7])
        ->and($pulled(LeverKind::QuickInTheRush)->rules->quickAbove)->toBe(6)
        ->and($pulled(LeverKind::ShorterTurnaround)->turnaround)->toEqual(Duration::ofSeconds(55))
        ->and($pulled(LeverKind::NamesAndMoney)->turnaround)->toEqual(Duration::ofSeconds(50))
        ->and($pulled(LeverKind::OtherLine)->rules->isLineEach)->toBeTrue()
        ->and($pulled(LeverKind::StartEarlier)->open)->toEqual(Duration::ofMinutes(330))
        ->and($pulled(LeverKind::ArtistEarly)->artists[2]->shifts)->toBe([[0, 9_000_000]])
        ->and($pulled(LeverKind::ArtistLate)->artists[2]->shifts)->toBe([[9_000_000, 18_000_000]])
        ->and($pulled(LeverKind::NamesToTheEnd)->rules->stopNamesAt)->toEqual(Duration::ofMinutes(300))
        ->and(LeverKind::StartEarlier->opensEarlier())->toEqual(Duration::ofMinutes(30))
        ->and(LeverKind::QuickOnly->opensEarlier())->toEqual(Duration::zero());

    $eight = $scenario->with(['artists' => array_map(static fn (int $at): Artist => $scenario->artists[1], range(1, 8))]);
    expect(LeverKind::ArtistMore->pulled($eight, Duration::zero()))->toBeNull();
});
