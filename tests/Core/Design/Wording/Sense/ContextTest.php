<?php

declare(strict_types=1);

use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Step;
use Tests\Core\Design\Wording\Reads;

it('carries the colour over by sense', function (string $above, string $line, array $colours): void {
    expect(Reads::colours("{$above}\n{$line}", Placement::Mask))->toBe($colours);
})->with([
    'line work in the colour of the line work' => ["brush outline plum temples\nbrush fill yellow temples", 'outline it', ['plum']],
    'line work in black where there was none' => ['sponge blue temples', 'outline', ['black']],
    'whiskers in black' => ['brush fill red nose', 'whiskers', ['black']],
    'dots in the colour of the brush' => ['brush fill red nose', 'dots', ['red']],
    'not in that of the sponge' => ["brush fill red nose\nsponge blue temples", 'dots', ['red']],
    'a shape in the colour of the brush' => ["brush fill red fin\nsponge blue temples", 'tail', ['red']],
    'a sponge in the colour of the sponge' => ["sponge blue temples\nbrush dots white temples", 'sponge on the brows', ['blue']],
    'highlights in white' => ['brush fill red fin', 'highlights', ['white']],
    'foam in white' => ['brush line blue waves', 'foam', ['white']],
    'pupils in black' => ['brush dots white temples', 'pupils', ['black']],
    'stars in white at first' => ['sponge blue temples', 'stars', ['white']],
    'the same colour' => ['sponge coral red temples', 'round 4 fin, same colour', ['coral red']],
    'the same red' => ['sponge coral red temples', 'round 4 fin in the same red', ['coral red']],
    'no colour for glitter' => ['brush fill red fin', 'glitter', []],
    'no colour for gems' => ['brush fill red fin', 'gem', []],
    'no new colour for softening' => ['brush fill red fin', 'soften with a dry brush', []],
    'both colours of a doubly loaded brush' => ['flat brush, yellow and orange, fin', 'tail', ['yellow', 'orange']],
    'what is said goes before all' => ['brush outline plum temples', 'outline, white', ['white']],
    'no colour of what dries below' => ['sponge white temples', 'red stripes when the white is dry', ['red']],
    'no colour of what it is blended into' => ['sponge white temples', 'blue, fade into the white', ['blue']],
]);

it('carries the place over by sense', function (string $above, string $line, array $zones): void {
    expect(Reads::zones("{$above}\n{$line}", Placement::Mask))->toBe($zones);
})->with([
    'from the line above' => ['sponge blue temples', 'white dots', ['temple']],
    'from the step that it speaks of' => ["white tower on the cheeks\nsponge blue temples", 'red stripes on the tower', ['cheek']],
    'from its things' => ["white tower on the cheeks\nsponge blue temples", 'windows of the tower', ['cheek']],
    'from what stands between' => ["fins on the cheeks, blue\nsponge white temples", 'lines between the fins', ['cheek']],
    'from what is outlined' => ["boats on the cheeks\nsponge white temples", 'outline the boats', ['cheek']],
    'from all that is outlined' => [
        "boat on the cheeks\ngull on the temples, brush\ndots on the nose",
        'outline the boat and the gull',
        ['cheek', 'temple'],
    ],
    'from all there is' => ["boat on the cheeks\ndots on the temples", 'outline everything', ['cheek', 'temple']],
    'from it' => ["sponge white brows\nboat on the cheeks", 'lines under it', ['cheek']],
    'from its word in front of another' => ["crab on the nose, red\nsponge white temples", 'crab eyes, white dots', ['nose']],
    'not where the line says it' => ['boat on the cheeks', 'lines on the boat and the temples', ['temple']],
    'not for hands that are wiped' => ['boat on the cheeks', 'wipe hands', []],
]);

it('carries the side over by sense', function (string $above, string $line, Side $side): void {
    expect(Reads::step("{$above}\n{$line}", Placement::Mask)->side)->toBe($side);
})->with([
    'from the step that it speaks of' => ['boat on the left cheek', 'sails on the boat', Side::Left],
    'from the same place' => ['boat on the right temple', 'white dots', Side::Right],
    'not to another place' => ['boat on the right temple', 'white dots on the cheek', Side::Both],
    'not where both were painted' => ["boat on the right temple\nsponge blue both temples", 'white dots', Side::Both],
    'not where several are said' => ['boat on the right temple', 'dots at the temples', Side::Both],
    'to the other one' => ['boat on the right temple', 'the other side', Side::Left],
]);

