<?php

declare(strict_types=1);

use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Plan\EventDay;
use Illuminate\Testing\TestResponse;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 14:30:20 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
});

/**
 * @param  array<string, mixed>  $change
 * @return TestResponse<Symfony\Component\HttpFoundation\Response>
 */
function begin(array $change = []): TestResponse
{
    return test()->postJson('/api/beginning', [
        'occasion' => 'party', 'name' => 'A party', 'hands' => 2, 'designs' => ['Seal pup', 'Wave band'],
        'timezone' => 'Europe/Berlin', ...$change,
    ]);
}

it('gives a team kit, designs, a menu and an open line for now', function (): void {
    $day = begin()->assertOk()->json();
    $opens = now()->startOfMinute()->getTimestampMs();
    expect($day)->toMatchArray([
        'name' => 'A party', 'chairs' => 2, 'timezone' => 'Europe/Berlin', 'opensAt' => $opens, 'closesAt' => $opens + 2 * 3_600_000,
    ]);

    $line = $this->getJson("/api/days/{$day['id']}/line")->assertOk()->json();
    expect($line['isOpen'])->toBeTrue()
        ->and(array_column($line['menu'], 'name'))->toBe(['Seal pup', 'Wave band'])
        ->and(array_column($line['menu'], 'promiseMs'))->each->toBeGreaterThan(60_000)
        ->and(count($this->getJson('/api/kit')->json('things')))->toBeGreaterThan(20);
    // A child can be seated: each design has its plan.
    expect(array_column($line['menu'], 'planId'))->each->toBeString();
});

it('throws all of it away again, but for what was changed since', function (): void {
    $own = $this->scene->design('My own');
    $day = begin()->json();
    $changed = Design::ofTeam($this->scene->painter->team_id)->where('name', 'Wave band')->sole();
    $changed->update(['revision' => 2]);

    $this->deleteJson('/api/beginning')->assertNoContent();
    expect(array_column($this->getJson('/api/designs')->json(), 'name'))->toEqualCanonicalizing(['My own', 'Wave band'])
        ->and($own->fresh())->not->toBeNull()
        ->and(KitItem::ofTeam($this->scene->painter->team_id)->count())->toBe(0)
        ->and(EventDay::ofTeam($this->scene->painter->team_id)->count())->toBe(0);
    $this->getJson("/api/days/{$day['id']}/line")->assertNotFound();
    // Nothing is left to throw away, and one can begin again.
    $this->deleteJson('/api/beginning')->assertNoContent();
    begin()->assertOk();
});

it('keeps what a child was seated with', function (): void {
    $day = begin()->json();
    $offer = $this->getJson("/api/days/{$day['id']}/line")->json('menu.0');
    $child = ['ticket' => Scene::ulid()];
    $now = now()->getTimestampMs();
    $this->postJson("/api/days/{$day['id']}/taps", ['taps' => [
        Scene::tap('joined', $now + 1, ...$child, design: $offer['designId']),
        Scene::tap('seated', $now + 2, ...$child, chair: 1, plan: $offer['planId']),
    ]])->assertOk();

    $this->deleteJson('/api/beginning')->assertConflict()
        ->assertJsonPath('message', fn (string $says): bool => str_contains($says, 'A party'));
    $this->getJson("/api/days/{$day['id']}/line")->assertOk();
    expect(Design::ofTeam($this->scene->painter->team_id)->count())->toBe(2);
});

it('says what to do where a tap is missing or makes no sense', function (array $change, string $field, string $says): void {
    begin($change)->assertUnprocessable()
        ->assertJsonPath("errors.{$field}.0", fn (string $message): bool => str_contains($message, $says));
    expect(EventDay::ofTeam($this->scene->painter->team_id)->count())->toBe(0)
        ->and(KitItem::ofTeam($this->scene->painter->team_id)->count())->toBe(0);
})->with([
    'nothing chosen' => [['designs' => []], 'designs', 'Tap at least one'],
    'no hands' => [['hands' => 0], 'hands', 'Choose 1 to 8'],
    'a crowd' => [['hands' => 9], 'hands', 'Choose 1 to 8'],
]);
