<?php

declare(strict_types=1);

use Core\Design\Audience;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Plan\Menu\BearableFace;
use Core\Plan\Menu\BestMenu;
use Core\Plan\Menu\Candidate;
use Core\Plan\Menu\MenuCheck;
use Core\Plan\Menu\MenuFinding;
use Core\Plan\Menu\MenuGoal;
use Core\Plan\Menu\MenuGroup;
use Core\Plan\Menu\MenuOffer;
use Core\Plan\Menu\Promise;
use Core\Plan\Menu\RecommendedMenu;
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Core\Paint;

/** @param  list<Step>  $steps */
function offered(
    string $name,
    float $minutes,
    array $steps = [],
    ?int $price = 400,
    float $promise = 30.0,
    Placement $on = Placement::Cheek,
): MenuOffer {
    return new MenuOffer(
        id: $name,
        name: $name,
        design: new Design(
            $name,
            $on,
            null,
            $steps === [] ? [Paint::step(zones: [$on === Placement::Arm ? Zone::Arm : Zone::Cheek])] : $steps,
        ),
        face: FaceTime::planned(Duration::ofMinutes($minutes), Duration::ofMinutes($minutes * 1.15)),
        isLogged: true,
        promise: Duration::ofMinutes($promise),
        price: $price,
    );
}

/**
 * @param  list<MenuFinding>  $findings
 * @return list<string>
 */
function rulesOf(array $findings): array
{
    return array_map(static fn (MenuFinding $finding): string => $finding->rule, $findings);
}

it('offers a promise that eight of ten faces keep, in quarters of a minute', function (): void {
    // "8 of 10 by 3:50: promise 4:00."
    $face = FaceTime::planned(Duration::ofSeconds(200), Duration::ofSeconds(230));

    expect(Promise::for($face))->toEqual(Duration::ofMinutes(4))
        ->and(Promise::isKept(
            Duration::ofSeconds(229),
            $face,
        ))->toBeFalse()->and(Promise::isKept(Duration::ofSeconds(231), $face))->toBeTrue()
        ->and(Promise::for(FaceTime::fixed(Duration::ofMinutes(4))))->toEqual(Duration::ofMinutes(4));
});

it('reckons what a design takes in an hour, and what it does to the day when a third want it', function (): void {
    $wave = new MenuOffer(
        'wave',
        'Wave band',
        offered('a', 1)->design,
        FaceTime::fixed(Duration::ofMinutes(2)),
        true,
        Duration::ofMinutes(2),
        400,
    );
    $mask = new MenuOffer(
        'mask',
        'Puffin mask',
        offered('a', 1)->design,
        FaceTime::fixed(Duration::ofMinutes(5)),
        true,
        Duration::ofMinutes(5),
        800,
    );
    $turnaround = Duration::ofMinutes(1);

    // By hand: twenty of three minutes at 4, ten of six at 8. Of every three children one of six minutes, two of three.
    expect($wave->takingsAnHour($turnaround))->toBe(8000.0)->and($mask->takingsAnHour($turnaround))->toBe(8000.0)
        ->and($mask->shareIfPopular([$wave, $mask], $turnaround))->toBe(0.5)
        ->and($wave->shareIfPopular([$wave, $mask], $turnaround))->toBe(0.2)
        ->and($wave->shareIfPopular([$wave], $turnaround))->toBe(1.0);
});

it('says what a menu does to its day, and nothing of a good one', function (): void {
    $good = [offered('wave', 1.5), offered('starfish', 2.0), offered('anchor', 2.5, on: Placement::Arm), offered('puffin', 4.0)];

    expect(MenuCheck::of($good, Kit::empty()))->toBe([])
        // A menu of two may well be two fancy ones.
        ->and(MenuCheck::of([offered('puffin', 6.0), offered('octopus', 5.0)], Kit::empty()))->toBe([]);
});

it('finds the promise that nobody keeps, and one that would be kept', function (): void {
    $finding = MenuCheck::of([offered('puffin', 4.0, promise: 4.0)], Kit::empty())[0];

    expect($finding->rule)->toBe('promise_nobody_keeps')->and($finding->promise)->toEqual(Duration::ofSeconds(285))
        ->and($finding->says)->toContain('8 of 10 are done by 4:36')->and($finding->says)->toContain('4:45');
});

