<?php

declare(strict_types=1);

use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\LineKind;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\ListReading;
use Core\Design\Wording\Vocabulary;

function listOf(string $list): ListReading
{
    return (new ListReader(Vocabulary::plain()))->read($list, Placement::Cheek);
}

/** @return list<array{string, float|null}> name and seconds of each step */
function namesAndSeconds(string $list): array
{
    return array_map(static fn (Step $step): array => [$step->name, $step->time?->seconds()], listOf($list)->steps());
}

it('reads a list in any shape', function (string $list): void {
    expect(namesAndSeconds($list))->toBe([['hull', 12.0], ['tall mast', 4.0], ['sails', 80.0]]);
})->with([
    'lines' => ["hull, brown, 12s\ntall mast 4s\nwhite sails 1:20"],
    'blank lines and blanks' => ["\n  hull, brown, 12s\n\n\ttall mast 4s  \n\nwhite sails 1:20\n"],
    'bullets' => ["- hull, brown, 12s\n* tall mast 4s\n• white sails 1:20"],
    'numbers' => ["1. hull, brown, 12s\n2) tall mast 4s\n(3) white sails 1:20"],
    'steps' => ["Step 1: hull, brown, 12s\nstep 2 - tall mast 4s\nSTEP 3. white sails 1:20"],
    'boxes to tick' => ["[ ] hull, brown, 12s\n[x] tall mast 4s\n☐ white sails 1:20"],
    'numbers and dashes' => ["1 - hull, brown, 12s\n2 – tall mast 4s\n3: white sails 1:20"],
    'numbers without a sign' => ["1 hull, brown, 12s\n2 tall mast 4s\n3 white sails 1:20"],
    'a sheet with commas' => ["step,time\nhull brown,0:12\ntall mast,0:04\nwhite sails,1:20"],
    'a sheet with semicolons' => ["secs;what\n12;hull, brown\n4;tall mast\n80;white sails"],
    'a table in Markdown' => ["| what | time |\n|---|---|\n| hull brown | 12s |\n| tall mast | 4s |\n| white sails | 1:20 |"],
    'bare seconds' => ["hull, brown 12\ntall mast, 4\nwhite sails 80"],
    'letters' => ["a) hull, brown, 12s\nb) tall mast 4s\nc) white sails 1:20"],
    'in one line' => ['hull, brown, 12s; tall mast 4s; white sails 1:20'],
    'then' => ['hull, brown, 12s, then tall mast 4s and then white sails 1:20'],
    'arrows' => ['hull, brown, 12s -> tall mast 4s → white sails 1:20'],
    'time in front' => ["12s hull, brown\n4 sec tall mast\n1:20 white sails"],
    'from Windows' => ["hull, brown, 12s\r\ntall mast 4s\r\nwhite sails 1:20"],
    'old line ends' => ["hull, brown, 12s\rtall mast 4s\rwhite sails 1:20"],
    'Markdown' => ["**hull**, brown, 12s\n- [ ] tall mast 4s\n- white sails 1:20"],
    'a sheet' => ["hull, brown\t0:12\ntall mast\t0:04\nwhite sails\t1:20"],
    'a sheet with heads' => ["Step\tTime\nhull, brown\t0:12\ntall mast\t0:04\nwhite sails\t1:20"],
    'a sheet, minutes first' => ["min\twhat\n0.2\thull, brown\n0:04\ttall mast\n1:20\twhite sails"],
    'a sheet, seconds' => ["#\tWhat\tSecs\n1\thull, brown\t12\n2\ttall mast\t4\n3\twhite sails\t80"],
    'marks' => ["0:00 hull, brown\n0:12 tall mast\n0:16 white sails, 80s"],
    'marks in brackets' => ["[1:00] hull, brown\n[1:12] tall mast\n[1:16] white sails 1:20"],
    'marks with hours' => ["0:59:50 hull, brown\n1:00:02 tall mast\n1:00:06 white sails 1:20"],
    'marks in a sheet' => ["0:00\thull, brown\n0:12\ttall mast\n0:16\twhite sails 1:20"],
    'emoji and smart quotes' => ["⛵ hull, brown, 12s\n“tall mast”: brush 4s\nwhite sails 1:20 🌊"],
]);

it('takes times that do not rise for lengths, not marks', function (): void {
    expect(namesAndSeconds("0:12 hull\n0:04 mast\n0:20 sails"))->toBe([['hull', 12.0], ['mast', 4.0], ['sails', 20.0]]);
});

it('takes a number in front for a number of strokes where the lines are not numbered', function (): void {
    expect(namesAndSeconds("3 white dots 5s\n2 red dots 4s\n5 blue dots 6s"))->toBe([
        ['White dots', 5.0],
        ['Red dots', 4.0],
        ['Blue dots', 6.0],
    ])
        ->and(array_column(listOf("3 white dots 5s\n2 red dots 4s\n5 blue dots 6s")->steps(), 'count'))->toBe([3, 2, 5]);
});

it('leaves the last of a list with marks to the work there is in it', function (): void {
    expect(namesAndSeconds("0:00 hull\n0:12 mast\n0:16 sails"))->toBe([['hull', 12.0], ['mast', 4.0], ['sails', null]]);
});

it('waits where a line says no more than how long to dry', function (string $line, float $seconds): void {
    $wait = listOf("white waves 5s\n{$line}\nblack dots 4s")->steps()[1];

    expect([$wait->technique, $wait->time?->seconds(), $wait->name])->toBe([Technique::Wait, $seconds, 'Dry']);
})->with([['dry 30s', 30.0], ['Dry for half min', 30.0], ['- dry 0:45', 45.0]]);

