<?php

declare(strict_types=1);

use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
});

/** @return array<string, mixed> */
function dayTyped(mixed ...$more): array
{
    return [
        'name' => 'Harbour lantern fair', 'place' => 'Lantern Quay', 'timezone' => 'Europe/Copenhagen', 'date' => '2026-11-07',
        'opens' => '11:00',
        'closes' => '4 pm', 'chairs' => 2, 'turnaround' => '1:00', ...$more,
    ];
}

it('makes a day in the time zone where it takes place', function (): void {
    $this->postJson('/api/days', dayTyped())->assertSuccessful()->assertJson([
        'opensAt' => 1_794_045_600_000, 'closesAt' => 1_794_063_600_000, 'chairs' => 2, 'turnaroundMs' => 60_000,
    ]);
    // 2026-11-07 10:00 UTC, an hour behind Copenhagen in winter.
    expect(date('c', intdiv(EventDay::query()->firstOrFail()->opens_ms, 1000)))->toBe('2026-11-07T10:00:00+00:00');
});

it('keeps the clock of the place when it changes to winter time on the day', function (): void {
    // Europe/Copenhagen puts its clocks back at 3:00 on 2026-10-25: from 1:00 to 11:00 eleven hours go by.
    $day = $this->postJson('/api/days', dayTyped(date: '2026-10-25', opens: '1:00', closes: '11:00'))->assertSuccessful();

    expect($day->json('closesAt') - $day->json('opensAt'))->toBe(11 * 3_600_000);
});

it('takes the old names of time zones, as browsers give them', function (string $zone): void {
    $this->postJson('/api/days', dayTyped(timezone: $zone))->assertSuccessful()->assertJsonPath('timezone', $zone);
})->with(['Etc/GMT+6', 'US/Eastern', 'Europe/Kiev']);

it('lets an evening end after midnight', function (): void {
    $day = $this->postJson('/api/days', dayTyped(opens: '20:00', closes: '0:30'))->assertSuccessful();

    expect($day->json('closesAt') - $day->json('opensAt'))->toBe(270 * 60_000);
});

it('refuses a day that makes no sense and names the field', function (array $typed, string $field): void {
    $this->postJson('/api/days', dayTyped(...$typed))->assertUnprocessable()->assertJsonValidationErrorFor($field);
    expect(EventDay::query()->exists())->toBeFalse();
})->with([
    [['name' => ''], 'name'], [['date' => '2026-02-30'], 'date'], [['date' => 'Saturday'], 'date'], [['date' => '1999-01-01'], 'date'],
    [['opens' => '25:00'], 'opens'], [['closes' => 'late'], 'closes'], [['closes' => '11:00'], 'closes'], [['closes' => '4:00'], 'closes'],
    [['chairs' => 0], 'chairs'], [['chairs' => 9], 'chairs'], [['chairs' => 'two'], 'chairs'], [['turnaround' => '-1'], 'turnaround'],
    [['turnaround' => '2:00:00'], 'turnaround'], [['turnaround' => '45'], 'turnaround'], [['timezone' => 'Mars/Base'], 'timezone'],
    [['place' => str_repeat('x', 81)], 'place'], [['name' => ['a']], 'name'],
]);

it('changes a day', function (): void {
    $day = $this->scene->day();

    $this->putJson(
        "/api/days/{$day->id}",
        dayTyped(name: 'Boat shed party', chairs: 1),
    )->assertOk()->assertJsonPath('name', 'Boat shed party');
    $this->getJson('/api/days')->assertJsonCount(1)->assertJsonPath('0.name', 'Boat shed party');
});

it('lists the days of the team alone, newest first', function (): void {
    $this->scene->day();
    $this->postJson('/api/days', dayTyped(name: 'Later', date: '2027-01-01'))->assertSuccessful();
    Scene::team('Others')->day();

    $this->getJson('/api/days')->assertOk()->assertJsonPath('*.name', ['Later', 'Harbour lantern fair']);
});

