<?php

declare(strict_types=1);

use App\Models\Kit\KitItem;
use App\Models\Menu\Menu;
use App\Plan\Forecast\KeepForecast;
use Core\Kit\ItemValues;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Events\QueryExecuted;
use Tests\Scene;

// A room is read in as many questions to the database, however much is in it.

/** How many queries an address takes for a team with so many designs and things, all on one menu and on that of a day. */
function queriesFor(string $room, int $designs): int
{
    $scene = Scene::team("Team of {$designs} ".bin2hex(random_bytes(4)));
    test()->actingAs($scene->painter);
    $onMenu = array_map(static fn (int $at) => $scene->design("Design {$at}"), range(1, $designs));
    $day = $scene->day(1, ...$onMenu);
    $menu = Menu::query()->create(['team_id' => $day->team_id, 'name' => 'Fairs']);
    foreach ($onMenu as $at => $design) {
        $menu->offers()->create(['design_id' => $design->id, 'position' => $at, 'price_cents' => 400]);
        KitItem::query()->create([
            'team_id' => $day->team_id,
            ...KitItem::columnsOf(ItemValues::read($item = Scene::ulid(), ['kind' => 'brush', 'name' => "round {$item}"])),
        ]);
    }
    app()->call((new KeepForecast($day->team_id, $day->id))->handle(...));
    $queries = 0;
    app(Dispatcher::class)->listen(QueryExecuted::class, static function () use (&$queries): void {
        $queries++;
    });
    test()->getJson(strtr("/api/{$room}", ['DAY' => $day->id, 'MENU' => $menu->id]))->assertOk();
    $counted = $queries;
    app(Dispatcher::class)->forget(QueryExecuted::class);

    return $counted;
}

it('asks as often for twelve designs as for two', function (string $room): void {
    $few = queriesFor($room, 2);

    expect($few)->toBeGreaterThan(0)->toBeLessThan(45)->and(queriesFor($room, 12))->toBe($few);
})->with([
    'days', 'clashes', 'days/DAY/line', 'days/DAY/plans', 'days/DAY/pictures', 'days/DAY/plan', 'days/DAY/money', 'days/DAY/checklist',
    'days/DAY/packing', 'days/DAY/air', 'days/DAY/logbook', 'days/DAY/report', 'menus', 'menus/MENU', 'designs', 'designs/starting-points',
    'kit', 'ways', 'practice', 'logbook', 'logbook/years', 'team',
]);
