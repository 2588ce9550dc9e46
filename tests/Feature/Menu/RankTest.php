<?php

declare(strict_types=1);

use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use App\Models\Menu\MenuItem;
use App\Plan\FacePlans\DesignPlans;
use App\Plan\FacePlans\PlanTeamAnew;
use App\Plan\FacePlans\RankDesignsOfTeam;
use App\Plan\FacePlans\WriteRungs;
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

it('looks for no shorter version while a menu is saved: the queue does', function (): void {
    Queue::fake();
    $menu = $this->postJson('/api/menus', $this->menu)->assertSuccessful()->json();

    expect(DesignRung::query()->count())->toBe(0);
    Queue::assertPushedOn(PlanTeamAnew::QUEUE, RankDesignsOfTeam::class);
    Queue::assertPushed(RankDesignsOfTeam::class, 1);
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
    Queue::assertNotPushed(RankDesignsOfTeam::class);
});

it('keeps what a day was to paint while that is still worked out', function (): void {
    Queue::fake();
    $menu = $this->postJson('/api/menus', $this->menu)->assertSuccessful()->json();
    $day = $this->scene->day();
    $this->putJson("/api/days/{$day->id}/menus/{$menu['id']}")->assertSuccessful();

    expect(MenuItem::query()->where('event_day_id', $day->id)->pluck('rung')->map(static fn ($rung) => $rung?->value)->all())
        ->toBe(['core', 'core', 'core']);
});

it('looks at one design at a time, so that another team has its turn in between', function (): void {
    Queue::fake();
    $this->postJson('/api/menus', $this->menu)->assertSuccessful();
    $run = static function (int $at): array {
        $job = Queue::pushed(RankDesignsOfTeam::class)[$at];
        app()->call([$job, 'handle']);

        return $job->designIds;
    };
    $ids = array_column($this->designs, 'id');
    sort($ids);
    expect($run(0))->toBe($ids)->and(Design::query()->where('is_ranked', true)->pluck('id')->all())->toBe([$ids[0]])
        ->and($run(1))->toBe(array_slice($ids, 1));
    app('db')->table('designs')->where('id', $ids[2])->update(['is_ranked' => true]);
    $run(2);
    expect(Queue::pushed(RankDesignsOfTeam::class))->toHaveCount(3);
});

it('ranks nothing that stands on no menu', function (): void {
    Queue::fake();
    app(DesignPlans::class)->rank($this->scene->painter->team_id, array_column($this->designs, 'id'));
    Queue::assertNothingPushed();
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
