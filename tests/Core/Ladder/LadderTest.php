<?php

declare(strict_types=1);

use Core\Design\Alternative;
use Core\Design\Design;
use Core\Design\InvalidStep;
use Core\Design\Medium;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\Side;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Technique;
use Core\Ladder\Choices;
use Core\Ladder\Drop;
use Core\Ladder\Ladder;
use Core\Ladder\Limits;
use Core\Ladder\LookShares;
use Core\Ladder\Rung;
use Core\Ladder\TooManyChoices;
use Core\Ladder\Weighed;
use Core\Order\BestOrder;
use Core\Order\Circumstances;
use Core\Order\HalfPainted;
use Core\Order\Search\WithinLabels;
use Core\Timeline\Timeline;
use Core\Timeline\Timing;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Ladder\Enumerated;
use Tests\Core\Order\Craft;
use Tools\bench\GeneratedDesigns;

/** @return list<array{int, int}> time and look */
function heights(Ladder $ladder): array
{
    return array_map(static fn (Rung $rung): array => [$rung->time->milliseconds, $rung->version->look], $ladder->rungs);
}

/** @param  list<Rung>  $rungs */
function top(array $rungs): Rung
{
    return $rungs[count($rungs) - 1] ?? throw new LogicException('No rungs.');
}

/** A wave with foam dots, a starburst and a gem, all of them extras. */
function wave(): Design
{
    return Craft::face(
        'Wave: half sponge deep blue cheek, 0:20',
        'Curls: round 3 2 swirls white cheek, 0:14',
        'Foam dots: round 2 6 dots white cheek, 0:09, optional, look 4, or 3 dots',
        'Starburst: round 2 starburst white cheekbone, 0:06, optional, look 4',
        'Gem: 1 gem cheekbone, 0:05, optional, look 2',
    );
}

it('is what comparing all versions with all gives', function (int $seed, int $steps, int $choices): void {
    $chance = new Randomizer(new Mt19937($seed));
    $circumstances = GeneratedDesigns::circumstances(Timing::StrokesAlone);
    $design = Enumerated::anyDesign($chance, $steps, $choices);
    $ladder = Ladder::of($design, $circumstances);

    expect($ladder->isProven)->toBeTrue()->and(heights($ladder))->toBe(Enumerated::of($design, $circumstances)->unbeaten());
})->with(static function (): iterable {
    foreach (range(1, 90) as $seed) {
        yield "seed {$seed}" => [$seed, 3 + $seed % 5, 2 + $seed % 7];
    }
    foreach (range(91, 93) as $seed) {
        yield "seed {$seed}, 12 choices" => [$seed, 8, 12];
    }
});

it('meets versions that more steps make shorter, waits, needs and versions without any order', function (): void {
    $chance = new Randomizer(new Mt19937(7));
    $circumstances = GeneratedDesigns::circumstances(Timing::StrokesAlone);
    $shortened = $impossible = $needs = 0;
    foreach (range(1, 40) as $_) {
        $design = Enumerated::anyDesign($chance, 5, 5);
        $all = Enumerated::of($design, $circumstances);
        $shortened += $all->shortenedByMore();
        $impossible += count(array_filter(array_column($all->versions, 'time'), is_null(...)));
        $needs += count($design->pins);
        expect(heights(Ladder::of($design, $circumstances)))->toBe($all->unbeaten());
    }

    expect($shortened)->toBeGreaterThan(5)->and($needs)->toBeGreaterThan(10);
});

it('times each rung as the search for the best order does, and orders its steps so that their tape is as long', function (): void {
    $circumstances = GeneratedDesigns::circumstances(Timing::StrokesAlone);
    $ladder = Ladder::of(Enumerated::anyDesign(new Randomizer(new Mt19937(5)), 9, 8), $circumstances);

    expect(count($ladder->rungs))->toBeGreaterThan(4);
    foreach ($ladder->rungs as $rung) {
        $best = BestOrder::of($rung->version->design(), $circumstances)->run(new WithinLabels(500_000));
        expect($rung->time)->toEqual($best->makespan())
            ->and(Timeline::of($rung->design->steps, $circumstances->changeovers, $circumstances->times)->makespan())->toEqual($rung->time);
    }
});

it('says of each rung what is done differently and how much of the look is left', function (): void {
    $rungs = Ladder::of(wave(), Craft::circumstances())->rungs;

    expect($rungs[0]->version->changes())->toBe(['“Foam dots” left out', '“Starburst” left out', '“Gem” left out'])
        ->and(top($rungs)->version->changes())->toBe([])->and(top($rungs)->version->share())->toBe(1.0)
        ->and(array_merge(...array_map(
            static fn (Rung $rung): array => $rung->version->changes(),
            $rungs,
        )))->toContain('“Foam dots”: 3 dots');
});

