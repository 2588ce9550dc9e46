<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\LineKind;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\ListReading;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepPrinter;
use Core\Design\Wording\Vocabulary;
use Core\Units\Duration;

function readList(string $list, ?Placement $placement = Placement::FullFace): ListReading
{
    return (new ListReader(Vocabulary::plain()))->read($list, $placement);
}

/** The step that one line says. */
function stepIn(string $line, Placement $placement = Placement::FullFace): Step
{
    return readList($line, $placement)->steps()[0];
}

/** The last step of a list. */
function lastIn(string $list, Placement $placement = Placement::FullFace): Step
{
    $steps = readList($list, $placement)->steps();

    return $steps[count($steps) - 1];
}

/** The step that a line says, written in its one form. */
function said(string $line, Placement $placement = Placement::FullFace): string
{
    return (new StepPrinter(Vocabulary::plain()))->print(stepIn($line, $placement));
}

it('reads a step as painters say it', function (string $line, string $written): void {
    expect(said($line))->toBe($written);
})->with([
    ['sponge pearl white muzzle both sides, 2 coats, 40s, optional', 'sponge pearl white muzzle both sides, 2 coats, 0:40, optional'],
    ['half sponge sea grey forehead temples cheeks 50s', 'half sponge sea grey forehead temple cheek both sides, 0:50'],
    ['optional 40s, two coats on the muzzle with sponge in pearl white', 'sponge pearl white muzzle both sides, 2 coats, 0:40, optional'],
    ['Ear flicks: round 3 black temple, 0:24, extra', 'Ear flicks: round 3 teardrop black temple both sides, 0:24, optional'],
    ['round 2 line black nose 20 sec dry for 30s', 'round 2 line black nose, 0:20, dry 0:30'],
    ['powder lilac left eyelid 1 min 10 s', 'powder lilac eyelid left side, 1:10'],
    ['glitter cheeks 15s note "eyes shut"', 'glitter cheek both sides, 0:15, note "eyes shut"'],
    ['gems under the eye, 0:12', 'gem under eye both sides, 0:12'],
    ['brush with "my old liner" #112233 brow 4m30', 'brush with "my old liner" line #112233 brow both sides, 4:30'],
    ['SPONGE, WHITE, NOSE, 4M', 'sponge white nose, 4:00'],
    ['4m, 2 coats, sponge white nose', 'sponge white nose, 2 coats, 4:00'],
    ['sponge white #f0f0f0 nose 30s', 'sponge white #f0f0f0 nose, 0:30'],
    ['sponge deep blue and foam blue cheek 30s', 'sponge deep blue foam blue cheek both sides, 0:30'],
    [
        'brush 5 petals shell pink cheekbones 12s, 4 on a small face',
        'brush 5 petals shell pink cheekbone both sides, 4 on a small face, 0:12',
    ],
    ['brush two coral red teardrops cheek left 8s', 'brush 2 teardrops coral red cheek left side, 0:08'],
    [
        'round 4 stripes white forehead, aim nose top, at 45°, both sides',
        'round 4 stripe white forehead both sides, aim nose top, at 45 degrees',
    ],
    [
        'brush fill starfish shape buoy orange left cheek at 2 o\'clock, size 60%, turned -15°',
        'brush fill starfish shape buoy orange cheek left side, at 2 o\'clock, size 60%, turn -15°',
    ],
    [
        'glitter gel on the upper third of the eyelids, eyes shut, damp, look 2',
        'glitter glitter gel eyelid both sides, upper third, damp, look 2',
    ],
    ['“Sky: dusk”: sponge night blue forehead 0:45', '"Sky: dusk": sponge night blue forehead both sides, 0:45'],
    [
        'stencil scales shape foam blue cheek 10s, or brush dots round 2 0:20, group "tail"',
        'stencil scales shape foam blue cheek both sides, 0:10, group "tail", or round 2 dots 0:20',
    ],
]);

