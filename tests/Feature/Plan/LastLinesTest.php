<?php

declare(strict_types=1);

use App\Models\Plan\EventPlan;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 16:30:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design();
    $this->day = $this->scene->day(2, $this->design);
    $opens = now()->startOfDay()->addHours(11)->getTimestampMs();
    $taps = [Scene::tap('opened', $opens)];
    for ($child = 0; $child < 30; $child++) {
        // All come in the last hour of five; each sixth is not there when called, each fifth gives up after a quarter of an hour.
        $at = $opens + 4 * 3_600_000 + $child * 60_000;
        $about = ['ticket' => Scene::ulid()];
        $taps[] = Scene::tap('joined', $at, ...$about, design: $this->design->id);
        $taps = [...$taps, ...match (true) {
            $child % 6 === 5 => [Scene::tap('called', $at + 300_000, ...$about), Scene::tap('no_show', $at + 480_000, ...$about)],
            $child % 5 === 4 => [Scene::tap('left', $at + 900_000, ...$about)],
            default => [
                Scene::tap('seated', $at + 300_000, ...$about, chair: 1, plan: $this->design->plan_id),
                Scene::tap('finished', $at + 340_000, ...$about),
            ],
        }];
    }
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertOk();
    $this->travelTo('2026-11-09 09:00:00 UTC');
});

it('plans the next open line by the last ones, and says what it has from them', function (): void {
    $next = $this->scene->day(2, $this->design);
    $plan = $this->getJson("/api/days/{$next->id}/plan")->assertOk()->json();

    expect($plan['last'])->toMatchArray(['days' => 1, 'children' => 30, 'anHour' => 6])
        // Five who are not there, of 25 who were called or sat down: (5 + 5) of (100 + 25).
        ->and($plan['last']['notTherePercent'])->toBe(8)
        ->and($plan['terms']['profile'])->toBe($plan['last']['profile'])->and($plan['terms']['profile'][4])->toBeGreaterThan(2.5)
        ->and($plan['terms']['patienceMinutes'])->toBe($plan['last']['patienceMinutes'])->and($plan['isAssumed'])->toBeTrue();
    // Windows on the day reckon with it.
    expect($this->getJson("/api/days/{$next->id}/line")->json('notThere'))->toBe(80);
});

it('learns nothing for a line from a party, nor for a party from a line', function (): void {
    $party = $this->scene->day(1, $this->design);
    EventPlan::query()->where('event_day_id', $party->id)->delete();
    $this->getJson("/api/days/{$party->id}/plan")->assertOk();
    $kind = fn (string $kind) => $this->putJson("/api/days/{$this->day->id}/plan", [
        ...$this->getJson("/api/days/{$this->day->id}/plan")->json('terms'), 'kind' => $kind,
    ])->assertOk();

    $kind('party');
    $next = $this->scene->day(2, $this->design);
    $this->getJson("/api/days/{$next->id}/plan")->assertOk()->assertJsonPath('last', null)
        ->assertJsonPath('terms.profile', [1, 1, 1, 1, 1])->assertJsonPath('terms.patienceMinutes', null);
});
