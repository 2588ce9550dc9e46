<?php

declare(strict_types=1);

use Core\Design\Side;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepPrinter;
use Core\Design\Wording\StepReader;
use Core\Design\Wording\Vocabulary;
use Core\Exceptions\InvalidStep;
use Core\Exceptions\UnclearStep;

/** The step that a line says, written in its one form. */
function said(string $line): string
{
    return (new StepPrinter(Vocabulary::plain()))->print((new StepReader(Vocabulary::plain()))->read($line)->step('a'));
}

it('reads a step as painters say it', function (string $line, string $written): void {
    expect(said($line))->toBe($written);
})->with([
    ['sponge pearl white muzzle both sides, 2 coats, 40s, optional', 'sponge pearl white muzzle, 2 coats, 0:40, optional'],
    ['half sponge sea grey forehead temples cheeks 50s', 'half sponge sea grey forehead temple cheek, 0:50'],
    ['optional 40s, two coats on the muzzle with sponge in pearl white', 'sponge pearl white muzzle, 2 coats, 0:40, optional'],
    ['Ear flicks: round 3 black temple, 0:24, extra', 'Ear flicks: round 3 black temple, 0:24, optional'],
    ['round 2 black nose 20 sec dry for 30s', 'round 2 black nose, 0:20, dry 0:30'],
    ['powder lilac left eyelid 1 min 10 s', 'powder lilac eyelid left side, 1:10'],
    ['glitter cheeks 15s note "eyes shut"', 'glitter cheek, 0:15, note "eyes shut"'],
    ['gems under the eye, 0:12', 'gem under eye, 0:12'],
    ['brush with "my old liner" #112233 brow 4m30', 'brush with "my old liner" #112233 brow, 4:30'],
    ['SPONGE, WHITE, NOSE, 4M', 'sponge white nose, 4:00'],
    ['4m, 2 coats, sponge white nose', 'sponge white nose, 2 coats, 4:00'],
    ['4m 2 coats sponge white nose', 'sponge white nose, 2 coats, 4:00'],
    ['sponge white #f0f0f0 nose 30s', 'sponge white #f0f0f0 nose, 0:30'],
    ['sponge deep blue and foam blue cheek 30s', 'sponge deep blue foam blue cheek, 0:30'],
    ['brush 5 petals shell pink cheekbones 12s, 4 on a small face', 'brush 5 petals shell pink cheekbone, 4 on a small face, 0:12'],
    ['brush 3 black dots muzzle 8s', 'brush 3 dots black muzzle, 0:08'],
    ['brush two coral red teardrops cheek left 8s', 'brush 2 teardrops coral red cheek left side, 0:08'],
    ['round 4 stripes white forehead, aim nose top, at 45°, both sides', 'round 4 stripe white forehead, aim nose top, at 45 degrees'],
    ['brush fill starfish buoy orange left cheek at 2 o\'clock, size 60%, turned -15°', 'brush fill starfish shape buoy orange cheek left side, at 2 o\'clock, size 60%, turn -15°'],
    ['glitter gel on the upper third of the eyelids, eyes shut, damp, look 2', 'glitter glitter gel eyelid, upper third, damp, eyes shut, look 2'],
    ['stencil scales foam blue cheek 10s, or brush dots round 2 0:20, group "tail"', 'stencil scales shape foam blue cheek, 0:10, group "tail", or round 2 dots 0:20'],
    ['“Sky: dusk”: sponge night blue forehead 0:45', '"Sky: dusk": sponge night blue forehead, 0:45'],
]);

it('forgives slips of the keyboard where one thing only can be meant', function (string $line, string $written): void {
    expect(said($line))->toBe($written);
})->with([
    ['sponge perl white muzle 40s', 'sponge pearl white muzzle, 0:40'],
    ['spnoge white forhead 40s', 'sponge white forehead, 0:40'],
    ['brush balck templ 40s optionl', 'brush black temple, 0:40, optional'],
    ['stencl slate cheek both side 10s', 'stencil slate cheek, 0:10'],
    ['brush turqoise cheek 10s', 'brush turquoise cheek, 0:10'],
]);

it('asks where it cannot tell, and drops no word', function (string $line, string $asks): void {
    $reading = (new StepReader(Vocabulary::plain()))->read($line);

    expect($reading->isClear())->toBeFalse()
        ->and(implode(' ', $reading->questions))->toContain($asks)
        ->and(fn () => $reading->step('a'))->toThrow(UnclearStep::class);
})->with([
    ['sponge white eyes 40s', 'Is that the eyelids or under the eyes?'],
    ['sponge white face 40s', 'Which part of the face?'],
    ['sponge white nose 40', '40 what?'],
    ['sponge wobbly nose 40s', 'What is “wobbly”?'],
    ['sponge white nose 🌊 40s', 'What is “🌊”?'],
    ['sponge white nose 40s 1:00', 'Which time: “40s” or “1:00”?'],
    ['sponge brush white nose 40s', 'With which: sponge or brush?'],
    ['sponge white left right cheek 40s', 'Which side: “left” or “right”?'],
    ['white nose 40s', 'With what?'],
    ['sponge white 40s', 'Where?'],
    ['', 'With what?'],
    ['موجة sponge white nose 40s', 'What is “موجة”?'],
]);

it('says what makes no sense together', function (string $line, string $says): void {
    expect(fn () => said($line))->toThrow(InvalidStep::class, $says);
})->with([
    ['sponge white nose left, 40s', 'Choose “centre”'], ['sponge white nose, 0 coats, 40s', 'Choose 1 to 6'],
    ['sponge white nose, 9 coats, 40s', 'Choose 1 to 6'], ['sponge white nose, 0s', 'at least a second'], ['sponge white nose, 90 min', 'Split it'],
]);

it('says which letters it understood as what', function (): void {
    $line = 'Fröhlich: sponge pearl white muzzle, 40s, wobbly';
    $parts = array_map(
        static fn (Part $part): array => [$part->kind, mb_substr($line, $part->start, $part->length)],
        (new StepReader(Vocabulary::plain()))->read($line)->parts,
    );

    expect($parts)->toBe([
        [PartKind::Name, 'Fröhlich:'], [PartKind::Medium, 'sponge'], [PartKind::Colour, 'pearl white'], [PartKind::Zone, 'muzzle'],
        [PartKind::Time, '40s'], [PartKind::Unread, 'wobbly'],
    ]);
});

it('puts a step on both sides where its place has two, and on the middle line where it has not', function (): void {
    $side = static fn (string $line): Side => (new StepReader(Vocabulary::plain()))->read($line)->step('a')->side;

    expect($side('sponge white cheek 9s'))->toBe(Side::Both)
        ->and($side('sponge white nose 9s'))->toBe(Side::Centre)
        ->and($side('sponge white nose and cheek right 9s'))->toBe(Side::Right);
});