it('offers a coat more for a little more look, and a coat fewer for less', function (): void {
    $lines = [
        'Sail: brush round 6 white fill sail cheek left, 2 coats, 0:40, or 3 coats',
        'Edge: brush round 2 black outline sail cheek left, 0:10',
    ];
    $more = top(Ladder::of(Craft::cheek(...$lines), Craft::circumstances())->rungs);
    $fewer = Ladder::of(Craft::cheek(str_replace('or 3 coats', 'or 1 coat', $lines[0]), $lines[1]), Craft::circumstances())->rungs[0];

    expect($more->version->changes())->toBe(['“Sail”: 3 coats'])->and($more->version->share())->toBeGreaterThan(1.0)
        ->and($fewer->version->changes())->toBe(['“Sail”: 1 coat'])->and($fewer->version->share())->toBeLessThan(1.0);
});

it('keeps what another step needs', function (): void {
    $wave = wave();
    $needing = $wave->withPins([new Pin(PinKind::Needs, [$wave->steps[2]->id, $wave->steps[3]->id])]);

    foreach (Ladder::of($needing, Craft::circumstances())->rungs as $rung) {
        $names = array_column($rung->design->steps, 'name');
        expect(in_array('Foam dots', $names, true) && ! in_array('Starburst', $names, true))->toBeFalse();
    }
});

it('finds the best that fits, and none where nothing does', function (): void {
    $ladder = Ladder::of(wave(), Craft::circumstances());
    $times = array_map(static fn (Rung $rung): Duration => $rung->time, $ladder->rungs);

    expect($ladder->fitting($times[1])?->time)->toEqual($times[1])
        ->and($ladder->fitting($times[2]->minus(Duration::ofMilliseconds(1)))?->time)->toEqual($times[1])
        ->and($ladder->fitting($times[0]->minus(Duration::ofMilliseconds(1))))->toBeNull()
        ->and($ladder->fitting(Duration::ofMinutes(60))?->version->changes())->toBe([]);
});

it('drops first what costs the least look for a second', function (): void {
    $ladder = Ladder::of(wave(), Craft::circumstances());
    $whole = $ladder->rungs[count($ladder->rungs) - 1];
    $drops = $ladder->goesNext($whole);
    $costs = array_map(static fn (Drop $drop): float => $drop->lookPerSecond(), $drops);
    $sorted = $costs;
    sort($sorted);

    expect($costs)->toBe($sorted)->and(array_map(
        static fn (Drop $drop): string => $drop->words,
        $drops,
    ))->toContain('“Foam dots”: 3 dots', '“Gem” left out');
    foreach ($drops as $drop) {
        expect($drop->left->time->plus($drop->saved))->toEqual($whole->time);
    }
});

it('names the quickest core, all of it party, and what keeps the promise quick', function (): void {
    $second = Ladder::of(wave(), Craft::circumstances())->rungs[1]->time;
    $ladder = Ladder::of(wave()->withPromise($second->plus(Duration::ofMilliseconds(1))), Craft::circumstances());
    $named = $ladder->named();

    expect(array_keys($named))->toBe(['core', 'quick', 'party'])
        ->and($named['core'])->toBe($ladder->rungs[0])->and($named['party']->version->changes())->toBe([])
        ->and($named['quick'])->toBe($ladder->rungs[1]);
});

it('names what the painter says, by minutes or by what goes', function (): void {
    $wave = wave();
    $named = Ladder::of($wave->withRungs([
        new RungChoice(RungName::Quick, null, [$wave->steps[3]->id], [$wave->steps[2]->id => 0]),
        new RungChoice(RungName::Core, Duration::ofMinutes(60)),
    ]), Craft::circumstances())->named();

    expect($named['quick']->version->changes())->toBe(['“Foam dots”: 3 dots', '“Starburst” left out'])
        ->and($named['core']->version->changes())->toBe([]);
});

it('forgets of a name what the design has no longer', function (): void {
    $wave = wave();
    $choice = new RungChoice(RungName::Quick, null, [$wave->steps[3]->id, $wave->steps[0]->id], [$wave->steps[4]->id => 3]);

    // The wave is no extra, and the gem has no fourth other way.
    expect(Weighed::of($wave, Craft::circumstances(), $choice)?->rung->version->changes())->toBe(['“Starburst” left out']);
});