it('looks back at steps above', function (string $above, string $line, array $wanted): void {
    $step = Reads::step("{$above}\n{$line}", Placement::Mask);
    $read = [
        'name' => $step->name, 'how' => "{$step->medium->value} {$step->technique->value}",
        'colour' => $step->colours[0]->name ?? '', 'side' => $step->side->value, 'seconds' => $step->time?->seconds(),
        'optional' => $step->optional,
    ];

    expect(array_intersect_key($read, $wanted))->toEqual($wanted);
})->with([
    'same again' => [
        'red fin left cheek 8s',
        'same again',
        ['name' => 'fin', 'how' => 'brush fill', 'colour' => 'red', 'side' => 'left', 'seconds' => 8.0],
    ],
    'again with its own time' => ['red fin left cheek 8s', 'again, 5s', ['name' => 'fin', 'seconds' => 5.0]],
    'ditto as an extra' => ['red fin left cheek 8s', 'ditto, optional', ['name' => 'fin', 'optional' => true]],
    'same in another colour' => ['red fin left cheek 8s', 'same in blue', ['name' => 'fin', 'colour' => 'blue']],
    'repeat one that is named' => [
        "red fin left cheek 8s\nblue dots left temple 5s",
        'repeat the fin',
        ['name' => 'fin', 'colour' => 'red', 'seconds' => 8.0],
    ],
    'repeat it on a side' => ['red fin left cheek 8s', 'repeat on the right cheek', ['name' => 'fin', 'side' => 'right']],
    'the other side too' => ['red fin left cheek 8s', 'other side too', ['name' => 'fin', 'side' => 'right', 'seconds' => 8.0]],
    'the other eye' => ['black line right eyelid 4s', 'the other eye', ['how' => 'brush line', 'side' => 'left', 'seconds' => 4.0]],
    'mirrored' => ['red fin left cheek 8s', 'mirrored', ['name' => 'fin', 'side' => 'right']],
    'likewise' => ['red fin left cheek 8s', 'likewise', ['name' => 'fin', 'side' => 'left']],
    'another one' => ['red fin left cheek 8s', 'another fin, blue', ['name' => 'fin', 'colour' => 'blue', 'how' => 'brush fill']],
    'a second one on the other side' => [
        'brown boat left cheek 8s',
        'second boat on the other side',
        ['colour' => 'brown', 'side' => 'right', 'seconds' => 8.0],
    ],
    'the same brush for another thing' => [
        'flat 1/2 in red fin left cheek 8s',
        'tail, same brush',
        ['name' => 'tail', 'how' => 'brush fill', 'colour' => 'red', 'seconds' => null],
    ],
]);

it('takes the shape from the thing it speaks of where the stroke follows it', function (string $line, ?Shape $shape): void {
    expect(Reads::step("brown boat on the left cheek\n{$line}", Placement::Mask)->mark->shape)->toBe($shape);
})->with([
    ['outline the boat', Shape::Boat],
    ['fill in the boat, red', Shape::Boat],
    ['white dots on the boat', null],
    ['lines on the boat', null],
    ['the other side too', Shape::Boat],
]);

it('names in its assumptions where it took things from', function (string $above, string $line, array $because): void {
    $lines = Reads::list("{$above}\n{$line}", Placement::Mask)->lines;
    $assumed = end($lines)->steps[0]->assumed ?? [];

    expect(array_combine(
        array_map(static fn ($one): string => $one->of->value, $assumed),
        array_map(static fn ($one): string => $one->because, $assumed),
    ))->toMatchArray($because);
})->with([
    [
        'sponge blue temples',
        'outline',
        [
            'medium' => 'as outlines are painted',
            'zone' => 'as in the line above',
            'colour' => 'as line work usually is',
            'tool' => 'the usual brush for outlines',
        ],
    ],
    [
        'white tower left cheek',
        'stripes on the tower',
        ['zone' => 'as in “tower”', 'side' => 'as in “tower”', 'colour' => 'as the brush above'],
    ],
    ['red fin left cheek', 'same again', ['again' => '']],
    ['red fin left cheek', 'whiskers', ['zone' => 'where whiskers go', 'colour' => 'as that usually is']],
    ['red fin left cheek', 'gold crown', ['zone' => 'where that goes']],
    ['red fin left cheek', 'yellow', ['medium' => 'as in the line above']],
]);

