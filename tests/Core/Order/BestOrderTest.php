<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Ladder\Ladder;
use Core\Order\BestOrder;
use Core\Order\Check;
use Core\Order\Constraints;
use Core\Order\Craft\Catalogue;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Proposal;
use Core\Order\Schools\School;
use Core\Order\Search\WithinLabels;
use Core\Timeline\Timeline;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Order\Craft;
use Tools\bench\GeneratedDesigns;

function best(Design $design, School ...$schools): Proposal
{
    return BestOrder::of($design, Craft::circumstances(...$schools))->run(new WithinLabels(100_000));
}

/** @return list<string> */
function ids(?Design $design): array
{
    return array_map(static fn (Step $step): string => $step->id, $design->steps ?? []);
}

it('paints other things while paint dries, and says why each step moved', function (): void {
    $design = Craft::cheek(
        'Night: brush wash brush night blue fill cheek and cheekbone left, 0:20',
        'Stars: 3 white starbursts with round 2 on cheek, left, 0:10',
        'Waves: brush round 4 deep blue stripe jaw left, 0:30',
    );
    $proposal = best($design);

    expect(ids($proposal->best))->toBe(['s1', 's3', 's2'])
        ->and($proposal->outcome->isProven)->toBeTrue()
        ->and($proposal->saved()->milliseconds)->toBeGreaterThan(0)
        ->and($proposal->moves)->toHaveCount(1)
        ->and($proposal->moves[0]->why)->toContain('Night');
});

it('writes its waits into the steps, so that the tape is as long as the search said', function (int $seed): void {
    $circumstances = GeneratedDesigns::circumstances();
    $design = (new GeneratedDesigns(new Randomizer(new Mt19937($seed))))->design(11);
    $proposal = BestOrder::of($design, $circumstances)->run(new WithinLabels(60_000));

    expect($proposal->best)->not->toBeNull();
    $tape = Timeline::of($proposal->best->steps ?? [], $circumstances->changeovers, $circumstances->times);
    expect($tape->makespan()->milliseconds)->toBe($proposal->makespan()?->milliseconds);
    $kept = array_filter($proposal->best->steps ?? [], static fn (Step $step): bool => $step->technique !== Technique::Wait);
    expect($kept)->toHaveCount(11);
})->with(range(1, 12));

it('breaks no more than the typed order does, and is never longer than that with its waits', function (int $seed): void {
    $circumstances = GeneratedDesigns::circumstances();
    $design = (new GeneratedDesigns(new Randomizer(new Mt19937($seed))))->design(12);
    $proposal = BestOrder::of($design, $circumstances)->run(new WithinLabels(60_000));
    $warnings = static fn (?Design $one): array => array_column(array_filter(
        Check::of($one ?? $design, $circumstances)->findings,
        static fn ($finding): bool => Catalogue::rule($finding->rule) instanceof OrdersSteps && $finding->severity !== Severity::Tip,
    ), 'rule');

    expect(array_diff($warnings($proposal->best), $warnings($design)))->toBe([])
        ->and(count($warnings($proposal->best)))->toBeLessThanOrEqual(count($warnings($design)))
        ->and($proposal->typedLawful)->not->toBeNull()
        ->and($proposal->makespan()?->milliseconds)->toBeLessThanOrEqual($proposal->typedLawful?->milliseconds);
})->with(range(20, 60));

it('keeps what lies over what, where the craft does not mind', function (): void {
    $design = Craft::cheek(
        'Star: brush round 6 coral red fill starfish cheek left, 0:20',
        'Sail: brush round 6 sea grey fill sail cheek left, 0:20',
        'Wave: brush round 6 coral red fill wave jaw left, 0:20',
    );

    // Red after red would save a rinse, but the sail lies over the star.
    expect(array_search('s1', ids(best($design)->best), true))->toBeLessThan(array_search('s2', ids(best($design)->best), true));
});

it('obeys pins', function (Pin $pin, array $order): void {
    $design = Craft::cheek(
        'One: brush round 2 black line cheek left, 0:10',
        'Two: brush round 3 white line jaw left, 0:10',
        'Three: brush round 2 black line temple left, 0:10',
        'Four: brush round 3 white line forehead left, 0:10',
    );

    expect(ids(best($design)->best))->toBe(['s2', 's4', 's1', 's3'])
        ->and(ids(best($design->withPins([$pin]))->best))->toBe($order);
})->with([
    'before' => [new Pin(PinKind::Before, ['s1', 's2']), ['s1', 's3', 's2', 's4']],
    'first' => [new Pin(PinKind::First, ['s3']), ['s3', 's1', 's2', 's4']],
    'last' => [new Pin(PinKind::Last, ['s2']), ['s1', 's3', 's4', 's2']],
    'together' => [new Pin(PinKind::Together, ['s1', 's2']), ['s4', 's2', 's1', 's3']],
]);

