<?php

declare(strict_types=1);

use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->wave = $this->scene->design('Wave band', Paint::step(Scene::ulid(), 100, name: 'Wave'));
    $this->puffin = $this->scene->designWithExtra('Puffin mask', 200, 120);
    $this->offer = static fn (string $design, mixed ...$more): array => [
        'designId' => $design, 'rung' => null, 'promiseMs' => null, 'priceCents' => null, 'group' => null, ...$more,
    ];
    $this->make = fn (array ...$offers): array => $this->postJson('/api/menus', ['name' => 'Fairs', 'offers' => $offers])
        ->assertSuccessful()->json();
});

it('makes a menu, lists it, changes it and takes it away', function (): void {
    $menu = ($this->make)(($this->offer)($this->wave->id, priceCents: 400, group: 'quick'), ($this->offer)($this->puffin->id));

    expect($menu)->toMatchArray(['name' => 'Fairs', 'days' => []])
        ->and(array_column($menu['offers'], 'name'))->toBe(['Wave band', 'Puffin mask'])
        ->and($menu['offers'][0])->toMatchArray(['priceCents' => 400, 'group' => 'quick', 'promises' => false, 'faces' => 0])
        ->and($this->getJson('/api/menus')->json())->toBe([['id' => $menu['id'], 'name' => 'Fairs', 'designs' => 2]]);

    $changed = $this->putJson("/api/menus/{$menu['id']}", ['name' => 'Parties', 'offers' => [
        ($this->offer)($this->puffin->id, promiseMs: 300_000),
    ]])->assertOk()->json();
    expect($changed['name'])->toBe('Parties')->and(array_column($changed['offers'], 'promises'))->toBe([true])
        ->and($this->getJson("/api/menus/{$menu['id']}")->json())->toEqual($changed);

    $this->deleteJson("/api/menus/{$menu['id']}")->assertNoContent();
    $this->getJson("/api/menus/{$menu['id']}")->assertNotFound();
});

it('reckons each design at its real minutes', function (): void {
    [$wave, $puffin] = ($this->make)(
        ($this->offer)($this->wave->id, priceCents: 400),
        ($this->offer)($this->puffin->id, priceCents: 700),
    )['offers'];

    // 100 seconds and a minute of turnaround; nothing logged, so the mean lies 2.8 % above the middle of the team's spread.
    $mean = static fn (int $ms): float => $ms * exp((0.2 ** 2 + 0.12 ** 2) / 2) + 60_000;
    expect($wave['middleMs'])->toBe(100_000)->and($wave['takingsAnHour'])->toEqualWithDelta(400 * 3_600_000 / $mean(100_000), 1)
        ->and($puffin['shareIfPopular'])->toEqualWithDelta($mean(320_000) / ($mean(320_000) + 2 * $mean(100_000)), 0.001)
        // Eight of ten, by the team's spread, and up to the next quarter of a minute.
        ->and($wave['eightOfTenMs'])->toEqualWithDelta(100_000 * exp(0.84162 * hypot(0.2, 0.12)), 20)
        ->and($wave['promiseMs'])->toBe(135_000)->and($wave['readyAfter'])->toBeNull()
        ->and(array_column($puffin['rungs'], 'name'))->toContain(null, 'core');
});

it('takes a rung for what it is', function (): void {
    $menu = ($this->make)(($this->offer)($this->puffin->id, rung: 'core'));

    expect($menu['offers'][0])->toMatchArray(['rung' => 'core', 'middleMs' => 200_000])
        ->and(array_column($menu['offers'][0]['plan']['steps'], 'name'))->toBe(['Base']);
});

it('says what a menu does to its day', function (): void {
    $menu = ($this->make)(($this->offer)($this->puffin->id, promiseMs: 240_000));

    expect($menu['notes'])->toHaveCount(1)->and($menu['notes'][0])->toMatchArray([
        'rule' => 'promise_nobody_keeps', 'designs' => [$this->puffin->id], 'promiseMs' => $menu['offers'][0]['honestMs'],
    ]);
});