it('assumes nothing of a line that says all', function (): void {
    expect(Reads::line('round 2 outline black cheek left side, 0:10')->steps[0]->assumed)->toBe([]);
});

it('reads on below steps that stand there already', function (): void {
    $above = Reads::list("brown boat left cheek 8s\nsponge blue temples 9s")->steps();
    $reading = (new Core\Design\Wording\ListReader(Core\Design\Wording\Vocabulary::plain()))->read(
        "outline the boat\nwhite dots last",
        Placement::FullFace,
        $above,
    );

    expect(array_map(static fn (Step $step): string => $step->id, $reading->steps()))->toBe(['3', '4'])
        ->and($reading->steps()[0]->mark->shape)->toBe(Shape::Boat)->and($reading->pins[0]->steps)->toBe(['4']);
});

it('leaves out the colour of what lies there already', function (string $list, array $colours): void {
    expect(Reads::colours($list))->toBe($colours);
})->with([
    ["blue sponge whole face\nblack outline round the white sails", ['black']],
    ['white dots on blue tail, round 2', ['white']],
    ['black line along the red hull', ['black']],
    ['white highlight on black nose', ['white']],
    // Where no other colour is said, it is the colour that is painted in; two in a row are two.
    ['outline round the white sails', ['white']],
    ['dots in the white', ['white']],
    ['line under red hull', ['red']],
    ['blue and white stripes', ['blue', 'white']],
    ['dots in blue, white stripes', ['blue', 'white']],
    ['pink-white petals', ['pink', 'white']],
    ['sea-horse, blue-green', ['blue', 'green']],
    ['rainbow over the waves', ['red', 'orange', 'yellow', 'green', 'blue', 'purple']],
    ['rainbow in red', ['red']],
    ["black outline, round 2\npearl teardrops", ['pearl white']],
]);

it('covers wide places with a sponge, and goes on with the one in the hand', function (string $list, string $how): void {
    expect(Reads::how($list))->toBe($how);
})->with([
    ['light grey rest of face', 'sponge stipple'],
    ['frilly grey all over', 'sponge stipple'],
    ["white dots\nfrilly grey chin", 'brush fill'],
    ["sponge grey cheek\ndark grey edges of the face, same sponge", 'sponge stipple'],
    ["petal sponge blue fin\nlittle fins", 'sponge stipple'],
    ["petal sponge blue fin\nlittle red fins", 'brush fill'],
    ["load the sponge with blue\ntap from the temples to the cheeks", 'sponge stipple'],
    ['3 gems: middle of the forehead and each temple', 'gem gem'],
    ['sponge base: frilly grey chin', 'sponge stipple'],
    ['2nd sponge - white under the eyes', 'sponge stipple'],
]);

it('takes eyes for a place beside others where something covers or outlines', function (string $line, array $zones): void {
    expect(Reads::zones($line))->toBe($zones);
})->with([
    ['eyes n forehead, sponge white', ['forehead', 'eye_socket']],
    ['outline ears n eyes, black', ['ear', 'eye_socket']],
    ["white sponge brow and nose\nlower lip red\nglitter", ['brow', 'nose']],
    ["white sponge brow\nlower lip red\nglitter on the lip", ['lips']],
    ["half sponge brown fin left cheek\nblue sponge chin\nblack outline fin", ['cheek']],
    ['brown freckles', ['cheek']],
    ["grey chin, sponge\nscar on the other cheek, red", ['cheek']],
    ["grey spot, left lower cheek and cheek\nred scar on the other cheek", ['lower_cheek', 'cheek']],
    ["black nose\nteeth", ['lips']],
]);

it('strokes from thick to thin with a broader brush than thin ones, and lines eyes in black', function (): void {
    expect(Reads::step('thick to thin black stripes')->tool)->toBe('round 4')
        ->and(Reads::step('thin black stripes')->tool)->toBe('round 2')
        ->and(Reads::colours("white dots, round 2\neyeliner"))->toBe(['black']);
});
