<?php

declare(strict_types=1);

use App\Database\DataModel;

it('is written as the database stands', function (): void {
    $page = (new DataModel)->markdown();

    expect(file_get_contents(base_path(DataModel::PATH)))->toBe($page, 'The page is old. Run php artisan inch:data-model.')
        // Each table says what it is for.
        ->and($page)->not->toMatch('/^\| `\w+` \|  \|/m')->and(substr_count($page, "\n| `"))->toBeGreaterThan(40);
});