it('puts a menu up on a day, and again on the days to come when it changes', function (): void {
    $menu = ($this->make)(($this->offer)($this->wave->id, priceCents: 400));
    $ahead = $this->scene->day(1, $this->puffin);
    $past = $this->scene->day(1, $this->puffin);
    $past->update(['opens_ms' => $past->opens_ms - 86_400_000, 'closes_ms' => $past->closes_ms - 86_400_000]);
    foreach ([$ahead, $past] as $day) {
        $this->putJson("/api/days/{$day->id}/menus/{$menu['id']}")->assertOk()->assertJsonPath('menu.0.name', 'Wave band');
    }
    $change = ['name' => 'Fairs', 'offers' => [($this->offer)($this->puffin->id, promiseMs: 400_000, priceCents: 700)]];
    $changed = $this->putJson("/api/menus/{$menu['id']}", $change)->assertOk()->json();
    $offered = static fn (EventDay $day): array => MenuItem::query()->where('event_day_id', $day->id)
        ->pluck('price_cents', 'design_id')->all();

    expect($changed['days'])->toBe(['Harbour lantern fair'])
        ->and($offered($ahead))->toBe([$this->puffin->id => 700])->and($offered($past))->toBe([$this->wave->id => 400]);
});

it('recommends what the event bears, and says what a wish costs', function (): void {
    $day = $this->scene->day(1, $this->wave);
    $menu = ($this->make)(($this->offer)($this->wave->id, priceCents: 400), ($this->offer)($this->puffin->id, priceCents: 700));
    $party = [...$this->getJson("/api/days/{$day->id}/plan")->json('terms'), 'kind' => 'party', 'arrivals' => 'at_once'];
    $best = function (int $children, mixed ...$asked) use ($day, $menu, $party): array {
        $this->putJson("/api/days/{$day->id}/plan", [...$party, 'children' => $children])->assertOk();

        return $this->postJson("/api/menus/{$menu['id']}/recommended", ['day' => $day->id, 'goal' => 'look', 'designs' => 2, ...$asked])
            ->assertOk()->json();
    };

    // Five hours among thirty: ten minutes each bear everything. Among sixty-five, 4:35 each do not, with a day's doubt in them.
    expect($best(30))->toMatchArray(['worth' => 1, 'wishCosts' => null])
        ->and(array_column($best(65)['designs'], 'rung'))->toBe([null, 'core'])
        ->and($best(65)['chanceOfAll'])->toBeGreaterThanOrEqual(0.9)
        ->and($best(200)['designs'])->toBe([])
        // The most takings of one design: the dearer one, where there is time for it.
        ->and(array_column($best(30, goal: 'takings', designs: 1)['designs'], 'name'))->toBe(['Puffin mask'])
        ->and($best(50, goal: 'takings', designs: 1, keep: [$this->wave->id])['wishCosts'])->toBeGreaterThan(0);
});

it('refuses a menu that cannot be, and keeps the one before', function (array $change, string $says): void {
    $menu = ($this->make)(($this->offer)($this->wave->id));
    $change = array_merge(['name' => 'Fairs', 'offers' => []], $change);
    foreach ($change['offers'] as $at => $offer) {
        $change['offers'][$at] = ($this->offer)(...$offer, ...(isset($offer['design']) ? [] : ['design' => $this->wave->id]));
    }
    $answer = $this->putJson("/api/menus/{$menu['id']}", $change);

    expect($answer->status())->toBe(422)->and($answer->json('message'))->toContain($says)
        ->and($this->getJson("/api/menus/{$menu['id']}")->json('offers.0.name'))->toBe('Wave band');
})->with([
    'no name' => [['name' => ''], 'no name'],
    'a design twice' => [['offers' => [[], []]], 'twice'],
    'a design of nobody' => [['offers' => [['design' => '01hzzzzzzzzzzzzzzzzzzzzzzz']]], 'not one of yours'],
    'a negative price' => [['offers' => [['priceCents' => -1]]], 'no price'],
    'an endless promise' => [['offers' => [['promiseMs' => 10 ** 9]]], 'four hours'],
    'an unknown rung' => [['offers' => [['rung' => 'giant']]], 'rung'],
]);