it('names a step by the words that are left, short and as typed', function (string $line, string $name): void {
    expect(stepIn($line, Placement::Cheek)->name)->toBe($name);
})->with([
    ['thin red stripes on the sails, round 1, when dry, 30s', 'stripes on the sails'],
    ['glitter', 'Glitter cheek'],
    ['white dots round 2 5s', 'White dots'],
    ['then I add some waves underneath, deep blue, 8s', 'waves'],
    ['two white sails, pull the brush from the top, 8s', 'two sails'],
    ['curls on top, round 3, white, 10s', 'curls on top'],
    ['black outline', 'Black outline'],
    ['small bubbles, white', 'small bubbles'],
    ['wobbly thing, brush, red, 10s', 'wobbly thing'],
    ['wait 30s', 'Wait'],
]);

it('takes from the lines above what a line does not say', function (string $list, string $written): void {
    expect((new StepPrinter(Vocabulary::plain()))->print(lastIn($list, Placement::Mask)))->toBe($written);
})->with([
    'line work in the colour of the line work' => [
        "brush outline plum brow\nsponge yellow cheek\noutline, round 2, temple, 8s",
        'round 2 outline plum temple both sides, 0:08',
    ],
    'the brush keeps its colour under a new sponge colour' => [
        "brush red lips\nsponge white cheek\n3 dots on the chin",
        'round 2 3 dots red chin',
    ],
    'the place' => ["sponge blue temples\nround 3 swirls white 9s", 'round 3 swirl white temple both sides, 0:09'],
    'the other side' => [
        "round 4 brown boat on the left temple 12s\nthe other side too",
        'boat: round 4 fill boat shape brown temple right side, 0:12',
    ],
    'the same again in another colour' => [
        "4 tentacles each side down the cheek, lilac, 24s\nsame in white, optional, 12s",
        'tentacles: round 2 4 lines tentacle shape white cheek both sides, 0:12, optional',
    ],
    'a second coat' => [
        "white tower left temple round 6 12s\n2nd coat on the tower 10s",
        'tower: round 6 fill lighthouse shape white temple left side, 0:10',
    ],
    'its windows' => [
        "white tower left temple round 6\nits windows, 3 black dots",
        'windows: round 2 3 dots black temple left side, on the lighthouse shape',
    ],
    'between the fins' => [
        "two fins on the left cheek, blue, round 4\nwhite lines between the fins",
        'lines between the fins: round 2 line white cheek left side',
    ],
    'the same brush' => ["flat 1/2 in blue fin left cheek\nwhite tail, same brush", 'tail: flat 1/2 in fill white cheek left side'],
]);

it('knows what follows from what', function (string $line, Medium $medium, Technique $technique, Zone $zone): void {
    $step = stepIn($line);

    expect([$step->medium, $step->technique])->toBe([$medium, $technique])->and($step->zones)->toContain($zone);
})->with([
    ['whiskers', Medium::Brush, Technique::Whisker, Zone::Muzzle], ['lashes', Medium::Brush, Technique::Lash, Zone::Eyelid],
    ['mane, orange', Medium::Brush, Technique::Fill, Zone::Hairline], ['beard line, brown', Medium::Brush, Technique::Line, Zone::Jaw],
    ['a crown, gold', Medium::Brush, Technique::Fill, Zone::Forehead], ['bow, red', Medium::Brush, Technique::Fill, Zone::Brow],
    ['blue tear', Medium::Brush, Technique::Teardrop, Zone::UnderEye],
    ['pounce white on the chin', Medium::Sponge, Technique::Stipple, Zone::Chin],
    ['pat yellow on the nose', Medium::Sponge, Technique::Stipple, Zone::Nose],
    ['poof on the temples', Medium::Glitter, Technique::LooseGlitter, Zone::Temple],
    ['press on a gem between the brows', Medium::Gem, Technique::Gem, Zone::BetweenBrows],
    ['veins on the cheek', Medium::Brush, Technique::Line, Zone::Cheek],
    ['yellow beak', Medium::Brush, Technique::Fill, Zone::Nose],
    ['under the lip a little black', Medium::Brush, Technique::Fill, Zone::LowerLip],
]);

