<?php

declare(strict_types=1);

use Core\Colour\Load;
use Core\Design\Alternative;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Figure;
use Core\Design\Place\FigurePlace;
use Core\Design\Place\Guide;
use Core\Design\Place\Landmark;
use Core\Design\Place\Mark;
use Core\Design\Place\Placement;
use Core\Design\Place\Portion;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Shut;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\StepPrinter;
use Core\Design\Wording\Vocabulary;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;

function anyText(Randomizer $chance, int $most): string
{
    $letters = [
        'a', 'e', 'n', ' ', ' ', '"', '“', '”', ':', ',', ';', '\\', "\n", '#', '4', '0:40', 'sponge', 'white', '🌊', 'موج', '海',
        '’', '-', 'note', '\\n', '%', "\u{301}",
    ];
    $text = '';
    foreach (range(0, $chance->getInt(0, $most)) as $_) {
        $text .= $letters[$chance->getInt(0, count($letters) - 1)];
    }

    return trim($text);
}

/**
 * @template T
 *
 * @param  non-empty-list<T>  $all
 * @return T
 */
function anyOf(Randomizer $chance, array $all): mixed
{
    return $all[$chance->getInt(0, count($all) - 1)];
}

function anyGuide(Randomizer $chance): Guide
{
    return match ($chance->getInt(0, 4)) {
        0 => Guide::clock($chance->getInt(1, 12)),
        1 => Guide::angle($chance->getInt(-180, 180)),
        2 => Guide::portion(anyOf($chance, Portion::cases())),
        3 => Guide::figure(new Figure(
            anyOf($chance, FigurePlace::cases()),
            anyOf($chance, array_values(array_filter(Shape::cases(), fn (Shape $shape): bool => ! $shape->isTexture()))),
        )),
        default => Guide::aim(anyOf($chance, Landmark::cases())),
    };
}

function anyOtherWay(Randomizer $chance): Alternative
{
    $technique = anyOf($chance, Technique::cases());
    $coats = $chance->getInt(0, 3) === 0 ? $chance->getInt(1, 6) : null;

    return new Alternative(
        $technique->usualMedium(),
        $technique,
        ['', 'round 3', 'scale, "fine" mesh', 'self-stick'][$chance->getInt(0, 3)],
        $chance->getInt(0, 1) === 0 ? null : Duration::ofSeconds($chance->getInt(1, 90)),
        coats: $coats,
    );
}

function anyWordedStep(Randomizer $chance, Placement $placement = Placement::FullFace, string $id = '1'): Step
{
    $names = ['white', 'pearl white', 'deep blue', '', 'White', 'my own mix', 'silver'];
    $hexes = ['#fafaf7', '#f4f2ec', '#1d4e89', '#000000'];
    $colour = static fn (): Colour => Colour::of(
        $chance->getInt(0, 3) === 0 ? anyText($chance, 3) : $names[$chance->getInt(0, count($names) - 1)],
        $hexes[$chance->getInt(0, 3)],
    );
    $zones = array_slice($chance->shuffleArray(array_values(array_filter(Zone::cases(), $placement->has(...)))), 0, $chance->getInt(1, 4));
    $middle = count($zones) === 1 && $zones[0]->isOnMiddleLine();
    $sides = $middle ? [Side::Both, Side::Centre] : Side::cases();
    $name = anyText($chance, 4);

    $medium = Medium::cases()[$chance->getInt(0, 6)];
    $technique = anyOf($chance, array_values(array_filter(Technique::cases(), static fn (Technique $one): bool => $one->suits($medium))));
    $count = static fn (): ?int => $technique->isCounted() && $chance->getInt(0, 1) === 1 ? $chance->getInt(1, 60) : null;

    return new Step(
        id: $id,
        name: $name === '' ? 'Grey base' : $name,
        medium: $medium,
        tool: ['', 'half sponge', 'round 3', 'flat 1/2 in', 'self-stick', 'damp bud', anyText($chance, 3)][$chance->getInt(0, 6)],
        colours: array_map($colour, range(0, $chance->getInt(0, 2))),
        zones: $zones,
        side: $sides[$chance->getInt(0, count($sides) - 1)],
        coats: $chance->getInt(1, 6),
        time: $chance->getInt(0, 3) === 0 ? null : Duration::ofMilliseconds($chance->getInt(1, 3_600_000)),
        dryFor: Duration::ofMilliseconds($chance->getInt(0, 1) * $chance->getInt(0, 600_000)),
        optional: $chance->getInt(0, 1) === 1,
        note: $chance->getInt(0, 1) === 1 ? '' : anyText($chance, 6),
        technique: $technique,
        load: anyOf($chance, Load::cases()),
        count: $count(),
        smallCount: $count(),
        mark: new Mark(
            anyOf($chance, [null, ...Shape::cases()]),
            anyOf($chance, [100, 100, 10, 60, 400]),
            anyOf($chance, [0, 0, -180, -15, 45]),
            array_slice([anyGuide($chance), anyGuide($chance)], 0, $chance->getInt(0, 2)),
        ),
        shut: anyOf($chance, [null, ...Shut::cases()]),
        look: anyOf($chance, [5, 5, 0, 10]),
        group: $chance->getInt(0, 2) === 0 ? anyText($chance, 3) : '',
        alternatives: array_map(static fn (): Alternative => anyOtherWay($chance), array_slice([0, 1], 0, $chance->getInt(0, 2))),
    );
}

