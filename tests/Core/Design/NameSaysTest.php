<?php

declare(strict_types=1);

use Core\Design\NameSays;

it('hears in English and in German what a name says by the way', function (NameSays $what, array $says, array $saysNot): void {
    /** @var list<string> $says */
    foreach ($says as $name) {
        expect($what->in($name))->toBeTrue($name);
    }
    /** @var list<string> $saysNot */
    foreach ($saysNot as $name) {
        expect($what->in($name))->toBeFalse($name);
    }
})->with([
    [NameSays::HoldStill, ['Hold still', 'keep very still', 'Bitte still halten', 'stillsitzen'], ['Still water', 'Stille See']],
    [NameSays::MarksFirst, ['Mark the wing', 'marks for the tail', 'Flügel vorzeichnen'], ['Landmark', 'Zeichen']],
    [NameSays::Glue, ['Gem glue', 'Wimpernkleber'], ['Blue', 'Kleid']],
    [NameSays::NoLatex, ['latex-free', 'ohne Latex', 'latexfrei'], ['latex']],
    [NameSays::Shines, ['Highlights', 'Glint', 'Eyes', 'Glanzpunkt', 'Augen'], ['Eyebrow', 'Augenbraue', 'Light blue wave']],
    [NameSays::Darkens, ['Shade', 'grey shading', 'Schatten'], ['Shadeless sea', 'Schatz']],
    [NameSays::Lights, ['Highlight', 'shine', 'Lichtkante'], ['Sunshine', 'Nachtlicht']],
    [NameSays::ServesBefore, ['Wipe', 'Clean the edge', 'Tissue', 'Kante säubern', 'Foto'], ['Spritz', 'Load', 'Wasser']],
]);

it('joins what is said in several places', function (): void {
    expect(NameSays::Glue->in('', 'gem', 'glue'))->toBeTrue()->and(NameSays::Glue->in())->toBeFalse();
});