it('reaches for the usual brush of the kit', function (string $line, string $tool): void {
    expect(stepIn($line)->tool)->toBe($tool);
})->with([
    ['whiskers', 'round 1'], ['black outline on the chin', 'round 2'], ['red stripes on the chin', 'round 4'],
    ['petals', 'round 4'], ['no. 3 black dots chin', 'round 3'], ['dots with a #3, chin', 'round 3'],
    ['size 4 swirls', 'round 4'], ['1/2 inch flat, red chin', 'flat 1/2 in'], ['half inch flat red chin', 'flat 1/2 in'],
    ['red chin, 3/4 in flat', 'flat 3/4 in'], ['12 mm flat red chin', 'flat 1/2 in'],
    ['liner, black lines', 'round 1'], ['script brush lines', 'round 1'],
    ['smoothing applicator, lilac lids', 'lollipop applicator'], ['q-tip, lift the chin', 'damp bud'], ['brush dots white chin', ''],
]);

it('reads numbers and times as people write them', function (string $line, ?int $count, ?float $seconds): void {
    $step = stepIn($line);

    expect([$step->count, $step->time?->seconds()])->toBe([$count, $seconds]);
})->with([
    ['a pair of white dots chin 40 sec', 2, 40.0], ['a few dots chin 40"', 3, 40.0], ['half a dozen dots chin 1:20', 6, 80.0],
    ['a dozen dots 1 min', 12, 60.0], ['dots x3 1.5 min', 3, 90.0], ['x5 dots a minute', 5, 60.0],
    ['white dots chin, half a minute', null, 30.0], ['3 dots, ten seconds', 3, 10.0], ['three black tears, 5s each side', 3, 10.0],
    ['whiskers, 4 a side, 6s', 4, 6.0], ['2 dots, 10-15 s', 2, 15.0], ['dots up to 5 min', null, null],
    ['one thin line, about 4 seconds', 1, 4.0], ['dots 90', null, 90.0], ['1:30 dots', null, 90.0],
    ['maybe ten seconds of dots', null, 10.0], ['dots 4m30', null, 270.0], ['two and a half minutes of dots', 2, null],
]);

it('reads coats, conditions and qualities', function (): void {
    expect(stepIn('sponge white chin, two coats, maybe three')->coats)->toBe(2)
        ->and(stepIn('sponge white chin, two coats, maybe three')->alternatives[0]->coats)->toBe(3)
        ->and(stepIn('sponge white chin, or 3 coats 1:00')->alternatives[0]->time)->toEqual(Duration::ofMinutes(1))
        ->and(stepIn('sponge white chin, two coats, maybe three')->optional)->toBeFalse()
        ->and(stepIn('sponge white chin, 1-2 coats')->coats)->toBe(1)
        ->and(stepIn('sponge white chin, 1-2 coats')->alternatives[0]->coats)->toBe(2)
        ->and(stepIn('sponge white chin twice')->coats)->toBe(2)
        ->and(stepIn('red dots on dry paint, chin')->dryFor)->toEqual(Duration::ofSeconds(30))
        ->and(stepIn('red dots once it has dried, chin')->dryFor)->toEqual(Duration::ofSeconds(30))
        ->and(stepIn('red dots when the white is dry, chin')->colours)->toHaveCount(1)
        ->and(stepIn('wait until dry')->technique)->toBe(Technique::Wait)
        ->and(stepIn('sponge white chin up to 5 min')->note)->toBe('up to 5 min')
        ->and(stepIn('thin black lines gently on the chin')->note)->toContain('thin')->toContain('gently')
        ->and(stepIn('nearly liquid white dots')->load->value)->toBe('liquid');
});

it('reads extras and other ways', function (string $line): void {
    expect(stepIn($line)->optional)->toBeTrue();
})->with([
    'dots, optional', 'dots if there is time', 'dots if you like', 'dots for girls', 'dots only at parties', 'party: white dots',
    'maybe white dots', 'dots, can be left out', 'dots, or skip', 'dots (or leave it out)', 'dots (skip when busy)',
]);

it('puts a step on one side where a line below brings it to the other', function (): void {
    $reading = readList("round 3 swirl at the temple, white, 10s\nother side too, 12s");
    $said = readList("round 3 swirl at both temples, white, 10s\nother side too");

    expect(array_map(
        static fn (Step $step): array => [$step->side, $step->time?->seconds()],
        $reading->steps(),
    ))->toBe([[Side::Left, 10.0], [Side::Right, 12.0]])
        ->and($reading->lines[0]->steps[0]->assumed[0]->because)->toBe('the other side comes below')
        ->and($said->steps()[0]->side)->toBe(Side::Both);
});

