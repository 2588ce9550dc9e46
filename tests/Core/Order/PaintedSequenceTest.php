<?php

declare(strict_types=1);

use Core\Colour\Difference;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Colour\Word;
use Core\Design\Design;
use Core\Order\Circumstances;
use Core\Order\DesignFacts;
use Core\Order\Layer;
use Core\Order\PaintedSequence;
use Core\Order\Schools\Question;
use Core\Order\Schools\School;
use Core\Order\Schools\SchoolCost;
use Core\Order\Schools\Schools;
use Core\Order\SeenColour;
use Core\Surface\Drying;
use Core\Surface\Weather;
use Core\Surface\Wetness;
use Tests\Core\Order\Craft;

function course(string ...$lines): PaintedSequence
{
    return PaintedSequence::of(Craft::cheek(...$lines), Craft::circumstances());
}

function away(string $seen, string $meant): float
{
    return Difference::betweenHex($seen, $meant);
}

it('knows when each step runs and how wet it finds the one before', function (): void {
    $course = course(
        'Night: half sponge night blue cheek left, 0:20',
        'Line: brush round 2 white line cheek left, 0:10',
        'More: brush round 2 white line cheek left, 0:10, dry 0:20',
    );

    // A sponged wax film at the reference: wet for 6 s, dry after 14 s. Taking up the brush with the cake in the hand: 3 s of the 10.
    expect($course->starts)->toBe([0, 23_000, 50_000])->and($course->ends)->toBe([20_000, 30_000, 60_000])
        ->and($course->gap(0, 1))->toBe(3_000)->and($course->gap(1, 0))->toBe(-30_000)
        ->and($course->wetness(0, 1))->toBe(Wetness::Wet)->and($course->wetness(0, 2))->toBe(Wetness::Dry)
        ->and($course->below)->toBe([null, 0, 0])
        ->and($course->makespan()->seconds())->toBe(60.0);
});

it('sees a colour as it is on dry paint, and bleeding on wet', function (): void {
    $wet = course('Night: half sponge night blue cheek left, 0:20', 'Line: brush round 2 white line cheek left, 0:10');
    $dry = course('Night: half sponge night blue cheek left, 0:20', 'Line: brush round 2 white line cheek left, 0:10, dry 0:40');

    expect(away($dry->seen(1)[0], '#fafaf7'))->toBeLessThan(11.0)
        ->and(away($wet->seen(1)[0], '#fafaf7'))->toBeGreaterThan(20.0)
        ->and($wet->sightings[1][0]->onDry->hex())->toBe($dry->seen(1)[0]);
});

it('lays what stands beside a figure on what is beside it, and not on the figure', function (string $where, bool $isUpon): void {
    $course = course(
        'Sand: half sponge sand cheek left, 0:20',
        'Boat: round 4 boat shape red cheek left, 0:12, dry 2:00',
        "Star: round 2 star shape white cheek left, {$where}, 0:05",
    );
    $apart = course(
        'Sand: half sponge sand cheek left, 0:20',
        'Star: round 2 star shape white cheek left, 0:05, dry 2:10',
    );

    expect($course->below[2])->toBe($isUpon ? 1 : 0)
        ->and(away($course->seen(2)[0], $apart->seen(1)[0]) > 8.0)->toBe($isUpon);
})->with([
    ['below the boat shape', false], ['above the boat shape', false], ['beside the boat shape', false],
    ['on the boat shape', true], ['at the top of the boat shape', true], ['below the whale tail shape', true],
]);

it('turns yellow on wet blue green', function (): void {
    $course = course('Sea: half sponge deep blue cheek left, 0:20', 'Beam: brush round 6 lamp yellow fill beam cheek left, 0:10');
    $lab = Lab::ofHex($course->seen(1)[0]);

    // Common practice, no source: greener than yellow and than blue.
    expect($lab->a)->toBeLessThan(Lab::ofHex('#f6c945')->a)->and(Word::of(LinearRgb::ofHex($course->seen(1)[0])))->toContain('green');
});

it('covers better with every coat', function (): void {
    $course = course(
        'Sun: half sponge coral red cheek left, 0:20',
        'Sail: brush round 6 white fill sail cheek left, 3 coats, 0:30, dry 1:00',
    );
    $coats = array_map(static fn (LinearRgb $coat): float => away($coat->hex(), '#fafaf7'), $course->sightings[1][0]->coats);

    expect($coats)->toHaveCount(3)->and($coats[0])->toBeGreaterThan($coats[1])->and($coats[1])->toBeGreaterThan($coats[2]);
});

it('lets shapes leave some of their ground bare, and bases none', function (): void {
    $course = course(
        'Sea: half sponge deep blue cheek left, 0:20',
        'Sail: brush round 6 white fill sail cheek left, 0:10, dry 1:00',
        'Line: brush round 2 black line cheek left, 0:10, dry 1:00',
    );

    expect($course->sightings[1][0]->grounds)->toHaveCount(1)->and($course->sightings[2][0]->grounds)->toHaveCount(2);
});

