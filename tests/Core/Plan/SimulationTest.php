<?php

declare(strict_types=1);

use Core\Plan\Outlook;
use Core\Plan\PulledLever;
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\InvalidScenario;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Lost;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\PlayedFace;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;

/** @param  array<string, mixed>  $changed */
function fair(array $changed = []): Scenario
{
    $open = Duration::ofMinutes(300);
    $times = [
        [FaceTime::logNormal(Duration::ofMinutes(3), 0.2, 0.1), FaceTime::logNormal(Duration::ofMinutes(2), 0.2, 0.1)],
        [FaceTime::logNormal(Duration::ofMinutes(6), 0.2, 0.1), FaceTime::logNormal(Duration::ofMinutes(4), 0.2, 0.1)],
    ];

    return (new Scenario(
        open: $open,
        arrivals: Arrivals::byProfile(85.0, [1.0, 2.0, 2.0, 1.0, 1.0], [6.0, 3.0, 1.0]),
        menu: [new Offer('wave band', 1.0, 400, [1.0, 0.7]), new Offer('puffin mask', 1.0, 800, [1.0, 0.75])],
        artists: [new Artist('Ines', [[0, 9_000_000], [10_800_000, 18_000_000]], $times), new Artist('Tobi', [[0, 18_000_000]], $times)],
        turnaround: Duration::ofMinutes(1),
        rules: new LineRules(contagion: 0.05),
    ))->with($changed);
}

/** @param  list<array{int, int}>  $shifts  in minutes */
function oneChair(int $children, array $shifts, LineRules $rules = new LineRules, int $open = 60): Simulation
{
    $shifts = array_map(static fn (array $shift): array => [$shift[0] * 60_000, $shift[1] * 60_000], $shifts);

    return new Simulation(new Scenario(
        open: Duration::ofMinutes($open),
        arrivals: Arrivals::atOnce($children),
        menu: [new Offer('starfish', 1.0, 300, [1.0, 0.5])],
        artists: [new Artist('Ines', $shifts, [[FaceTime::fixed(Duration::ofMinutes(4)), FaceTime::fixed(Duration::ofMinutes(2))]])],
        turnaround: Duration::ofMinutes(1),
        rules: $rules,
        turnaroundSpread: 0.0,
    ));
}

/**
 * @param  array{list<PlayedFace>, list<Lost>}  $watched
 * @return list<int> minutes
 */
function seatedAt(array $watched): array
{
    return array_map(static fn (PlayedFace $face): int => intdiv($face->seated, 60_000), $watched[0]);
}

it('plays the same days for the same seed, and others for another', function (): void {
    $runs = (new Simulation(fair(), 7))->run(20);

    expect((new Simulation(fair(), 7))->run(20))->toEqual($runs)
        ->and((new Simulation(fair(), 8))->run(20)->runs['end'])->not->toBe($runs->runs['end'])
        // Any part of the days is the same part, whoever plays it.
        ->and((new Simulation(fair(), 7))->run(12)->and((new Simulation(fair(), 7))->run(8, 12)))->toEqual($runs)
        // Kept, so that another machine that draws otherwise is noticed.
        ->and(array_slice($runs->runs['faces'], 0, 5))->toBe([105, 106, 94, 117, 84]);
});

it('sends the same children to two plans', function (): void {
    $slower = fair(['turnaround' => Duration::ofMinutes(2)]);
    [$faces] = (new Simulation(fair(), 7))->watch(3);
    [$slow] = (new Simulation($slower, 7))->watch(3);

    expect(array_map(static fn (PlayedFace $face): array => [$face->child, $face->arrived], $slow))
        ->toBe(array_map(static fn (PlayedFace $face): array => [$face->child, $face->arrived], $faces))
        ->and(count($faces))->toBe((new Simulation(fair(), 7))->run(1, 3)->faces(0.5));
});

it('lets a break wait for the face in hand, and keeps its length', function (): void {
    // Five minutes a child. At twelve minutes the third is in the chair until fifteen: fifteen plus ten is when the fourth sits down.
    expect(seatedAt(oneChair(5, [[0, 12], [22, 60]])->watch(0)))->toBe([0, 5, 10, 25, 30])
        ->and(seatedAt(oneChair(3, [[5, 60]])->watch(0)))->toBe([5, 10, 15]);
});