it('takes a time that stands alone for that of the step above', function (): void {
    $reading = readList("white dots on the chin\n40s\nblack outline\n1:20\n5s");

    expect(array_map(
        static fn (Step $step): ?float => $step->time?->seconds(),
        $reading->steps(),
    ))->toBe([40.0, 80.0, 5.0])->and($reading->lines[1]->kind)->toBe(LineKind::Note);
});

it('takes what tells when for no name', function (string $line, string $name): void {
    expect(stepIn($line, Placement::Cheek)->name)->toBe($name);
})->with([
    ['before the line work: white highlights', 'highlights'],
    ['when dry: red stripes', 'Red stripes'],
    ['last: white dots', 'White dots'],
    ['Fins: red, round 4', 'Fins'],
]);

it('offers the other way that a line names', function (): void {
    $ways = stepIn('white dots on the chin or a stencil, 8s')->alternatives;

    expect($ways)->toHaveCount(1)->and($ways[0]->medium)->toBe(Medium::Stencil)
        ->and(stepIn('scales, round 2, or a reptile-like stencil')->alternatives[0]->medium)->toBe(Medium::Stencil)
        ->and(stepIn('scales, round 2, or a reptile-like stencil')->note)->toBe('or a reptile-like stencil')
        ->and(stepIn('white dots, or something made of shells')->note)->toContain('or something made of shells');
});

it('knows acts without paint: steps with their usual seconds, or something to know of the next step', function (
    string $line,
    Technique $technique,
    ?float $seconds,
): void {
    $step = stepIn($line);

    expect([$step->medium, $step->technique, $step->time?->seconds()])->toBe([Medium::Bare, $technique, $seconds]);
})->with([
    ['spritz the sponge', Technique::Tidy, 3.0], ['wipe hands', Technique::Tidy, 5.0],
    ['wipe the edge clean 5s', Technique::Tidy, 5.0], ['tissue on the lid', Technique::Tidy, 4.0],
    ['test on the hand', Technique::Tidy, 6.0],
    ['lift with a damp bud', Technique::LiftOff, null], ['let it dry 20s', Technique::Wait, 20.0],
    ['rinse brush 10s', Technique::Tidy, 10.0],
]);

it('keeps what is no step with the step that it belongs to', function (): void {
    $reading = readList("sponge white chin 10s\nflip the sponge\neyes shut\nsponge blue lids 10s\nhold still");

    expect(array_map(static fn (LineReading $line): LineKind => $line->kind, $reading->lines))->toBe([
        LineKind::Steps, LineKind::Note, LineKind::Note, LineKind::Steps, LineKind::Note,
    ])
        ->and($reading->steps()[1]->note)->toBe('hold still, flip the sponge, eyes shut');
});

it('takes colours by their words, lighter, darker and mixed', function (string $line, array $colours): void {
    expect(array_column(stepIn($line)->colours, 'name'))->toBe($colours);
})->with([
    ['sponge light blue chin', ['light blue']], ['sponge darker green chin', ['dark green']],
    ['sponge pale yellow chin', ['pale yellow']], ['metallic blue dots', ['metallic blue']],
    ['shimmer pink chin, sponge', ['shimmer pink']],
    ['half sponge, blue and white side by side, chin', ['blue', 'white']],
    ['orange on one side and yellow on the other, sponge, chin', ['orange', 'yellow']],
    ['flat 1/2 in, tip yellow, heel orange, chin', ['yellow', 'orange']],
    ['white dipped in purple, petals', ['white', 'purple']], ['grey mixed from white and black, sponge, chin', ['grey']],
    ['rainbow cake on a petal sponge, chin', ['red', 'orange', 'yellow', 'green', 'blue', 'purple']], ['turq sponge chin', ['turquoise']],
]);

it('knows places by what painters call them', function (string $words, array $zones): void {
    expect(array_column(stepIn("sponge white {$words}")->zones, 'value'))->toBe($zones);
})->with([
    ['sides of the face', ['temple', 'cheek', 'jaw']], ['around the eyes', ['eye_socket']],
    ['inner corner of the eye', ['inner_eye']], ['outer corners of the eyes', ['outer_eye']], ['above the brows', ['brow']],
    ['under the eyes', ['under_eye']],
    ['middle of the forehead', ['forehead']], ['bridge of the nose', ['nose_bridge']], ['tip of the nose', ['nose_tip']],
    ['top lip', ['upper_lip']], ['bottom lip', ['lower_lip']], ['under the lip', ['lower_lip']], ['smile line', ['smile_line']],
    ['jawline', ['jaw']], ['up to the hairline', ['hairline']], ['down the cheek', ['cheek']], ['between the eyes', ['between_brows']],
]);