it('reads every step that it writes as the same step, and assumes and asks nothing', function (): void {
    $chance = new Randomizer(new Mt19937(71));
    $reader = new ListReader(Vocabulary::plain());
    $printer = new StepPrinter(Vocabulary::plain());
    foreach (range(1, 1500) as $turn) {
        $placement = Placement::cases()[$turn % 8];
        $step = anyWordedStep($chance, $placement);
        $line = $printer->print($step);
        $readings = $reader->read($line, $placement)->lines;

        expect($readings)->toHaveCount(1, $line)->and($readings[0]->steps)->toHaveCount(1, $line)
            ->and($readings[0]->question())->toBeNull($line)
            ->and($readings[0]->steps[0]->step)->toEqual($step, $line)
            ->and($readings[0]->steps[0]->assumed)->toBe([], $line);
    }
});

it('reads a whole list that it writes as the same steps: nothing is carried into a line that says all', function (): void {
    $chance = new Randomizer(new Mt19937(79));
    $reader = new ListReader(Vocabulary::plain());
    $printer = new StepPrinter(Vocabulary::plain());
    foreach (range(1, 60) as $turn) {
        $placement = Placement::cases()[$turn % 8];
        $steps = array_map(static fn (int $place): Step => anyWordedStep($chance, $placement, (string) $place), range(1, 12));
        $list = implode("\n", array_map($printer->print(...), $steps));

        expect($reader->read($list, $placement)->steps())->toEqual($steps, $list);
    }
});

it('accounts for every letter of any text: each is part of something, a sign that parts, or a blank', function (): void {
    $chance = new Randomizer(new Mt19937(73));
    $reader = new ListReader(Vocabulary::plain());
    foreach (range(1, 800) as $_) {
        $text = str_replace("\n", ' ', anyText($chance, 12));
        foreach ($reader->read($text, Placement::Cheek)->lines as $line) {
            $end = 0;
            $left = '';
            foreach ($line->parts as $part) {
                expect($part->start)->toBeGreaterThanOrEqual($end, $text);
                $left .= mb_substr($line->text, $end, $part->start - $end).' ';
                $end = $part->start + $part->length;
            }
            $left .= mb_substr($line->text, $end);

            expect($end)->toBeLessThanOrEqual(mb_strlen($line->text))
                ->and($line->steps === [] ? '' : preg_replace('/[\s,;:.\-]/u', '', $left))->toBe('', $text);
        }
    }
});
