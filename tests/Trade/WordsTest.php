<?php

declare(strict_types=1);

use Core\Design\Wording\LineKind;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\ColourWords;
use Tests\Trade\LabelledList;
use Tests\Trade\WordList;

// The lists were written from the trade's facts (common practice, no source) before the reader was made to read them; those in
// "aside" were not looked at until it was.
it('understands lists as painters type them', function (string $folder, float $lines, float $fields): void {
    $reader = new ListReader(Vocabulary::plain());
    $score = ['lines' => 0, 'understood' => 0, 'fields' => 0, 'right' => 0];
    foreach (WordList::all($folder) as $list) {
        foreach ($list->score($reader) as $what => $count) {
            $score[$what] = is_int($count) ? ($score[$what] ?? 0) + $count : 0;
        }
    }

    expect($score['lines'])->toBeGreaterThan(50)
        ->and(100 * $score['understood'] / $score['lines'])->toBeGreaterThanOrEqual($lines)
        ->and(100 * $score['right'] / $score['fields'])->toBeGreaterThanOrEqual($fields);
})->with([
    'tuned' => ['tuned', 99.0, 99.0], 'aside' => ['aside', 95.0, 92.0],
    'everyday, tuned' => ['everyday', 99.0, 98.5], 'everyday, aside' => ['everyday-aside', 95.0, 93.0],
]);

// Typed and labelled by another hand than the reader's.
it('understands lists that others typed, and leaves alone what is no step', function (): void {
    $reader = new ListReader(Vocabulary::plain());
    $score = [];
    foreach (LabelledList::all() as $list) {
        foreach ($list->score($reader) as $what => [$right, $of]) {
            $score[$what] = [($score[$what][0] ?? 0) + $right, ($score[$what][1] ?? 0) + $of];
        }
    }
    $share = static fn (string $what): float => 100 * $score[$what][0] / $score[$what][1];

    expect($score['lines'][1])->toBeGreaterThan(280)
        ->and($share('lines'))->toBeGreaterThanOrEqual(93.0)
        ->and($share('left alone'))->toBe(100.0)
        ->and($share('fields'))->toBeGreaterThanOrEqual(98.5)
        ->and($share('side'))->toBeGreaterThanOrEqual(98.0)
        ->and($share('count'))->toBeGreaterThanOrEqual(95.0)
        ->and($share('several steps'))->toBe(100.0);
});

// Lists as new users type them, of what parties ask for: none may end in an error, and every step has its place.
it('reads everyday designs as typed', function (string $file): void {
    $reading = (new ListReader(Vocabulary::plain()))->read((string) file_get_contents($file), null);

    expect(count($reading->steps()))->toBeGreaterThan(4)
        ->and(array_filter($reading->lines, static fn (LineReading $line): bool => $line->kind === LineKind::Note))->toBe([]);
})->with(fn (): array => glob(__DIR__.'/everyday/*.txt') ?: []);

// Source: the named colours of the W3C's CSS Color Module Level 4, as the npm package color-name 2.1 carries them.
it('knows colours by the values that the web gives them', function (): void {
    $table = (string) file_get_contents(__DIR__.'/../../node_modules/color-name/index.js');
    preg_match_all('/"?(\w+)"?: \[(\d+), ?(\d+), ?(\d+)\]/', $table, $rows, PREG_SET_ORDER);
    $known = (new ReflectionClassConstant(ColourWords::class, 'NAMED'))->getValue();
    $named = array_column(
        array_map(static fn (array $row): array => [$row[1], sprintf('#%02x%02x%02x', $row[2], $row[3], $row[4])], $rows),
        1,
        0,
    );

    expect(count($named))->toBeGreaterThan(140);
    foreach ((array) $known as $name => $hex) {
        expect($hex)->toBe($named[str_replace(' ', '', (string) $name)] ?? 'not there', (string) $name);
    }
});