it('ends a list with marks at the mark that says so', function (string $end): void {
    $reading = listOf("0:00 hull\n0:12 mast\n0:16 sails\n0:30 {$end}");

    expect(array_map(
        static fn (Step $step): array => [$step->name, $step->time?->seconds(), $step->group],
        $reading->steps(),
    ))->toBe([['hull', 12.0, ''], ['mast', 4.0, ''], ['sails', 14.0, '']]);
})->with(['done', 'Finished!', 'all done', 'the end', 'ready', 'finish']);

it('takes the sentences of a paragraph apart, and leaves together what is said of one step', function (string $line, array $names): void {
    expect(array_column(listOf($line)->steps(), 'name'))->toBe($names);
})->with([
    [
        'Yellow boat w/ sponge 10sec. Orange shadow on the bottom. Black outline liner 15. Waves, blue.',
        ['boat', 'shadow on the bottom', 'Black outline', 'Waves'],
    ],
    ['Blue base. Half sponge. Let it dry.', ['base']],
    ['Blue waves, round no. 3, approx. 10 sec.', ['waves']],
]);

it('groups what stands under a heading, and calls the list by its title', function (): void {
    $reading = listOf("Sailing boat\n- hull, brown, 12s\nRigging:\n- mast 4s\n- string 5s\n## Finish\n- gem");

    expect($reading->title)->toBe('Sailing boat')
        ->and(array_map(static fn (Step $step): string => $step->group, $reading->steps()))->toBe(['', 'Rigging', 'Rigging', 'Finish'])
        ->and(array_map(static fn (LineReading $line): LineKind => $line->kind, $reading->lines))->toBe([
            LineKind::Heading, LineKind::Steps, LineKind::Heading, LineKind::Steps, LineKind::Steps, LineKind::Heading, LineKind::Steps,
        ]);
});

it('takes a first line that says nothing but a name for the title', function (string $list, string $title, int $steps): void {
    $reading = listOf($list);

    expect([$reading->title, count($reading->steps())])->toBe([$title, $steps]);
})->with([
    ['Harbour light – party version'."\nblue sponge 10s\nwhite dots 5s\nred stripes 6s", 'Harbour light – party version', 3],
    ["Sailing boat\nhull 12s\nmast 4s\nsails 8s", 'Sailing boat', 3],
    ["White base\nhull 12s\nmast 4s\nsails 8s", '', 4],
    ["Sponge\nhull 12s\nmast 4s\nsails 8s", '', 4],
    ["Sailing boat\nhull\nmast 4s\nsails", '', 4],
    ["Sailing boat\nbrown hull\nwhite dots\nblack outline", 'Sailing boat', 3],
    ["placement: cheek\nSailing boat\nbrown hull\nwhite dots\nblack outline", 'Sailing boat', 3],
    ["sailing boat\nbrown hull\nwhite dots\nblack outline", '', 4],
    ["Sailing boat\nBrown hull\nWhite dots\nBlack outline", '', 4],
    ["Sailing boat\nhull\nmast\nsails", '', 4],
    ["Brown hull\nmast\nwhite dots\nblack outline", '', 4],
    ["Sailing boat\nhull 12s", '', 2],
]);

it('does not take "1. Base" for more than its words, nor a colon for a heading where a step follows', function (): void {
    expect(namesAndSeconds('1. Base'))->toBe([['Base', null]])
        ->and(namesAndSeconds('Base: sponge blue 10s'))->toBe([['Base', 10.0]])
        ->and(namesAndSeconds('no. 3 dots 10s'))->toBe([['White dots', 10.0]]);
});

it('does not part what "then" holds together', function (string $line, int $steps): void {
    expect(listOf($line)->steps())->toHaveCount($steps);
})->with([
    ['dots, white then black, 4s', 1], ['eyes shut, then look up, lashes 8s', 1], ['let it dry then glitter gel 5s', 2],
    ['group "a; b", dots 4s', 1], ['first the hull, then the mast', 2], ['line down the nose, then along the lips', 1],
]);

it('says where a list is painted, or what its places tell', function (string $list, Placement $placement, bool $isSaid): void {
    $reading = (new ListReader(Vocabulary::plain()))->read($list, null);

    expect([$reading->placement, $reading->saysPlacement])->toBe([$placement, $isSaid]);
})->with([
    ["placement: mask\ndots", Placement::Mask, true], ["Where: full face\ndots", Placement::FullFace, true],
    ["placement: full_face\ndots", Placement::FullFace, true], ["dots\nblue cheek", Placement::Cheek, false],
    ['rope round the wrist and forearm', Placement::Arm, false], ['dots on the back of the hand', Placement::Hand, false],
    ["sponge muzzle and chin\nforehead", Placement::FullFace, false], ['red nose', Placement::Nose, false],
    ['blue lids', Placement::Eye, false], ["Crab nose\n- red dots\n- blue cheek", Placement::Nose, false],
    ["Starfish on the cheek:\nwhite dots 5s", Placement::Cheek, false],
    ["Base:\nwhite dots chin and nose", Placement::FullFace, false], ['dots', Placement::FullFace, false],
    ["temple\nbridge of the nose\nunder the eyes", Placement::Mask, false],
]);

it('keeps the places of parts in the line as it was typed', function (): void {
    $line = '  3)  white dots; then black  stripes 5s';
    $parts = listOf($line)->lines[0]->parts;

    expect(array_map(
        static fn ($part): string => mb_substr($line, $part->start, $part->length),
        $parts,
    ))->toBe(['white', 'dots', 'then', 'black', 'stripes', '5s']);
});
