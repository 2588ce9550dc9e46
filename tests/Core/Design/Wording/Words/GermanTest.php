<?php

declare(strict_types=1);

use Core\Design\StepValues;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;
use Tests\Core\Design\Wording\Reads;

/** @return array<string, mixed> a step without its name and note, which stay in their own language */
function inGerman(string $line): array
{
    static $reader = null;
    $reader ??= new ListReader(Vocabulary::plain());
    // Two lines above, so that the list is German beyond doubt.
    $steps = $reader->read(
        "Schwamm, blau, Stirn und Schläfen, 9s\nPinsel, Linie, schwarz, auf der Nase, 5s\n{$line}",
        Core\Design\Place\Placement::FullFace,
    )->steps();

    return array_diff_key(StepValues::of($steps[2]), ['name' => 0, 'note' => 0]);
}

/** @return array<string, mixed> */
function inEnglish(string $line): array
{
    return array_diff_key(
        StepValues::of(Reads::step("sponge, blue, forehead and temples, 9s\nbrush, line, black, on the nose, 5s\n{$line}")),
        ['name' => 0, 'note' => 0],
    );
}

it('reads a German line as the English one', function (string $german, string $english): void {
    expect(inGerman($german))->toEqual(inEnglish($english));
})->with([
    ['Schwamm weiß Schnauze 40 Sek', 'sponge white muzzle 40 sec'],
    ['Halbschwamm grau auf die Stirn und die Wangen, 50 Sekunden', 'half sponge grey on the forehead and the cheeks, 50 seconds'],
    ['runder Schwamm, hellblau, Kinn', 'round sponge, light blue, chin'],
    ['Grundierung hellgrau, ganzes Gesicht', 'base light grey, whole face'],
    ['weiß auftupfen, Kinn', 'white stipple, chin'],
    ['blau verwischen, Schläfen', 'blue blend, temples'],
    ['Puder lila auf die Lider', 'powder purple on the lids'],
    ['Schablone Schuppen türkis, Wangen', 'stencil scales turquoise, cheeks'],
    ['schwarze Linien, Rundpinsel 2, Stirn', 'black lines, round 2, forehead'],
    ['Flachpinsel rot Kinn', 'flat brush red chin'],
    ['Kontur schwarz, Linierer', 'outline black, liner'],
    ['Umrisse schwarz', 'outlines black'],
    ['rote Streifen auf den Wangen', 'red stripes on the cheeks'],
    ['drei weiße Punkte pro Seite', 'three white dots per side'],
    ['fünf Blütenblätter rosa, Stirn', 'five petals pink, forehead'],
    ['zwei Tropfen unter den Augen', 'two teardrops under the eyes'],
    ['schwarze Schnurrhaare, vier pro Seite', 'black whiskers, four per side'],
    ['Wimpern', 'lashes'],
    ['Schwünge auf den Schläfen', 'swirls on the temples'],
    ['Sternchen auf der Stirn', 'small stars on the forehead'],
    ['Welle dunkelblau, linke Wange', 'wave dark blue, left cheek'],
    ['Wellen um die Augen', 'waves around the eyes'],
    ['Leuchtturm weiß rechte Wange', 'tower white right cheek'],
    ['Boot braun, Wange', 'boat brown, cheek'],
    ['Segel weiß, Wange', 'sails white, cheek'],
    ['Anker, Wange', 'anchor, cheek'],
    ['Fische orange, Wange', 'fish orange, cheek'],
    ['Krabbe rot, Nase', 'crab red, nose'],
    ['Blasen weiß', 'bubbles white'],
    ['Wolken weiß über den Augen', 'clouds white above the eyes'],
    ['Glitzer auf die Wangen', 'glitter on the cheeks'],
    ['Glitzergel auf die Lider', 'glitter gel on the lids'],
    ['Schmuckstein zwischen den Brauen', 'gem between the brows'],
    ['schwarze Nasenspitze', 'black tip of the nose'],
    ['Nasenrücken weiß', 'bridge of the nose white'],
    ['Augenwinkel schwarz', 'corner of the eye black'],
    ['Mundwinkel schwarz', 'corners of the mouth black'],
    ['Oberlippe schwarz', 'upper lip black'],
    ['Kinn weiß, zwei Schichten', 'chin white, two coats'],
    ['Kinn weiß zweimal', 'chin white twice'],
    ['Kinn weiß, eine Minute', 'chin white, a minute'],
    ['Kinn weiß, halbe Minute', 'chin white, half a minute'],
    ['Kinn weiß, 1:20', 'chin white, 1:20'],
    ['Kinn weiß, 1,5 min', 'chin white, 1.5 min'],
    ['Kinn weiß, bis zu 2 Minuten', 'chin white, up to 2 minutes'],
    ['rote Punkte, Kinn, wenn trocken', 'red dots, chin, when dry'],
    ['rote Punkte, Kinn, sobald trocken', 'red dots, chin, once dry'],
    ['Glitzer Kinn, noch feucht', 'glitter chin, while wet'],
    ['weiße Punkte, optional', 'white dots, optional'],
    ['weiße Punkte, wenn Zeit ist', 'white dots, if there is time'],
    ['weiße Punkte, wer mag', 'white dots, if you like'],
    ['weiße Punkte, kann wegfallen', 'white dots, can be left out'],
    ['weiße Punkte, Augen zu', 'white dots, eyes shut'],
    ['nochmal', 'again'],
    ['genauso in rot', 'the same in red'],
    ['trocknen lassen 20s', 'let it dry 20s'],
    ['Hände abwischen', 'wipe hands'],
    ['Rand säubern 5s', 'clean the edge 5s'],
]);

it('takes an English list for English, whatever German words are in it', function (string $list): void {
    $reader = new ListReader(Vocabulary::plain());
    $names = array_column($reader->read($list, null)->steps(), 'name');

    expect($names)->not->toBe([])->and(implode(' ', $names))->not->toContain('Wange');
})->with([
    ["gold band on the arm\nhand and fingers, orange\nlinks of a chain"],
    ["die cut stencil, white\ndots am and pm"],
    ['Rot weiler? no, brown dots'],
]);
