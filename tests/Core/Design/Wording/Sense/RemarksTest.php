<?php

declare(strict_types=1);

use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Wording\LineKind;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;

$paints = "white base, sponge, 20s\nblack nose, round 4, 5s\nwhite dots 4s";

it('leaves alone what paints nothing', function (string $line) use ($paints): void {
    $lines = (new ListReader(Vocabulary::plain()))->read("{$paints}\n{$line}", Placement::FullFace)->lines;

    expect($lines[3]->steps)->toBe([]);
})->with([
    'Price: £4', '3.50 each', '5 quid, 4 if they queue nicely', 'total 2:40',
    'works out at about two minutes', 'check for a nut allergy first',
    'not for under 3s', 'no painting over cuts', 'ask mum about lips', 'kids always giggle at this bit', 'have a drink of water',
    'remember the mirror', 'never on a cold sore', 'age 4+',
    'wash off with soap and water', 'zzz qqq wibble', "don't forget the consent form",
    'Summe 3 Min', 'nicht bei Allergie', 'make sure there is plenty of white left',
]);

it('still paints what begins like a remark and says with what and how long', function (string $line) use ($paints): void {
    $lines = (new ListReader(Vocabulary::plain()))->read("{$paints}\n{$line}", Placement::FullFace)->lines;

    expect($lines[3]->steps)->toHaveCount(1);
})->with(['some white dots on the chin, round 2, 5s', 'big red cheeks, sponge, 6s', 'check left against right', 'a few black lines 5s']);

it('takes for a heading what names the design or groups its steps', function (string $line) use ($paints): void {
    $lines = (new ListReader(Vocabulary::plain()))->read("{$line}\n{$paints}", null)->lines;

    expect($lines[0]->kind)->toBe(LineKind::Heading);
})->with(['Seal pup - full face, 4 min', 'PUFFIN!! (5 mins)', 'Starfish on the cheek, £3', '--- base ---',
    '*** SEA ***', 'BASE', 'Details', 'Octopus']);

it('lets a heading say what holds below it', function (): void {
    $steps = (new ListReader(Vocabulary::plain()))->read(
        "base, sponge white, 20s\n== LINE WORK (round 2, blue) ==\nlines on the cheeks 5s\n"
            ."== PARTY EXTRAS ==\nglitter 3s\nRIGHT SIDE ONLY\nred dots on the temple 4s",
        Placement::FullFace,
    )->steps();

    expect($steps[1]->tool)->toBe('round 2')->and($steps[1]->colours[0]->name)->toBe('blue')
        ->and($steps[2]->optional)->toBeTrue()->and($steps[3]->optional)->toBeFalse()->and($steps[3]->side)->toBe(Side::Right);
});

it('parts two steps that each say their time, and reads rows without a header', function (string $list, array $seconds): void {
    $steps = (new ListReader(Vocabulary::plain()))->read($list, Placement::Cheek)->steps();

    expect(array_map(static fn ($step): ?float => $step->time?->seconds(), $steps))->toBe($seconds);
})->with([
    ['white dots (5s) and a puff of glitter (3s)', [5.0, 3.0]],
    ['brown stalk 2s + outline 8s', [2.0, 8.0]],
    ['red sun round 4 8s, then orange rays 6s', [8.0, 6.0]],
    ["1;round 6;black;stripes;6\n2;round 2;white;dots;4\n3;half sponge;blue;base;12", [6.0, 4.0, 12.0]],
    ['white dots, when dry, 5s', [5.0]],
]);
