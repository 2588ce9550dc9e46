<?php

declare(strict_types=1);

use Core\Design\Place\Guide;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;

/** @return list<Step> */
function stepsOf(string $list, Placement $placement, string $called = ''): array
{
    return (new ListReader(Vocabulary::plain()))->read($list, $placement, called: $called)->steps();
}

/** @return list<string> which parts of its figure a step paints */
function partsOfStep(Step $step): array
{
    return array_map(
        static fn (Guide $guide): string => $guide->text(),
        array_values(array_filter($step->mark->guides, static fn (Guide $guide): bool => $guide->kind->value === 'part')),
    );
}

it('gives a drawn figure the parts that a face has too', function (string $line, array $parts): void {
    [, $step] = stepsOf("white rabbit head with a sponge, 8s\n{$line}", Placement::Cheek);

    expect($step->mark->shape)->toBe(Shape::Bunny)->and(partsOfStep($step))->toBe($parts)
        ->and($step->zones)->toBe([Zone::Cheek])->and($step->side)->toBe(Side::Left);
})->with([
    ['pink nose', ['nose']],
    ['two long ears, white, round 5', ['ear']],
    ['pink inside the ears', ['inner_ear']],
    ['black eyes, round 2', ['eye']],
    ['whiskers, 3 each side', ['whiskers']],
    ['two white teeth', ['teeth']],
    ['black nose and mouth', ['nose', 'mouth']],
]);

it('keeps the places of a face that is painted as an animal', function (): void {
    [, $nose, $mouth] = stepsOf("white all over, sponge\npink nose\nblack mouth line", Placement::FullFace, 'Rabbit');

    expect($nose->mark->shape)->toBeNull()->and($nose->zones)->toBe([Zone::NoseTip])
        ->and($mouth->zones)->toBe([Zone::Lips]);
});

it('paints ears on the forehead of a face, as the animal has them', function (string $called, string $line, ?Shape $shape): void {
    $step = stepsOf($line, Placement::FullFace, $called)[0];

    expect($step->mark->shape)->toBe($shape)->and($step->zones)->toBe([$shape === null ? Zone::Ear : Zone::Forehead]);
})->with([
    ['Rabbit', 'white ears, round 5', Shape::LongEar],
    ['Fox', 'orange ears', Shape::PointedEar],
    ['Puppy', 'brown ears from the hairline', Shape::FloppyEar],
    ['Teddy', 'brown ears on the forehead', Shape::RoundEar],
    ['Waves', 'blue ears', null],
    ['', 'brown floppy ears on the forehead', Shape::FloppyEar],
]);

it('tells what is drawn by the name, by the title, or by its parts', function (string $list, string $called, ?Shape $shape): void {
    $shapes = array_map(static fn (Step $step): ?Shape => $step->mark->shape, stepsOf($list, Placement::Arm, $called));

    expect($shapes[1])->toBe($shape);
})->with([
    ["green body 10s\nlegs 5s\ntail 4s", 'Dragon', Shape::Dragon],
    ["Snail, 2 min\nbrown shell 10s\nbody 5s\nfeelers 3s", '', Shape::Snail],
    ["green body, press, 10s\nwing purple 5s\nspikes 4s", '', Shape::Dragon],
    ["blue waves 10s\nwhite foam 5s\ndots 4s", '', null],
]);

it('goes on with the figure that the steps above it have drawn', function (): void {
    $reader = new ListReader(Vocabulary::plain());
    $above = $reader->read("white bunny shape head, sponge, on the cheek left side\n", Placement::Cheek)->steps();
    $step = $reader->read('pink nose', Placement::Cheek, $above)->steps()[0];

    expect($step->mark->shape)->toBe(Shape::Bunny)->and(partsOfStep($step))->toBe(['nose']);
});

it('paints one of it where one is said, and goes on there', function (): void {
    $list = "green bamboo on one cheek, round 4, 20s\nfly on the cheek, black, 8s\ncrabs on the cheeks, red, 9s";
    $steps = stepsOf($list, Placement::FullFace);

    expect(array_map(static fn (Step $step): Side => $step->side, $steps))->toBe([Side::Left, Side::Left, Side::Both]);
});

it('asks once whether the animal is the face, where no place tells', function (string $list, string $called, ?string $asks): void {
    $reading = (new ListReader(Vocabulary::plain()))->read($list, null, called: $called);
    $questions = array_filter(array_map(static fn ($line): ?string => $line->question()?->asks, $reading->lines));

    expect(array_values($questions))->toBe($asks === null ? [] : [$asks]);
})->with([
    ["white head, sponge, 8s\npink nose\nblack eyes 4s\nwhiskers", 'Rabbit', 'Is the bunny the face, or a picture on it?'],
    ["white all over, sponge, 8s\npink nose\nwhiskers", 'Rabbit', null],
    ["white head, sponge, 8s\npink nose\nwhiskers", 'Waves', null],
    ["placement: cheek\nwhite head, sponge, 8s\npink nose\nwhiskers", 'Rabbit', null],
]);

it('draws what nobody knows as a thing with its name, and fills no place with it', function (): void {
    $steps = stepsOf("white chin, sponge, 5s\ngreen wibble on the cheek, 5s\nred lips 3s", Placement::FullFace);

    expect($steps[1]->mark->shape)->toBe(Shape::Plain)->and($steps[2]->mark->shape)->toBeNull();
});