it('goes on after closing for those who stand there, or does not', function (): void {
    $goesOn = oneChair(14, [[0, 60]]);
    $stops = oneChair(14, [[0, 60]], new LineRules(paintsOut: false));

    expect($goesOn->run(1)->faces(0.5))->toBe(14)->and($goesOn->run(1)->overtime())->toEqual(Duration::ofMinutes(9))
        ->and($stops->run(1)->faces(0.5))->toBe(12)->and($stops->run(1)->lost('unpainted'))->toBe(2.0)
        ->and(count($stops->watch(0)[1]))->toBe(2)
        ->and($goesOn->run(1)->chanceOfAll())->toBe(0.0)->and($stops->run(1)->chanceOfAll())->toBe(0.0)
        // Somebody who leaves at half past leaves those behind, whatever the rule.
        ->and(oneChair(14, [[0, 30]])->run(1)->faces(0.5))->toBe(6);
});

it('paints the quick version while many wait', function (): void {
    // Nine wait behind the first, and so on down; from three behind on it is the whole design again.
    $tally = oneChair(10, [[0, 60]], new LineRules(quickAbove: 3))->run(1);

    expect($tally->painted)->toBe([4, 6])->and($tally->quickShare())->toBe(0.6)->and($tally->look())->toBe(0.7)
        ->and($tally->end(0.5))->toEqual(Duration::ofMinutes(6 * 3 + 4 * 5 - 1))->and($tally->takings(0.5))->toBe(3000);
});

it('turns children away from a long line, each chair counted', function (): void {
    $scenario = fair(['arrivals' => Arrivals::atOnce(50), 'rules' => new LineRules(longest: 5)]);
    $tally = (new Simulation($scenario))->run(1);

    // Two sit down as they come, ten wait.
    expect($tally->faces(0.5))->toBe(12)->and($tally->lost('balked'))->toBe(38.0)->and($tally->line(0.5)[0])->toBe(0);
});

it('has lines that are longer where each chair has its own', function (): void {
    $one = (new Simulation(fair(), 3))->run(300);
    $each = (new Simulation(fair(['rules' => fair()->rules->withLineEach(true)]), 3))->run(300);

    expect($each->meanFaces())->toBe($one->meanFaces())->and($each->wait(0.9)->isLongerThan($one->wait(0.9)))->toBeTrue();
});

it('grows quicker with the faces of the day where repetition helps', function (): void {
    $learning = FaceTime::logNormal(Duration::ofMinutes(4), 0.0, 0.0, -0.2, 1);
    $scenario = new Scenario(
        open: Duration::ofMinutes(300),
        arrivals: Arrivals::atOnce(15),
        menu: [new Offer('crab nose')],
        artists: [Artist::all('Tobi', Duration::ofMinutes(300), $learning)],
        turnaround: Duration::zero(),
    );
    [$faces] = (new Simulation($scenario))->watch(0);

    // Crawford's unit model: the sixteenth repetition takes (16 / 2) ^ -0.2 of the second.
    expect($faces[0]->painted - $faces[0]->seated)->toBe(240_000)
        ->and($faces[14]->painted - $faces[14]->seated)->toBe((int) (240_000 * (16 / 2) ** -0.2));
});

it('stops names so that everybody who got one is painted', function (): void {
    $play = static fn (Scenario $scenario): Tally => (new Simulation($scenario, 5))->run(1000);
    $outlook = Outlook::of(fair(), 0.9, $play);
    $said = Outlook::of(fair(['rules' => new LineRules(stopNamesAt: Duration::ofMinutes(280))]), 0.9, $play);

    expect($outlook->isKept())->toBeTrue()->and($outlook->latestName?->milliseconds)->toBeLessThan(17_400_000)
        ->and($outlook->latestName->milliseconds % 300_000)->toBe(0)
        ->and($outlook->scenario->rules->stopNamesAt)->toEqual($outlook->latestName)
        ->and($outlook->tooLate())->toBeGreaterThan(3.0)
        // Five minutes more would break the promise.
        ->and($play(fair(['rules' => new LineRules(
            stopNamesAt: $outlook->latestName->plus(Duration::ofMinutes(10)),
            contagion: 0.05,
        )]))->chanceOfAll())->toBeLessThan(0.9)
        // What the painter said stays as it was said.
        ->and($said->isKept())->toBeFalse()->and($said->scenario->rules->stopNamesAt)->toEqual(Duration::ofMinutes(280));
});

it('says of a party that cannot be done that nobody is late but all', function (): void {
    $play = static fn (Scenario $scenario): Tally => (new Simulation($scenario))->run(200);
    $party = fair(['arrivals' => Arrivals::atOnce(200)]);

    expect(Outlook::of($party, 0.9, $play)->latestName)->toBeNull()->and(Outlook::of($party, 0.9, $play)->isKept())->toBeFalse()
        ->and(Outlook::of(fair(['arrivals' => Arrivals::atOnce(20)]), 0.9, $play)->isKept())->toBeTrue();
});