it('puts up a menu with promises and prices', function (): void {
    [$wave, $crab] = [$this->scene->design('Wave band'), $this->scene->design('Crab nose')];
    $day = $this->scene->day(1, $wave);

    $this->putJson("/api/days/{$day->id}/menu", ['items' => [
        ['designId' => $crab->id, 'promise' => '2:30', 'priceCents' => 500],
        ['designId' => $wave->id, 'promise' => '90s', 'priceCents' => null],
    ]])->assertOk()->assertJsonPath('menu.*.name', ['Crab nose', 'Wave band'])->assertJsonPath('menu.*.promiseMs', [150_000, 90_000])
        ->assertJsonPath('menu.*.priceCents', [500, null]);
    $this->putJson("/api/days/{$day->id}/menu", ['items' => []])->assertOk()->assertJsonPath('menu', []);
});

it('refuses a menu that makes no sense and keeps the one before', function (Closure $items, string $says): void {
    $wave = $this->scene->design();
    $day = $this->scene->day(1, $wave);

    $response = $this->putJson("/api/days/{$day->id}/menu", ['items' => $items($wave->id)])->assertUnprocessable();
    expect((string) $response->json('message'))->toContain($says)->and(MenuItem::query()->pluck('design_id')->all())->toBe([$wave->id]);
})->with([
    'twice' => [fn (string $id) => array_fill(0, 2, ['designId' => $id, 'promise' => '2', 'priceCents' => null]), 'twice'],
    'no promise' => [fn (string $id) => [['designId' => $id, 'promise' => '0', 'priceCents' => null]], 'cannot be promised'],
    'a day long' => [fn (string $id) => [['designId' => $id, 'promise' => '500', 'priceCents' => null]], 'cannot be promised'],
    'a price below nothing' => [fn (string $id) => [['designId' => $id, 'promise' => '2', 'priceCents' => -1]], 'price'],
    'an unknown design' => [fn (string $id) => [['designId' => Scene::ulid(), 'promise' => '2', 'priceCents' => null]], 'not one of yours'],
    'no id' => [fn (string $id) => [['designId' => 'wave', 'promise' => '2', 'priceCents' => null]], 'ULID'],
    'another team’s' => [
        fn (string $id) => [['designId' => Scene::team('Others')->design()->id, 'promise' => '2', 'priceCents' => null]],
        'not one of yours',
    ],
    'no list' => [fn (string $id) => 'all', 'items'],
]);

it('offers no design that has nothing to paint', function (): void {
    $blank = (string) $this->postJson('/api/designs', ['name' => 'Blank', 'placement' => 'cheek'])->json('id');
    $day = $this->scene->day();

    $this->putJson("/api/days/{$day->id}/menu", ['items' => [['designId' => $blank, 'promise' => '2', 'priceCents' => null]]])
        ->assertUnprocessable()->assertJsonPath(
            'message',
            'That design has no steps yet. Give it some on the bench before it goes on the menu.',
        );
});

it('is nowhere for another team', function (string $method, string $path): void {
    $day = Scene::team('Others')->day();

    $this->json($method, "/api/days/{$day->id}{$path}", [...dayTyped(name: 'Taken'), 'items' => [], 'taps' => []])->assertNotFound();
    expect($day->refresh()->name)->toBe('Harbour lantern fair');
})->with([['PUT', ''], ['PUT', '/menu'], ['GET', '/line'], ['GET', '/plans'], ['POST', '/taps'], ['GET', '/logbook']]);

it('knows the days about now, however many there are', function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $scene = Scene::team();
    $this->actingAs($scene->painter);
    $day = $scene->day(1, $scene->design());
    $date = static fn (int $week): string => (new DateTimeImmutable("2026-11-07 +{$week} weeks"))->format('Y-m-d');
    $dates = array_map($date, range(1, 30));
    $this->postJson("/api/days/{$day->id}/copies", ['dates' => $dates])->assertOk()->assertJsonCount(30);
    $near = $this->getJson('/api/days/near')->assertOk()->json();
    // The next twenty, the farthest on top, and the one that is running.
    expect(count($near))->toBe(21)->and($near[20]['id'])->toBe($day->id)
        ->and(array_column($near, 'opensAt'))->toBe(array_reverse(array_map(
            static fn (int $week): int => $day->opens_ms + $week * 7 * 86_400_000,
            range(0, 20),
        )));
});
