<?php

declare(strict_types=1);

use Core\Plan\Menu\MenuGroup;
use Illuminate\Support\Facades\Lang;

it('has every word of a board in every language', function (string $language): void {
    /** @var array<string, string> $words */
    $words = Lang::get('board', locale: $language);
    /** @var array<string, string> $english */
    $english = Lang::get('board', locale: 'en');
    expect(array_keys($words))->toBe(array_keys($english))
        ->and(array_filter($words, static fn (string $word): bool => trim($word) === ''))->toBe([])
        // Each group that a design can stand in is told to whoever reads the board.
        ->and(array_diff(array_column(MenuGroup::cases(), 'value'), array_keys($words)))->toBe([]);
})->with(['en', 'de', 'fr', 'es']);