it('paints all over where a line says so, and spares what it names', function (): void {
    $all = stepIn('sponge grey all over the face, leaving the muzzle bare');

    expect($all->zones)->toContain(Zone::Forehead)->toContain(Zone::Chin)->and(in_array(
        Zone::Muzzle,
        $all->zones,
        true,
    ))->toBeFalse()->and($all->note)->toContain('leaving the muzzle bare')
        ->and(stepIn('sponge grey whole face')->zones)->toContain(Zone::Muzzle)
        ->and(stepIn('sponge grey all over', Placement::Hand)->zones)->toBe([Zone::Hand]);
});

it('paints one cheek of a cheek design, and both where both are said', function (string $line, Side $side): void {
    expect(stepIn($line, Placement::Cheek)->side)->toBe($side);
})->with([
    ['blue sponge', Side::Left], ['blue sponge on the right cheek', Side::Right], ['blue sponge both cheeks', Side::Both],
    ['blue sponge cheeks', Side::Both], ['white dot on the chin', Side::Centre],
]);

it('wants of the order what a line says of it', function (): void {
    $list = "sponge white cheek\nwhite dots last\nround 2 black outline cheek\nred heart before the outline, chin\nloose "
        ."glitter cheek while wet\npowder lilac lids first";

    expect(readList($list)->pins)->toEqual([
        new Pin(PinKind::Last, ['2']),
        new Pin(PinKind::WhileWet, ['3', '5']),
        new Pin(PinKind::First, ['6']),
    ])
        ->and(readList("red heart before the outline, chin\nround 2 "
            .'black outline cheek')->pins)->toEqual([new Pin(PinKind::Before, ['1', '2'])])
        ->and(readList("glitter cheek\nwhite dots after the glitter")->pins)->toEqual([new Pin(PinKind::Before, ['1', '2'])])
        ->and(readList("boat, optional, brown, left cheek\nwhite "
            ."sails\nred flag on the boat")->pins)->toEqual([new Pin(PinKind::Needs, ['3', '1'])])
        ->and(readList('First I sponge white on the cheek')->pins)->toBe([]);
});

it('asks only where two readings would paint different things, and assumes one meanwhile', function (
    string $line,
    string $asks,
    array $choices,
): void {
    $question = readList($line)->lines[0]->question();

    expect($question?->asks)->toBe($asks)->and(array_map(
        static fn (Choice $choice): string => $choice->madeIn($line, mb_strlen($line)),
        $question->choices ?? [],
    ))->toBe($choices)
        ->and(readList($choices[1])->asks())->toBeFalse();
})->with([
    ['sponge white nose 40s 1:00', '40s or 1:00?', ['sponge white nose 40s ', 'sponge white nose  1:00']],
    ['sponge brush white nose 40s', 'With which? A step uses one.', ['sponge  white nose 40s', ' brush white nose 40s']],
    ['sponge white nose 2', '2 what?', ['sponge white nose 2 min', 'sponge white nose 2s', 'sponge white nose 2 coats']],
]);

it('says what it assumed and why, and how to say otherwise', function (): void {
    $line = 'thin lines on top';
    $assumed = readList("sponge blue cheek 10s\n{$line}", Placement::Cheek)->lines[1]->steps[0]->assumed;
    $by = array_combine(array_map(static fn (Assumption $one): string => $one->of->value, $assumed), $assumed);

    expect($by['colour']->value)->toBe('black')->and($by['colour']->because)->toBe('as line work usually is')
        ->and($by['zone']->because)->toBe('where this design is painted')->and($by['tool']->value)->toBe('round 1');
    $other = $by['zone']->choices[0]->madeIn($line, mb_strlen($line));
    expect($other)->toBe('thin lines on top, on the cheekbone')->and(stepIn($other, Placement::Cheek)->zones)->toBe([Zone::Cheekbone])
        ->and(stepIn($by['colour']->choices[0]->madeIn($line, mb_strlen($line)), Placement::Cheek)->colours[0]->name)->toBe('white')
        ->and(stepIn($by['medium']->choices[0]->madeIn($line, mb_strlen($line)), Placement::Cheek)->medium)->toBe(Medium::Sponge);
});