it('finds nothing quick, and nothing for one who dislikes being touched', function (): void {
    $fancy = array_map(static fn (int $at): MenuOffer => offered("design {$at}", 3.0 + $at), range(0, 4));
    $arm = new MenuOffer('arm', 'arm', $fancy[0]->design, $fancy[0]->face, true, Duration::ofMinutes(9), 400, MenuGroup::Arm);
    $gentle = new MenuOffer(
        'g',
        'g',
        new Design('g', Placement::Cheek, null, [Paint::step()], audience: new Audience(null, true, null)),
        $fancy[0]->face,
        true,
        Duration::ofMinutes(9),
    );

    expect(rulesOf(MenuCheck::of($fancy, Kit::empty())))->toBe(['nothing_quick', 'nothing_gentle'])
        ->and(rulesOf(MenuCheck::of([...$fancy, $arm], Kit::empty())))->toBe(['nothing_quick'])
        ->and(rulesOf(MenuCheck::of([...$fancy, $gentle, offered('wave', 1.5)], Kit::empty())))->toBe([]);
});

it('finds two designs that want one brush', function (): void {
    $brush = new Item('1', ItemKind::Brush, 'round 3', reservedFor: 'black');
    $black = Paint::step('a', 20, Medium::Brush, 'round 3', ['#101014']);
    $white = Paint::step('b', 20, Medium::Brush, 'round 3', ['#ffffff']);
    $named = static fn (Step $step, string $name): Step => $step->withColours([Core\Design\Colour::of($name, $step->colours[0]->hex)]);
    $menu = [offered('whale', 1, [$named($black, 'black')]), offered('storm', 1, [$named($white, 'white')])];

    expect(rulesOf(MenuCheck::of($menu, new Kit([$brush]))))->toBe(['brush_fought_over'])
        ->and(MenuCheck::of($menu, new Kit([$brush]))[0]->offers)->toBe(['storm', 'whale'])
        ->and(MenuCheck::of([$menu[0]], new Kit([$brush])))->toBe([])
        ->and(MenuCheck::of($menu, new Kit([new Item('1', ItemKind::Brush, 'round 3', howMany: 2, reservedFor: 'black')])))->toBe([])
        ->and(MenuCheck::of($menu, new Kit([new Item('1', ItemKind::Brush, 'round 3')])))->toBe([]);
});

it('finds latex that has no other way', function (): void {
    $kit = new Kit([
        new Item('1', ItemKind::Gem, 'round gems'), new Item('2', ItemKind::Glue, 'lash glue', hasLatex: true),
        new Item('3', ItemKind::Gem, 'sticker gems', isSelfStick: true),
    ]);
    $gems = static fn (string $tool): Step => Paint::step('a', 20, Medium::Gem, $tool, []);

    expect(rulesOf(MenuCheck::of([offered('jelly', 1, [$gems('round gems')])], $kit)))->toBe(['latex_without_alternative'])
        ->and(MenuCheck::of([offered('jelly', 1, [$gems('sticker gems')])], $kit))->toBe([]);
});

/**
 * By trying every menu there is.
 *
 * @param  list<Candidate>  $candidates
 */
function bestByHand(array $candidates, MenuGoal $goal, int $designs, int $bearable): ?float
{
    $choices = [[]];
    foreach ($candidates as $at => $candidate) {
        $longer = $candidate->isWished ? [] : $choices;
        foreach ($candidate->rungs() as $rung) {
            foreach ($choices as $choice) {
                $longer[] = $choice + [$at => $rung];
            }
        }
        $choices = $longer;
    }
    $best = null;
    foreach ($choices as $choice) {
        $weight = $time = $worth = 0.0;
        foreach ($choice as $at => $rung) {
            $weight += $candidates[$at]->weight;
            $time += $candidates[$at]->weight * $candidates[$at]->times[$rung]->mean()->milliseconds;
            $worth += $candidates[$at]->weight * $goal->worth($candidates[$at], $rung);
        }
        if (count($choice) === $designs && $time <= $weight * $bearable + 1e-6) {
            $best = max($best ?? 0.0, $worth / $weight);
        }
    }

    return $best;
}