it('goes on from a half-painted face: from now on, on what has dried meanwhile', function (): void {
    $wave = wave();
    $circumstances = Craft::circumstances();
    $done = [$wave->steps[0]->id => 240_000, $wave->steps[1]->id => 120_000];
    $rungs = Ladder::of($wave, $circumstances, new HalfPainted($done))->rungs;
    $fresh = Ladder::of($wave, $circumstances, new HalfPainted([$wave->steps[0]->id => 15_000, $wave->steps[1]->id => 1_000]))->rungs;
    $painting = $circumstances->times->of($wave->steps[2])->duration->plus($circumstances->times->of($wave->steps[3])->duration);

    // Nothing that is left is the shortest rung; all dry, the rest is bare painting and tools.
    expect($rungs[0]->time->milliseconds)->toBe(0)
        ->and(top($rungs)->version->changes())->toBe([])
        ->and(top($rungs)->time->milliseconds)->toBeGreaterThan($painting->milliseconds)
        ->and(top($fresh)->time->milliseconds)->toBeGreaterThanOrEqual(top($rungs)->time->milliseconds)
        ->and(array_slice(array_column(top($rungs)->design->steps, 'name'), 0, 2))->toBe(['Wave', 'Curls']);
});

it('waits for wet paint of a half-painted face only as long as it is still wet', function (): void {
    $design = Craft::face(
        'Shade: half sponge deep blue cheek, 0:20',
        'Line: round 2 line white cheek, 0:10, dry 0:50',
    );
    $left = static fn (int $ago): int => (int) Ladder::of(
        $design,
        Circumstances::starting(),
        new HalfPainted([$design->steps[0]->id => $ago * 1000]),
    )->rungs[0]->time->milliseconds;

    expect($left(10) - $left(20))->toBe(10_000)->and($left(500))->toBeLessThan($left(20));
});

it('says how many ways are too many', function (): void {
    $lines = array_map(static fn (int $at): string => "Dots {$at}: round 2 3 dots white cheek, 0:05, optional, or 2 dots", range(1, 11));

    expect(static fn () => Ladder::of(Craft::face(...$lines), Craft::circumstances()))->toThrow(TooManyChoices::class, '22 ways');
});

it('says so when it was cut short, and has all of it nevertheless', function (): void {
    $design = Enumerated::anyDesign(new Randomizer(new Mt19937(3)), 9, 8);
    $ladder = Ladder::of($design, GeneratedDesigns::circumstances(Timing::StrokesAlone), null, new WithinLabels(1));

    expect($ladder->isProven)->toBeFalse()->and(top($ladder->rungs)->version->changes())->toBe([]);
});

it('weighs looks and limits its search as it is told', function (): void {
    $lines = ['Petals: round 3 4 petals white cheek both sides, 0:40, look 5, or one side, or 2 petals, or 4 dots'];
    $looks = static fn (LookShares $shares): array => array_column(
        (new Choices(Craft::face(...$lines), shares: $shares))->options[0],
        'look',
    );

    // One side, half of the strokes, another technique: 5 looks in tenths, times the share each.
    expect($looks(new LookShares(oneSide: 0.5, otherWay: 0.7, fewerPower: 1.0)))->toBe([50, 25, 25, 35])
        ->and($looks(new LookShares))->toBe([50, 30, 31, 40]);

    $design = Enumerated::anyDesign(new Randomizer(new Mt19937(3)), 9, 8);
    $within = static fn (Limits $limits): Ladder => Ladder::of(
        $design,
        GeneratedDesigns::circumstances(Timing::StrokesAlone),
        limits: $limits,
    );
    expect($within(new Limits)->isProven)->toBeTrue()->and($within(new Limits(versions: 3))->isProven)->toBeFalse()
        ->and(static fn () => $within(new Limits(choices: 2)))->toThrow(TooManyChoices::class);
});

it('paints another way with the time that is left of the typed one', function (): void {
    $petals = new Step(
        id: 'a',
        name: 'Petals',
        medium: Medium::Brush,
        tool: 'petal',
        colours: [],
        zones: [Core\Design\Place\Zone::Cheek],
        side: Side::Both,
        coats: 1,
        time: Duration::ofSeconds(40),
        dryFor: Duration::zero(),
        optional: false,
        note: '',
        technique: Technique::Petal,
        count: 5,
    );
    $seconds = static fn (Alternative $way): ?float => $petals->painted($way)->time?->seconds();

    // One side of two, the weaker hand's being a little slower: 40 / 2.12.
    expect($seconds(new Alternative(medium: Medium::Brush, technique: Technique::Petal, tool: 'petal', time: null, count: 4)))->toBe(32.0)
        ->and($seconds(new Alternative(
            medium: Medium::Brush,
            technique: Technique::Petal,
            tool: 'petal',
            time: null,
            count: null,
            side: Side::Left,
        )))->toBe(18.868)
        ->and($seconds(new Alternative(
            medium: Medium::Brush,
            technique: Technique::Dots,
            tool: 'round 2',
            time: null,
            count: 4,
        )))->toBeNull()
        ->and($seconds(new Alternative(Medium::Brush, Technique::Petal, 'petal', null, coats: 3)))->toBe(120.0)
        ->and($seconds(new Alternative(
            medium: Medium::Brush,
            technique: Technique::Petal,
            tool: 'petal',
            time: Duration::ofSeconds(7),
            count: 4,
        )))->toBe(7.0);
});

