<?php

declare(strict_types=1);

use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Models\Plan\EventDay;
use App\Models\Plan\KeptForecast;
use Database\Seeders\DemoSeeder;

/*
 * The demo day as a newcomer finds it: everything that a painter asks of an event has an answer there.
 */

beforeEach(function (): void {
    $this->travelTo('2026-11-07 13:00:00 UTC');
    $this->seed(DemoSeeder::class);
    $this->ines = User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail();
    $this->actingAs($this->ines);
    $this->fair = EventDay::query()->where('name', 'Harbour lantern fair')->firstOrFail();
    $this->party = EventDay::query()->where('name', 'Seventh birthday')->firstOrFail();
});

it('has a fair whose plan, money, packing and checklist say something', function (): void {
    $money = $this->getJson("/api/days/{$this->fair->id}/money")->assertOk()->json();
    expect($money['faceOrHour']['byFaceCents'])->toBeGreaterThan($money['faceOrHour']['byHourCents'])
        ->and(count($money['designs']))->toBe(8)->and($money['faceCents'])->toBeGreaterThan(200)->toBeLessThan(1500);

    $packing = $this->getJson("/api/days/{$this->fair->id}/packing")->assertOk()->json();
    expect($packing['bags'])->toMatchArray(['artists' => 2, 'alike' => ['marked round 2']])
        // Both have black to themselves, and neither white.
        ->and(array_column($packing['bags']['lacking'], 'things', 'name'))->toBe(['Ines' => ['white brush'], 'Tobi' => ['white brush']])
        ->and($packing['stock']['isTaken'])->toBeFalse();

    $checks = array_column($this->getJson("/api/days/{$this->fair->id}/checklist")->assertOk()->json('checks'), 'says', 'kind');
    expect($checks['roster'])->toBe('Ines, Tobi, as nobody has said otherwise.')->and($checks['cautions'])->toContain('latex');
});

it('has a party that was foreseen, and what came of it', function (): void {
    $plan = $this->getJson("/api/days/{$this->fair->id}/plan")->assertOk()->json();
    expect(KeptForecast::query()->findOrFail($this->party->id)->faces)->toEqual(14)
        ->and($plan['met'][0])->toMatchArray(['name' => 'Seventh birthday', 'foreseen' => 14, 'painted' => 14, 'isWithin' => true])
        // Between two children the demo's chairs stand for mirror, photo and a wipe.
        ->and($plan['loggedTurnaroundMs'])->toBeGreaterThan(35_000)->toBeLessThan(90_000);
});

it('knows whose brush is whose, and times every painter with it', function (): void {
    expect(KitItem::query()->where('name', 'marked round 2')->pluck('owner_id')->unique()->count())->toBe(2)
        ->and($this->getJson('/api/designs')->assertOk()->json('0.totalMs'))->toBeGreaterThan(30_000);
    // Nothing that a painter needs has gone out of the own bag: the plans of both are the same length.
    $plans = $this->getJson("/api/days/{$this->fair->id}/plans")->assertOk()->json();
    expect(array_filter($plans, static fn (array $plan): bool => $plan['totalMs'] < 30_000))->toBe([]);
});

it('gives its days out, and finds nothing wrong in its diary', function (): void {
    expect($this->getJson('/api/clashes')->assertOk()->json())->toBe([]);
    $text = (string) $this->get("/api/days/{$this->fair->id}/calendar")->assertOk()->getContent();
    expect($text)->toContain('SUMMARY:Harbour lantern fair')->toContain('LOCATION:Lantern Quay')->toContain('2 chairs. On the menu: ');
    $look = $this->call('POST', '/api/calendar/look?timezone=UTC', server: ['HTTP_ACCEPT' => 'application/json'], content: $text);
    expect($look->assertOk()->json('found.0.state'))->toBe('here')->and($look->json('clashes'))->toBe([]);
});

it('quotes the party, and shares the fair’s price over its designs', function (): void {
    $party = $this->getJson("/api/days/{$this->party->id}/money")->assertOk()->json();
    // Nobody pays by the face there, so there is no face to hold an hour against.
    expect($party)->toMatchArray(['kind' => 'party', 'faceOrHour' => null, 'artists' => 1, 'hours' => 2, 'faces' => 14])
        ->and($party['quoteCents'])->toBeGreaterThanOrEqual(8000)
        ->and(array_column($party['quote'], 'part'))->toContain('painting', 'set_up', 'materials');
    $fair = $this->getJson("/api/days/{$this->fair->id}/money")->assertOk()->json('designs');
    usort($fair, static fn (array $one, array $other): int => $one['chairMs'] <=> $other['chairMs']);
    $wanted = array_column($fair, 'wantedCents');
    $sorted = $wanted;
    sort($sorted);
    expect($wanted)->toBe($sorted);
});
