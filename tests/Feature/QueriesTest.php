<?php

declare(strict_types=1);

use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Events\QueryExecuted;
use Tests\Scene;

// A room is read in as many questions to the database, however much is in it.

/** How many queries an address takes for a team with so many designs, all on the menu of a day. */
function queriesFor(string $room, int $designs): int
{
    $scene = Scene::team("Team of {$designs} ".bin2hex(random_bytes(4)));
    test()->actingAs($scene->painter);
    $menu = array_map(static fn (int $at) => $scene->design("Design {$at}"), range(1, $designs));
    $day = $scene->day(1, ...$menu);
    $queries = 0;
    app(Dispatcher::class)->listen(QueryExecuted::class, static function () use (&$queries): void {
        $queries++;
    });
    test()->getJson(str_replace('DAY', $day->id, "/api/{$room}"))->assertOk();
    $counted = $queries;
    app(Dispatcher::class)->forget(QueryExecuted::class);

    return $counted;
}

it('asks as often for twelve designs as for two', function (string $room): void {
    $few = queriesFor($room, 2);

    expect($few)->toBeGreaterThan(0)->toBeLessThan(16)->and(queriesFor($room, 12))->toBe($few);
})->with(['days/DAY/plans', 'days/DAY/line', 'practice', 'designs', 'days', 'logbook']);