it('keeps a pick-up in the wet window', function (): void {
    $design = Craft::cheek(
        'Flower: brush petal brush shell pink petal cheek left, 0:20',
        'Long: brush round 4 deep blue stripe jaw left, 2:00',
        'Heart: brush round 3 coral red dots cheek left, 0:06',
    )->withPins([new Pin(PinKind::WhileWet, ['s1', 's3'])]);
    $found = Craft::said(Constraints::PIN, $design);

    expect($found)->toHaveCount(1)->and($found[0]->says)->toContain('while “Flower” is wet')
        ->and(ids(best($design->withPins([new Pin(PinKind::WhileWet, ['s1', 's2'])]))->best))->not->toBe([]);
});

it('says which two or three pins clash, and leaves them out of all else', function (): void {
    $design = Craft::cheek(
        'Base: half sponge sea grey cheek left, 0:20',
        'Line: brush round 2 black line cheek left, 0:10',
        'Dots: brush round 2 black dots jaw left, 0:10',
    )->withPins([new Pin(PinKind::Before, ['s2', 's3']), new Pin(PinKind::Before, ['s3', 's1']), new Pin(PinKind::Before, ['s1', 's2'])]);
    $proposal = best($design);

    expect($proposal->best)->toBeNull()->and($proposal->clash)->toHaveCount(3)
        ->and(array_unique(array_column($proposal->clash, 'rule')))->toBe(['pin'])
        ->and(Ladder::of($design, Craft::circumstances())->rungs)->not->toBe([]);
});

it('takes pins against the craft: they are law, and a warning is only said', function (): void {
    $design = Craft::cheek(
        'Base: half sponge sea grey cheek left, 0:20',
        'Line: brush round 2 black line cheek left, 0:10',
        'Dots: brush round 2 black dots jaw left, 0:10',
    )->withPins([new Pin(PinKind::Before, ['s2', 's3']), new Pin(PinKind::Before, ['s3', 's1'])]);

    expect(ids(best($design)->best))->toBe(['s2', 's3', 's1']);
});

it('says so when what must stay together cannot', function (): void {
    $design = Craft::cheek(
        'Base: half sponge sea grey cheek left, 0:20',
        'Mesh: stencil net mesh white cheek left, 0:10',
        'Line: brush round 2 black line cheek left, 0:10',
    )->withPins([new Pin(PinKind::Together, ['s1', 's3']), new Pin(PinKind::Before, ['s1', 's2']), new Pin(PinKind::Before, ['s2', 's3'])]);
    $proposal = best($design);

    expect($proposal->best)->toBeNull()->and($proposal->clashingGroups)->toBe(['You pinned “Base” and “Line” together.'])
        ->and($proposal->clash)->toHaveCount(2);
});

it('gives a wish up before it says that nothing is possible', function (): void {
    $design = Craft::face(
        'Low: half sponge sea grey jaw left, 0:20',
        'High: half sponge sea grey temple left, 0:20',
    )->withPins([new Pin(PinKind::Before, ['s1', 's2'])]);

    expect(ids(best($design, School::TopToBottom)->best))->toBe(['s1', 's2'])
        ->and(ids(best($design->withPins([]), School::TopToBottom)->best))->toBe(['s2', 's1']);
});

it('never drops a typed wait: other work may fill it', function (): void {
    $lines = ['Base: half sponge sea grey cheek left, 0:20', 'Wait: bud wait, 1:00', 'Line: brush round 2 black line cheek left, 0:10'];
    $alone = best(Craft::cheek(...$lines));
    $filled = best(Craft::cheek(...[...$lines, 'Jaw: brush round 4 deep blue stripe jaw left, 0:40']));

    expect(ids($alone->best))->toBe(['s1', 's3'])->and($alone->makespan()?->seconds())->toBe($alone->typed->seconds() - 3.0)
        ->and(ids($filled->best))->toBe(['s1', 's4', 's3'])->and($filled->saved()->seconds())->toBe(40.0);
});

it('takes up to so many steps as bits can tell apart', function (): void {
    $preparation = new DesignFacts((new GeneratedDesigns(new Randomizer(new Mt19937(60))))->design(60), Craft::circumstances());

    expect(Constraints::lagsOf(Constraints::of($preparation)->all))->not->toBe([]);
});