it('says which letters it understood as what', function (): void {
    $line = 'Fröhlich: sponge pearl white muzzle, 40s, frilly';
    $parts = array_map(
        static fn (Part $part): array => [$part->kind, mb_substr($line, $part->start, $part->length)],
        readList($line)->lines[0]->parts,
    );

    expect($parts)->toBe([
        [PartKind::Name, 'Fröhlich:'], [PartKind::Medium, 'sponge'], [PartKind::Colour, 'pearl white'], [PartKind::Zone, 'muzzle'],
        [PartKind::Time, '40s'], [PartKind::Words, 'frilly'],
    ]);
});

it('makes a step of whatever makes no sense together, within what a step can be', function (string $line): void {
    $reading = readList($line);

    expect($reading->steps())->toHaveCount(1)->and((new Design(
        'Any',
        Placement::FullFace,
        null,
        $reading->steps(),
    ))->steps)->toHaveCount(1);
})->with([
    'sponge white nose left, 40s', 'sponge white nose, 0 coats, 40s', 'sponge white nose, 9 coats, 40s', 'sponge white nose, 0s',
    'sponge white nose, 90 min', 'sponge outline white nose', 'glitter stripes', '99 dots', '0 dots', 'look 40 dots',
    'dots, size 5000%', 'dots turn 999', 'dots at 99 o\'clock', 'white wave on the wrist', '<b>dots</b>', 'موجة زرقاء',
    'gem sponge stencil powder glitter brush',
]);

it('answers whatever is pasted', function (string $list): void {
    $reading = readList($list, null);

    expect(count($reading->steps()))->toBeLessThanOrEqual(500)->and($reading->lines)->each->toBeInstanceOf(LineReading::class);
    new Design('Any', $reading->placement, null, array_slice($reading->steps(), 0, 120));
})->with([
    'nothing' => [''], 'emoji only' => ["🌊🐙\n🦀"], 'HTML' => ["<script>alert('white')</script>\n<b>sponge</b> white &amp; blue"],
    'NUL and directions' => ["sponge\0 white \u{202E}cheek 10s"], 'broken letters' => ["sponge \xc3\x28 white"],
    '500 lines' => [str_repeat("white dots round 2 10s\n", 500)], '5 000 letters in a line' => [str_repeat('wave ', 1000)],
    'one word of 5 000 letters' => [str_repeat('x', 5000)], 'right to left' => ["إسفنج أبيض 40s\nנקודות לבנות"], 'quotes' => ['""""" “”””'],
    'colons' => [':::::: : :'], 'tabs' => ["\t\t\t\n1\t2\t3"], 'numbers' => ["1 2 3 4 5\n99999999999999999999"],
]);

it('never turns one right word into another', function (string $line, string $name): void {
    expect(stepIn($line, Placement::Cheek)->name)->toBe($name);
})->with([['the flesh, sponge, red', 'flesh'], ['bland patch', 'bland patch'], ['spats', 'spats'], ['a crate', 'crate']]);

it('forgives slips of the keyboard where one thing only can be meant', function (string $line, string $written): void {
    expect(said($line))->toBe($written);
})->with([
    ['sponge perl white muzle 40s', 'sponge pearl white muzzle both sides, 0:40'],
    ['spnoge white forhead 40s', 'sponge white forehead both sides, 0:40'],
    ['brush outlien balck templ 40s optionl', 'brush outline black temple both sides, 0:40, optional'],
    ['stencl slate cheek both side 10s', 'stencil slate cheek both sides, 0:10'],
    ['brush dots turqoise cheek 10s', 'brush dots turquoise cheek both sides, 0:10'],
]);

it('follows the shape of the thing that a line speaks of', function (): void {
    expect(lastIn("starfish, orange, round 6\nblack outline of the starfish", Placement::Cheek)->mark->shape)->toBe(Shape::Starfish)
        ->and(lastIn("starfish, orange, round 6\nwhite dots on the starfish", Placement::Cheek)->mark->shape)->toBeNull();
});