it('takes all of a motif to one side, never half a pair, and leaves what reaches further whole', function (): void {
    $design = Craft::face(
        'Base: half sponge sea grey forehead and brow and temple both sides, 0:30',
        'Brows: 2 black line with round 3 on brow, both sides, 0:16, or one side',
        'Brow dots: 5 white dots with round 2 on brow, both sides, 0:10',
        'Nose: brush round 3 black fill nose tip, 0:10',
    );
    $rungs = Ladder::of($design, Craft::circumstances())->rungs;
    $sides = static fn (Rung $rung): array => array_column($rung->design->steps, 'side', 'name');

    expect(count($rungs))->toBeGreaterThan(1);
    foreach ($rungs as $rung) {
        expect($sides($rung)['Brow dots'])->toBe($sides($rung)['Brows'])->and($sides($rung)['Base'])->toBe(Side::Both);
    }
    expect($rungs[0]->version->changes())->toBe(['“Brows”: left side only', '“Brow dots”: left side only'])
        ->and(top($rungs)->version->changes())->toBe([]);
});

it('lets small acts go with the step they serve, and keeps typed waits between what is left', function (): void {
    $design = Craft::face(
        'Mask: brush flat 3/4 in deep blue sweep temple both sides, 0:30',
        'Spritz the cake: bud tidy, 0:04',
        'Swirls: 2 white swirl with round 3 on cheek, both sides, 0:20, optional',
        'Wait: bud wait, 0:30',
        'Nose: brush round 3 black fill nose tip, 0:10',
    );
    $rungs = Ladder::of($design, Craft::circumstances())->rungs;
    $names = static fn (Rung $rung): array => array_column($rung->design->steps, 'name');

    expect($names($rungs[0]))->toEqualCanonicalizing(['Mask', 'Nose', 'Wait'])
        ->and($rungs[0]->version->changes())->toBe(['“Swirls” left out'])
        ->and($rungs[0]->time->seconds())->toBeGreaterThanOrEqual(30.0 + 30.0 + 6.0)
        ->and($names(top($rungs)))->toContain('Spritz the cake', 'Swirls');
});

it('drops a way that nobody can paint, and paints the rest of the ladder', function (): void {
    $nose = Craft::face('Nose: brush round 3 black fill nose tip both sides, 0:10, optional')->steps[0];
    $values = [...StepValues::of($nose), 'alternatives' => [['medium' => 'brush', 'technique' => 'fill', 'side' => 'left']]];
    $design = Craft::face('Base: half sponge sea grey cheek both sides, 0:30')->withSteps([StepValues::read('s1', $values)]);

    expect(Ladder::of($design, Craft::circumstances())->rungs)->toHaveCount(2)
        ->and(fn () => $design->steps[0]->withPossibleWays())->toThrow(InvalidStep::class, 'Another way to paint “Nose” cannot be');
});

it('calls everything as typed the party, whatever costs no look', function (): void {
    $design = Craft::face(
        'Base: half sponge sea grey cheek both sides, 0:30',
        'Hardly seen: 3 white dots with round 2 on chin, 0:06, optional, look 0',
    );

    expect(Ladder::of($design, Craft::circumstances())->named()['party']->version->changes())->toBe([]);
});

it('shows the whole face in no more than its typed seconds from hand to hand, and each rung in its own', function (int $seed): void {
    $circumstances = GeneratedDesigns::circumstances();
    $design = Enumerated::anyDesign(new Randomizer(new Mt19937($seed)), 6, 4);
    $ladder = Ladder::of($design, $circumstances);
    $whole = $ladder->named()['party'];
    expect($whole->time->milliseconds)
        ->toBeLessThanOrEqual((int) BestOrder::of($design, $circumstances)->run(new WithinLabels(100_000))->typedLawful?->milliseconds);
    foreach ($ladder->rungs as $rung) {
        expect(Timeline::of(
            $rung->design->steps,
            $circumstances->changeovers,
            $circumstances->times,
        )->makespan()->milliseconds)->toBe($rung->time->milliseconds);
    }
})->with(range(1, 12));