it('keeps sides and places apart', function (): void {
    $course = course(
        'Sea: half sponge deep blue cheek left, 0:20',
        'Sand: half sponge sand cheek right, 0:20',
        'Line: brush round 2 black line jaw both sides, 0:10',
    );

    expect($course->below)->toBe([null, null, null])->and($course->preparation->touch(0, 1))->toBeFalse();
});

it('lays no film of powder, glitter and gems', function (): void {
    $preparation = new DesignFacts(
        Craft::cheek(
            'Moon: powder moon powder cheek left, 0:10',
            'Sparks: glitter poof bottle loose glitter cheek left, 0:06',
            'Gem: gem self-stick cheek left, 0:05',
        ),
        Craft::circumstances(),
    );

    expect($preparation->dryAfter(0)->isZero())->toBeTrue()->and($preparation->films[1])->toBeNull()
        ->and($preparation->films[2])->toBeNull();
});

it('knows the layers of a face', function (string $line, Layer $layer): void {
    expect(Layer::of(Craft::cheek($line)->steps[0]))->toBe($layer);
})->with([
    ['A: powder moon powder cheek left, 0:10', Layer::Powder], ['A: half sponge sea grey cheek left, 0:10', Layer::Base],
    ['A: brush wash brush sea grey sweep cheek left, 0:10', Layer::Base],
    ['A: brush round 6 white fill sail cheek left, 0:10', Layer::Shape],
    ['A: brush petal brush white petal cheek left, 0:10', Layer::Shape], ['A: stencil net mesh white cheek left, 0:10', Layer::Texture],
    ['A: brush round 2 black outline cheek left, 0:10', Layer::Line], ['A: brush round 2 black dots cheek left, 0:10', Layer::Accent],
    ['A: glitter lantern gel glitter gel cheek left, 0:10', Layer::Glitter], ['A: gem self-stick cheek left, 0:10', Layer::Gem],
    ['A: wait, 0:10', Layer::Bare],
]);

it('dries sooner in warm air, and the course with it', function (): void {
    $design = Craft::cheek('Night: half sponge night blue cheek left, 0:20', 'Line: brush round 2 white line cheek left, 0:10, dry 0:04');
    $warm = PaintedSequence::of($design, Craft::circumstances()->withDrying(Drying::in(new Weather(33, 20, 3))));

    expect($warm->wetness(0, 1))->toBe(Wetness::Dry)
        ->and(PaintedSequence::of($design, Craft::circumstances())->wetness(0, 1))->toBe(Wetness::Wet);
});

it('means colours by the mean of what lies below', function (): void {
    $mean = SeenColour::mean(new LinearRgb(1, 0, 0), new LinearRgb(0, 0.5, 0));

    expect([$mean->red, $mean->green, $mean->blue])->toBe([0.5, 0.25, 0.0]);
});

it('answers each question by the usual school until it is answered, and only by schools of its own', function (Question $question): void {
    $usual = $question->schools()[0];
    expect(Schools::usual()->on($question))->toBe($usual)->and($question->label())->not->toBe('');
    foreach ($question->schools() as $school) {
        $schools = Schools::of($school);
        expect($schools->on($question))->toBe($school)->and($schools->follow($school))->toBeTrue()->and($school->label())->not->toBe('')
            ->and(Schools::usual()->with($school)->on($question))->toBe($school);
    }
    expect(Schools::usual()->follow($question->schools()[1]))->toBeFalse();
})->with(Question::cases());

it('has every school answer one question', function (): void {
    $answers = array_merge(...array_map(static fn (Question $question): array => $question->schools(), Question::cases()));

    expect($answers)->toHaveCount(count(School::cases()))->and(array_unique(array_column($answers, 'value')))
        ->toHaveCount(count(School::cases()));
});

it('says what a school costs: waiting for dry, or leaving the gems out', function (): void {
    $night = Craft::cheek('Base: half sponge sea grey cheek left, 0:20', 'Line: brush round 2 black line cheek left, 0:10');
    $gems = Craft::cheek('Base: half sponge sea grey cheek left, 0:20', 'Gem: gem self-stick jaw left, 0:10');
    $cost = static fn (Design $design, School $school): ?int => SchoolCost::of($design, Craft::circumstances(), $school)?->milliseconds;

    // Black wax goes on at once; dry after 14 s, of which 3 s go into taking up the brush.
    expect($cost($night, School::LineOnDry) - $cost($night, School::LineOnTacky))->toBe(11_000)
        ->and($cost($gems, School::GemsSelfStick) - $cost($gems, School::GemsNone))->toBe(10_000);
});

it('calls colours what one would across a room', function (string $hex, string $word): void {
    expect(Word::of(LinearRgb::ofHex($hex)))->toBe($word);
})->with([
    ['#ffffff', 'white'], ['#101010', 'black'], ['#d2402f', 'red'], ['#f08a24', 'orange'], ['#f6c945', 'yellow'],
    ['#1d2f66', 'dark blue'], ['#4fc0ba', 'turquoise'], ['#ee9a94', 'pink'],
]);

it('begins in reference air with an empty kit', function (): void {
    $starting = Circumstances::starting();

    expect($starting->kit->items)->toBe([])->and($starting->drying->factor)->toBe(1.0)->and($starting->schools)->toEqual(Schools::usual());
});
