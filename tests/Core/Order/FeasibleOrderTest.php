<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Step;
use Core\Order\BestOrder;
use Core\Order\Constraint;
use Core\Order\Craft\Severity;
use Core\Order\Internal\Precedence;
use Core\Order\Proposal;
use Core\Order\Search\WithinLabels;
use Core\Order\ServingSteps;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Order\Craft;

function proposed(Design $design): Proposal
{
    return BestOrder::of($design, Craft::circumstances())->run(new WithinLabels(60_000));
}

/** @return list<string> */
function namesIn(?Design $design): array
{
    return array_map(static fn (Step $step): string => $step->name, $design->steps ?? []);
}

it('mends what the typed order breaks where that costs nothing, and leaves it where it would be longer', function (): void {
    $glitterLate = Craft::cheek(
        'Dots: 5 white dots with round 2 on cheek, left, 0:10',
        'Jaw: brush round 5 deep blue stripe jaw left, 0:20',
        'Glow: glitter lantern gel glitter gel cheek left, 0:20',
    );

    $edgeFirst = Craft::cheek(
        'Edge: brush round 2 black outline starfish cheek left, 0:10',
        'Star: brush round 6 coral red fill starfish cheek left, 0:20',
        'Jaw: brush round 5 deep blue stripe jaw left, 0:20',
    );

    // Fingers are wiped after glitter, which the typed order saves.
    expect(proposed($glitterLate)->makespan()?->seconds())->toBeLessThanOrEqual(50.0)
        ->and(namesIn(proposed($glitterLate)->best))->toBe(['Jaw', 'Dots', 'Glow'])
        ->and(array_search(
            'Star',
            namesIn(proposed($edgeFirst)->best),
            true,
        ))->toBeLessThan(array_search('Edge', namesIn(proposed($edgeFirst)->best), true))
        ->and(proposed($edgeFirst)->makespan()?->seconds())->toBeLessThanOrEqual(50.0);
});

it('takes the typed order as lawful whatever the craft says of it, and only pins can clash', function (): void {
    $odd = Craft::cheek(
        'Gem: gem self-stick cheek left, 0:08',
        'Line: brush round 2 black line cheek left, 0:10',
        'Base: brush wash brush night blue fill cheek and cheekbone left, 0:20',
        'Sparkle: 3 white dots with round 2 on cheek, left, 0:10',
        'Poof: glitter poof bottle loose glitter jaw left, 0:06',
    );
    $together = $odd->withPins([new Pin(PinKind::First, ['s4']), new Pin(PinKind::Last, ['s1'])]);

    expect(proposed($odd)->best)->not->toBeNull()->and(proposed($odd)->clash)->toBe([])
        ->and(namesIn(proposed($together)->best)[0])->toBe('Sparkle')->and(namesIn(proposed($together)->best)[4])->toBe('Gem');
});

it('lets a pin while wet silence what wants it dry', function (): void {
    $lines = [
        'Flower: brush wash brush white fill cheek and cheekbone left, 0:20',
        'Heart: 3 coral red stripe with round 5 on cheek, left, 0:06',
    ];
    $pinned = Craft::cheek(...$lines)->withPins([new Pin(PinKind::WhileWet, ['s1', 's2'])]);

    expect(Craft::said('strong-over-pale-on-dry', Craft::cheek(...$lines)))->toHaveCount(1)
        ->and(Craft::said('strong-over-pale-on-dry', $pinned))->toBe([])
        ->and(proposed($pinned)->makespan()?->seconds())->toBe(26.0);
});

it('keeps small acts with the step that they serve', function (): void {
    $design = Craft::face(
        'Spritz the cake: bud tidy, 0:04',
        'Mask: brush flat 3/4 in deep blue sweep temple both sides, 0:30',
        'Line: brush round 2 black line chin, 0:10',
        'Lids: brush round 4 plum fill eyelid both sides, eyes shut, 0:16',
        'Tissue on the lids: bud tidy, 0:04',
        'Nose: brush round 2 black line nose tip, 0:10',
    );
    $order = namesIn(proposed($design)->best);
    $place = array_flip($order);

    expect(ServingSteps::in($design->steps))->toBe([0 => 1, 4 => 3])
        ->and($place['Mask'] - $place['Spritz the cake'])->toBe(1)
        ->and($place['Tissue on the lids'] - $place['Lids'])->toBe(1);
});

it('knows what comes after what, as walking along all of it does', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $steps = $chance->getInt(5, 120);
    $precedence = new Precedence($steps);
    $next = array_fill(0, $steps, []);
    for ($pairs = 0; $pairs < 3 * $steps; $pairs++) {
        [$from, $to] = [$chance->getInt(0, $steps - 1), $chance->getInt(0, $steps - 1)];
        if ($precedence->takeFitting([new Constraint(rule: 'any', severity: Severity::Tip, from: $from, to: $to, why: '')]) !== []) {
            $next[$from][$to] = true;
        }
    }
    $seen = [];
    $walk = static function (int $at) use (&$walk, &$seen, $next): void {
        foreach (array_keys($next[$at]) as $to) {
            if (! isset($seen[$to])) {
                $seen[$to] = true;
                $walk($to);
            }
        }
    };
    for ($from = 0; $from < $steps; $from++) {
        $seen = [];
        $walk($from);
        $leads = array_filter(range(0, $steps - 1), static fn (int $to): bool => $precedence->leads($from, $to));
        sort($leads);
        $reached = array_keys($seen);
        sort($reached);
        expect($leads)->toBe($reached);
    }
    $order = array_flip($precedence->ordering($chance->shuffleArray(range(0, $steps - 1))) ?? []);
    foreach ($next as $from => $those) {
        foreach (array_keys($those) as $to) {
            expect($order[$from])->toBeLessThan($order[$to]);
        }
    }
})->with(range(1, 8));

it('prices what is broken by the wait that lacks, or by what must be painted again', function (): void {
    $durations = [Duration::ofSeconds(20), Duration::ofSeconds(12)];
    $wait = new Constraint(rule: 'any', severity: Severity::Warn, from: 0, to: 1, why: '', least: 30_000, most: 60_000);

    expect($wait->price(30_000, false, $durations))->toBe(0)->and($wait->price(10_000, false, $durations))->toBe(20_000)
        ->and($wait->price(70_000, false, $durations))->toBe(12_000)->and($wait->price(-5_000, true, $durations))->toBe(12_000);
});