it('finds the best menu that there is', function (int $seed): void {
    $chance = new Randomizer(new Xoshiro256StarStar($seed));
    $candidates = array_map(static function (int $at) use ($chance): Candidate {
        $rungs = $chance->getInt(1, 3);
        $longest = $chance->getInt(90, 400);

        return new Candidate(
            id: "design {$at}",
            weight: $chance->getInt(1, 9),
            times: array_map(
                static fn (int $rung): FaceTime => FaceTime::fixed(Duration::ofSeconds($longest * 0.7 ** $rung)),
                range(0, $rungs - 1),
            ),
            looks: array_map(static fn (int $rung): float => 0.8 ** $rung, range(0, $rungs - 1)),
            price: 100 * $chance->getInt(2, 9),
            isWished: $chance->getInt(0, 4) === 0,
            wishedRung: $chance->getInt(0, 6) === 0 ? $rungs - 1 : null,
        );
    }, range(0, $chance->getInt(2, 6)));
    $designs = $chance->getInt(1, count($candidates));
    foreach (MenuGoal::cases() as $goal) {
        foreach ([120, 200, 300] as $seconds) {
            $best = BestMenu::of($candidates, $goal, $designs, Duration::ofSeconds($seconds));
            $byHand = bestByHand($candidates, $goal, $designs, 1000 * $seconds);

            expect($best?->worth === null)->toBe($byHand === null);
            if ($best !== null && $byHand !== null) {
                expect($best->worth)->toEqualWithDelta($byHand, 1e-9)->and(count($best->rungs))->toBe($designs)
                    ->and($best->meanFace->milliseconds)->toBeLessThanOrEqual(1000 * $seconds);
            }
        }
    }
})->with(range(1, 25));

/** @param  list<Candidate>  $candidates */
function partyOf(array $candidates, int $children): Scenario
{
    $open = Duration::ofMinutes(120);

    return new Scenario(
        open: $open,
        arrivals: Arrivals::atOnce($children),
        menu: array_map(static fn (Candidate $one): Offer => new Offer($one->id, $one->weight, $one->price), $candidates),
        artists: [Artist::all('Ines', $open, ...array_map(static fn (Candidate $one): FaceTime => $one->times[0], $candidates))],
        turnaround: Duration::ofMinutes(1),
    );
}

it('recommends as much look as the day bears, and says what a wish costs', function (): void {
    $rungs = static fn (float $minutes): array => [
        FaceTime::planned(Duration::ofMinutes($minutes), null), FaceTime::planned(Duration::ofMinutes($minutes / 2), null),
    ];
    $candidates = array_map(
        static fn (int $at): Candidate => new Candidate("design {$at}", 1.0, $rungs(3.0 + $at), [1.0, 0.6]),
        range(0, 4),
    );
    $play = static fn (Scenario $scenario): Tally => (new Simulation($scenario, 2))->run(400);
    $recommend = static fn (int $children, array $wishes = []): ?RecommendedMenu => RecommendedMenu::of(
        scenario: partyOf($candidates, $children),
        candidates: array_replace($candidates, $wishes),
        goal: MenuGoal::Look,
        designs: 4,
        wantedChance: 0.9,
        play: $play,
    );

    // Eight minutes each for fourteen children bear everything; not five for twenty-five; one for a hundred bears nothing.
    expect($recommend(14)?->menu->worth)->toBe(1.0)
        ->and($recommend(25)?->menu->worth)->toBeGreaterThan(0.6)->toBeLessThan(1.0)
        ->and($recommend(25)?->tally->chanceOfAll())->toBeGreaterThanOrEqual(0.9)
        ->and($recommend(100))->toBeNull();

    $long = new Candidate('design 4', 1.0, $rungs(7.0), [1.0, 0.6], isWished: true, wishedRung: 0);
    $wished = $recommend(20, [4 => $long]);
    expect($wished?->menu->rungs[4])->toBe(0)->and($wished?->withoutWishes)->toBeGreaterThan($wished?->menu->worth ?? 2.0);
});

it('knows how long a face the day bears', function (): void {
    $face = [new Candidate('starfish', 1.0, [FaceTime::fixed(Duration::ofMinutes(3))], [1.0])];
    $scenario = partyOf($face, 24);
    $play = static fn (Scenario $one): Tally => (new Simulation($one->with(['turnaround' => Duration::zero()])))->run(1);

    // 120 minutes among 24 children, all alike: five minutes, as near as nine halvings of the range come.
    expect(BearableFace::of($scenario, 0.9, $play)?->seconds())->toEqualWithDelta(300.0, 3.0)
        ->and(BearableFace::meanFace($scenario))->toEqual(Duration::ofMinutes(3))
        ->and(BearableFace::of(partyOf($face, 5000), 0.9, $play))->toBeNull();
});