it('pulls each lever to the side that it is there for', function (): void {
    $plan = Outlook::of(fair(), 0.9, static fn (Scenario $scenario): Tally => (new Simulation($scenario, 2))->run(400));
    $levers = PulledLever::all(fair(), Duration::ofSeconds(20), 0.9, 2);
    $kinds = array_map(static fn (PulledLever $lever): LeverKind => $lever->kind, $levers);

    expect($kinds)->toBe(LeverKind::cases());
    foreach ($levers as $lever) {
        if ($lever->kind !== LeverKind::OtherLine) {
            expect($lever->outlook->tally->meanFaces())->toBeGreaterThanOrEqual($plan->tally->meanFaces(), $lever->kind->value);
        }
    }
    // A third artist takes a third of the children off the others; who has lost the long design paints more.
    $outlook = array_combine(
        array_column($kinds, 'value'),
        array_map(static fn (PulledLever $lever): Outlook => $lever->outlook, $levers),
    );
    expect($outlook['artist_more']->scenario->artists)->toHaveCount(3)
        ->and($outlook['longest_off']->scenario->menu)->toHaveCount(1)
        ->and($outlook['quick_only']->tally->look())->toBeLessThan(0.8)
        // Whoever takes names to the end has more faces, and fewer days on which all of them are painted by then.
        ->and($outlook['names_to_the_end']->tally->chanceOfAll())->toBeLessThan($plan->tally->chanceOfAll());
});

it('has no lever where there is nothing to pull', function (): void {
    $bare = oneChair(5, [[0, 60]]);
    $party = new Scenario(
        open: Duration::ofMinutes(60),
        arrivals: Arrivals::atOnce(5),
        menu: [new Offer('starfish')],
        artists: [Artist::all('Ines', Duration::ofMinutes(60), FaceTime::fixed(Duration::ofMinutes(4)))],
        turnaround: Duration::ofSeconds(10),
    );
    $kinds = array_map(
        static fn (PulledLever $lever): LeverKind => $lever->kind,
        PulledLever::all($party, Duration::zero(), 0.9),
    );

    expect($kinds)->toBe([LeverKind::ArtistMore, LeverKind::StartEarlier])->and($bare->run(1)->chanceOfAll())->toBe(1.0);
});

it('opens earlier with whoever is there from the opening on', function (): void {
    $earlier = fair(['rules' => new LineRules(stopNamesAt: Duration::ofMinutes(200))])->startingEarlier(Duration::ofMinutes(30));

    expect($earlier->open)->toEqual(Duration::ofMinutes(330))
        ->and($earlier->artists[0]->shifts)->toBe([[0, 10_800_000], [12_600_000, 19_800_000]])
        ->and($earlier->rules->stopNamesAt)->toEqual(Duration::ofMinutes(230))
        ->and(fair()->rush())->toBe([3_600_000, 10_800_000])
        ->and(fair()->arrivals->until(0.5))->toEqualWithDelta(85.0 * 4.0 / 7.0, 1e-9);
});

it('refuses what cannot be played, and says what to mend', function (Closure $make, string $says): void {
    expect($make)->toThrow(InvalidScenario::class, $says);
})->with([
    'closing before opening' => [fn () => fair(['open' => Duration::zero()]), 'closes before it opens'],
    'no children' => [fn () => fair(['arrivals' => Arrivals::atOnce(0)]), 'No children'],
    'an empty menu' => [fn () => fair(['menu' => [], 'artists' => []]), 'menu is empty'],
    'nobody' => [fn () => fair(['artists' => []]), 'Nobody paints'],
    'a negative price' => [fn () => fair(['menu' => [new Offer('a', 1.0, -1), new Offer('b')]]), 'not below 0'],
    'a menu longer than the day' => [fn () => fair(['open' => Duration::ofMinutes(1), 'artists' => [
        fair()->artists[0]->sitting([[0, 60_000]]),
    ]]), 'quicker than 2:00'],
    'a break outside of the hours' => [
        fn () => fair(['artists' => [fair()->artists[0]->sitting([[0, 60_000], [90_000, 19_000_000]])]]),
        'breaks',
    ],
    'shifts in one another' => [
        fn () => fair(['artists' => [fair()->artists[0]->sitting([[0, 90_000], [60_000, 100_000]])]]),
        'one after another',
    ],
    'breaks that take the whole day' => [fn () => fair(['artists' => [fair()->artists[0]->sitting([])]]), 'no hours at the chair'],
    'times for half of the menu' => [fn () => fair(['artists' => [fair()->artists[0]->without(1)]]), 'times for 1 of 2'],
]);
