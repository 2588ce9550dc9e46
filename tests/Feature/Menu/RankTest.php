<?php

declare(strict_types=1);

use App\Actions\Plan\WriteRungs;
use App\Jobs\PlanTeamAnew;
use App\Jobs\RankDesign;
use App\Models\Design;
use App\Models\DesignRung;
use App\Models\MenuItem;
use Illuminate\Support\Facades\Queue;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $names = ['Puffin mask', 'Harbour seal', 'Tide whiskers'];
    $this->designs = array_map(fn (string $name): Design => $this->scene->designWithExtra($name, 200, 120), $names);
    $this->menu = ['name' => 'Fairs', 'offers' => array_map(
        static fn (Design $design): array => [
            'designId' => $design->id, 'rung' => 'core', 'promiseMs' => null, 'priceCents' => null, 'group' => null,
        ],
        $this->designs,
    )];
});

it('looks for no shorter version while a menu is saved: the queue does, a design at a time', function (): void {
    Queue::fake();
    $menu = $this->postJson('/api/menus', $this->menu)->assertSuccessful()->json();

    expect(DesignRung::query()->count())->toBe(0);
    Queue::assertPushedOn(PlanTeamAnew::QUEUE, RankDesign::class);
    Queue::assertPushed(RankDesign::class, 3);
    // What was wished for stays wished for, and is painted as typed until then.
    expect(array_column($menu['offers'], 'isRanked'))->toBe([false, false, false])
        ->and(array_column($menu['offers'], 'rung'))->toBe(['core', 'core', 'core'])
        ->and($menu['offers'][0]['middleMs'])->toBe(320_000)
        ->and(array_column($menu['offers'][0]['rungs'], 'name'))->toBe([null, 'core']);
});

it('has them when the queue has done its work, and does that once', function (): void {
    $menu = $this->postJson('/api/menus', $this->menu)->assertSuccessful()->json();
    $menu = $this->getJson("/api/menus/{$menu['id']}")->json();
    expect(array_column($menu['offers'], 'isRanked'))->toBe([true, true, true])
        ->and(array_column($menu['offers'], 'middleMs'))->toBe([200_000, 200_000, 200_000]);

    Queue::fake();
    $this->putJson("/api/menus/{$menu['id']}", $this->menu)->assertOk();
    Queue::assertNotPushed(RankDesign::class);
});

it('keeps what a day was to paint while that is still worked out', function (): void {
    Queue::fake();
    $menu = $this->postJson('/api/menus', $this->menu)->assertSuccessful()->json();
    $day = $this->scene->day();
    $this->putJson("/api/days/{$day->id}/menus/{$menu['id']}")->assertSuccessful();

    expect(MenuItem::query()->where('event_day_id', $day->id)->pluck('rung')->map(static fn ($rung) => $rung?->value)->all())
        ->toBe(['core', 'core', 'core']);
});

it('throws away what it found for a design that was saved meanwhile', function (): void {
    $design = $this->designs[0];
    $isSaved = false;
    app('db')->listen(static function ($query) use ($design, &$isSaved): void {
        if (! $isSaved && str_contains($query->sql, '`steps`')) {
            $isSaved = true;
            app('db')->table('designs')->where('id', $design->id)->increment('revision');
        }
    });
    $write = app(WriteRungs::class);

    expect($write($this->scene->painter->team_id, $design->id))->toBeFalse()
        ->and(DesignRung::query()->where('design_id', $design->id)->count())->toBe(0)
        ->and($write($this->scene->painter->team_id, $design->id))->toBeTrue()
        ->and(DesignRung::query()->where('design_id', $design->id)->pluck('name')->map(static fn ($name) => $name->value)->all())
        ->toContain('core')
        ->and($design->refresh()->is_ranked)->toBeTrue();
});

it('plans nothing while the kit or a hand changes: the team’s designs follow by the queue', function (): void {
    $this->postJson('/api/menus', $this->menu)->assertSuccessful();
    $before = DesignRung::query()->orderBy('id')->pluck('id')->all();
    Queue::fake();
    $this->postJson('/api/kit/starter')->assertSuccessful();
    Queue::assertPushedOn(PlanTeamAnew::QUEUE, PlanTeamAnew::class);
    Queue::fake();
    $this->putJson('/api/kit/hands/load', ['repetitions' => [5000, 6000, 7000]])->assertOk();

    Queue::assertPushed(PlanTeamAnew::class, 1);
    expect(DesignRung::query()->orderBy('id')->pluck('id')->all())->toBe($before);
});
