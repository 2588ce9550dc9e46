<?php

declare(strict_types=1);

use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;

/** @return list<array<string, mixed>> the steps without their names and notes, which stay in the painter's own language */
function unnamed(string $list): array
{
    $steps = (new ListReader(Vocabulary::plain()))->read($list, Placement::Mask)->steps();

    return array_map(static fn (Step $step): array => array_diff_key(StepValues::of($step), ['name' => 0, 'note' => 0]), $steps);
}

it('reads German as it reads English', function (): void {
    $german = <<<'LIST'
        - Schwamm, dunkelblau, Schläfen und um die Augen, 15 Sek
        - weißer Turm auf der linken Schläfe, Rundpinsel 6, 2 Schichten, 20 Sekunden
        - rote Streifen auf dem Turm, wenn trocken, 8s
        - Konturen schwarz, Linierer, 12s
        - drei Punkte unter den Augen, je Seite 4s
        - Sterne an der Stirn, wenn Zeit ist
        - Schnurrhaare, vier pro Seite
        - Lippen rosa, zuletzt
        - Glitzergel auf die Lider, eine halbe Minute
        LIST;
    $english = <<<'LIST'
        - sponge, dark blue, temples and around the eyes, 15 sec
        - white tower on the left temple, round 6, 2 coats, 20 seconds
        - red stripes on the tower, when dry, 8s
        - outline black, liner, 12s
        - three dots under the eyes, each side 4s
        - stars on the forehead, if there is time
        - whiskers, four per side
        - lips pink, last
        - glitter gel on the lids, half a minute
        LIST;

    expect(unnamed($german))->toEqual(unnamed($english))->and(unnamed($german)[1])->toMatchArray([
        'coats' => 2,
        'seconds' => 20,
        'side' => 'left',
        'shape' => 'lighthouse',
    ]);
});

it('names steps in the words they were typed in', function (): void {
    $reading = (new ListReader(Vocabulary::plain()))->read(
        "weißer Turm auf der Wange 10s\nrote Streifen auf dem Turm, dünn",
        Placement::Cheek,
    );

    expect(array_column($reading->steps(), 'name'))->toBe(['Turm', 'Streifen auf dem Turm'])->and($reading->steps()[1]->note)->toBe('dünn');
});

it('lets no German word into English', function (): void {
    $reading = (new ListReader(Vocabulary::plain()))->read("a rock with a rot hole, brown\nlinks of a chain, brush", Placement::Cheek);

    expect(array_column($reading->steps()[0]->colours, 'name'))->toBe(['brown'])->and($reading->steps()[1]->side->value)->toBe('left')
        ->and($reading->steps()[1]->name)->toBe('links of a chain');
});
