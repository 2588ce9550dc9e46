<?php

declare(strict_types=1);

use Core\Design\Wording\Words\Slips;

// Worked examples of the restricted distance (optimal string alignment): "ca" and "abc" are 3 apart, for a swap may not be
// edited again; kitten and sitting are 3 apart, Saturday and Sunday 3. Common textbook examples, from memory.
it('counts letters wrong, missing, too many and swapped', function (string $one, string $other, int $slips): void {
    expect(Slips::between($one, $other))->toBe($slips)->and(Slips::between($other, $one))->toBe($slips);
})->with([
    ['', '', 0], ['sponge', 'sponge', 0], ['spnoge', 'sponge', 1], ['muzle', 'muzzle', 1], ['forhead', 'forehead', 1],
    ['whitee', 'white', 1], ['kitten', 'sitting', 3], ['saturday', 'sunday', 3], ['ca', 'abc', 3], ['', 'abc', 3],
]);

it('never says more than the plain distance, and less by at most the swaps', function (): void {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(41));
    foreach (range(1, 500) as $_) {
        $word = static fn (): string => implode(
            '',
            array_map(static fn (): string => 'abcd'[$chance->getInt(0, 3)], range(0, $chance->getInt(0, 6))),
        );
        [$one, $other] = [$word(), $word()];
        $slips = Slips::between($one, $other);

        expect($slips)->toBeLessThanOrEqual(levenshtein($one, $other))->and(2 * $slips)->toBeGreaterThanOrEqual(levenshtein($one, $other));
    }
});

it('corrects to the one word that can be meant, and never a word that is right', function (string $typed, ?string $meant): void {
    $slips = new Slips(
        ['white', 'wide', 'sponge', 'muzzle', 'forehead', 'black', 'block', 'flash', 'lash'],
        ['white', 'black', 'muzzle'],
        "\nflesh\nlash\nwrite\n",
    );

    expect($slips->corrected($typed))->toBe($meant);
})->with([
    ['wite', 'white'], ['blck', 'black'], ['muzle', 'muzzle'], ['spnoge', 'sponge'], ['frehead', 'forehead'], ['flesh', null],
    ['write', null], ['lash', null], ['wit', null], ['sponge2', null], ['xylophone', null], ['', null],
]);

it('finds every word that is right, and none that is not', function (): void {
    $right = Slips::rightWords();
    $words = explode("\n", trim($right));
    $sorted = $words;
    sort($sorted, SORT_STRING);
    expect($words)->toBe($sorted)->and($words)->toHaveCount(40223)->and($right)->toBe("\n".implode("\n", $words)."\n");

    // Each as it is, and with a letter too many: had it not been found right, it would be corrected to itself with that letter.
    $known = array_fill_keys($words, true);
    foreach ([
        ...array_slice($words, 0, 50),
        ...array_slice($words, -50),
        ...array_filter($words, static fn (int $at): bool => $at % 97 === 0, ARRAY_FILTER_USE_KEY),
    ] as $word) {
        $slip = "{$word}q";
        $isPlain = ctype_alpha($word) && strlen($word) <= 20;
        expect(isset($known[$slip]))->toBeFalse()
            ->and((new Slips([$slip], [], $right))->corrected($word))->toBeNull()
            ->and((new Slips([$word], [], $right))->corrected($slip))->toBe($isPlain ? $word : null);
    }
});
