<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Bench\DesignRung;
use App\Models\Bench\PainterPlan;
use App\Models\Plan\Shift;
use Core\Team\Role;
use Illuminate\Support\Facades\Cache;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->scene = Scene::team();
    $this->wave = $this->scene->design('Wave band');
    $this->day = $this->scene->day(2, $this->wave, $this->scene->design('Seal pup'));
    $this->actingAs($this->scene->painter);
    $this->line = fn (string $etag = '') => $this->getJson("/api/days/{$this->day->id}/line", ['If-None-Match' => $etag]);
    $this->etag = fn (): string => (string) ($this->line)()->assertOk()->headers->get('ETag');
});

it('is not told again as long as it is the same, but for the time', function (): void {
    $etag = ($this->etag)();
    $this->travel(70)->seconds();
    $same = ($this->line)($etag)->assertStatus(304);
    expect($same->getContent())->toBe('')->and($same->headers->get('X-Now'))->toBe((string) now()->getTimestampMs());
    ($this->line)('"something else"')->assertOk()->assertJsonPath('day.id', $this->day->id);
});

it('is told again once anything of it is another', function (Closure $change): void {
    $before = ($this->etag)();
    ($this->line)($before)->assertStatus(304);
    $change($this);
    $after = ($this->line)($before)->assertOk()->headers->get('ETag');
    expect($after)->not->toBe($before);
    ($this->line)((string) $after)->assertStatus(304);
})->with([
    'a tap' => [static fn ($test) => $test->postJson("/api/days/{$test->day->id}/taps", ['taps' => [
        Scene::tap('opened', (int) now()->getTimestampMs()),
    ]])->assertOk()],
    'the day' => [static fn ($test) => $test->day->refresh()->update(['closes_ms' => $test->day->closes_ms + 60_000])],
    'its name, within the same second' => [static fn ($test) => $test->day->refresh()->update(['name' => 'Other fair'])],
    'a price' => [static fn ($test) => $test->day->menuItems()->first()->update(['price_cents' => 450])],
    'a price taken away' => [static fn ($test) => $test->day->menuItems()->first()->update(['price_cents' => null])],
    'the menu' => [static fn ($test) => $test->day->menuItems()->first()->delete()],
    'a design’s name' => [static fn ($test) => $test->wave->refresh()->update(['name' => 'Wave'])],
    'a design’s plan' => [static fn ($test) => $test->wave->refresh()->update(['plan_id' => null])],
    'a rung' => [static fn ($test) => DesignRung::query()->where('design_id', $test->wave->id)->delete()],
    'a painter’s own plan' => [static fn ($test) => PainterPlan::query()->insert([
        'design_id' => $test->wave->id, 'painter_id' => $test->scene->painter->id, 'rung' => '', 'plan_id' => $test->wave->plan_id,
        'total_ms' => 1000,
    ])],
    'the roster' => [static fn ($test) => Shift::query()->insert([
        'event_day_id' => $test->day->id, 'chair' => 1, 'painter_id' => $test->scene->painter->id, 'from_ms' => 0,
    ])],
    'a painter more' => [static fn ($test) => app(Members::class)->add(
        $test->scene->painter->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist,
    )],
    'what is being learned' => [static fn ($test) => Cache::put("learning-from-{$test->day->id}", [1, 8], 60)],
]);

it('says that a design has other versions, of the team’s or of a painter’s', function (): void {
    $versions = fn (): array => array_column(($this->line)()->json('designs'), 'versions', 'id');
    $before = $versions();
    DesignRung::query()->where('design_id', $this->wave->id)->delete();
    $without = $versions();
    PainterPlan::query()->insert([
        'design_id' => $this->wave->id, 'painter_id' => $this->scene->painter->id, 'rung' => 'core', 'plan_id' => $this->wave->plan_id,
        'total_ms' => 1000,
    ]);
    $own = $versions();

    expect($before[$this->wave->id])->not->toBe('')->and($without[$this->wave->id])->toBe('')->and($own[$this->wave->id])->not->toBe('')
        ->and(count(array_unique([$before[$this->wave->id], $without[$this->wave->id], $own[$this->wave->id]])))->toBe(3)
        ->and([...$own, $this->wave->id => ''])->toBe([...$before, $this->wave->id => '']);
});

it('is another one for who may not see prices', function (): void {
    $etag = ($this->etag)();
    $helper = app(Members::class)->add($this->scene->painter->team->name, 'Wren', 'wren@example.org', 'a long password', Role::Helper);
    $etag = ($this->etag)();
    $this->actingAs($helper);
    ($this->line)($etag)->assertOk()->assertJsonPath('menu.0.priceCents', null);
});

it('is not another one for what happens elsewhere', function (): void {
    $etag = ($this->etag)();
    $others = Scene::team('Others');
    $theirs = $others->day(1, $others->design());
    $this->actingAs($others->painter)->postJson("/api/days/{$theirs->id}/taps", ['taps' => [
        Scene::tap('opened', (int) now()->getTimestampMs()),
    ]])->assertOk();
    $this->actingAs($this->scene->painter);
    ($this->line)($etag)->assertStatus(304);
});
