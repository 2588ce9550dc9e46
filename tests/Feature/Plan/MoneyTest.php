<?php

declare(strict_types=1);

use App\Models\Account\Team;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventPlan;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->day = $this->scene->day(1, $this->scene->design('Wave band'), $this->scene->design('Seal pup'));
    $this->actingAs($this->scene->painter);
    $this->sheet = fn (): array => $this->getJson("/api/days/{$this->day->id}/money")->assertOk()->json();
    $this->terms = fn (mixed ...$changed): array => [...($this->sheet)()['terms'], ...$changed];
});

it('starts from rates that can be changed, and says what they come to', function (): void {
    $sheet = ($this->sheet)();
    expect($sheet['terms'])->toMatchArray(['hourCents' => 3500, 'kilometres' => 0, 'offeredHourCents' => null])
        ->and($sheet['currency'])->toBe('EUR')->and($sheet['hours'])->toBe(5)->and($sheet['aroundMinutes'])->toBe(50)
        ->and(array_column($sheet['quote'], 'cents', 'part'))->toMatchArray(['painting' => 17_500])
        ->and($sheet['quoteCents'])->toBe(array_sum(array_column($sheet['quote'], 'cents')))
        // Both designs take as long and ask for as much.
        ->and($sheet['designs'][0]['wantedCents'])->toBe($sheet['designs'][1]['wantedCents'])
        ->and($sheet['designs'][0])->toMatchArray(['chairMs' => 120_000, 'priceCents' => 400, 'anHourCents' => 12_000])
        ->and($sheet['meanPriceCents'])->toBe(400)
        ->and($sheet['faceOrHour']['lowCents'])->toBeLessThanOrEqual($sheet['faceOrHour']['highCents']);
});

it('tries without keeping, and keeps what is said', function (): void {
    $terms = ($this->terms)(kilometres: 40, travelMinutes: 45, pitchCents: 5000, hourCents: 5000, offeredHourCents: 6000);
    $tried = $this->postJson("/api/days/{$this->day->id}/money", $terms)->assertOk()->json();
    expect($tried['outlayCents'])->toBe(5000 + 80 * 30)->and(($this->sheet)()['terms']['hourCents'])->toBe(3500);

    $this->putJson("/api/days/{$this->day->id}/money", $terms)->assertNoContent();
    $kept = ($this->sheet)();
    expect($kept)->toEqual($tried)->and(($this->sheet)())->toEqual($kept)->and($kept['breakEvenFaces'])->toBe((int) ceil(7400 / 350))
        ->and($kept['breakEvenAt'])->toBeGreaterThan($kept['day']['opensAt'])->toBeLessThan($kept['day']['closesAt']);

    // The rates hold for other days of the team, the way does not.
    $other = $this->scene->day(1, $this->scene->design('Crab nose'));
    expect($this->getJson("/api/days/{$other->id}/money")->json('terms'))->toMatchArray(['hourCents' => 5000, 'kilometres' => 0]);
});

it('says so where no design has a price, or nothing is ever brought back', function (): void {
    MenuItem::query()->update(['price_cents' => null]);
    expect(($this->sheet)())->toMatchArray(['faceOrHour' => null, 'meanPriceCents' => 0]);
    $terms = ($this->terms)(pitchCents: 5000);
    expect($this->postJson("/api/days/{$this->day->id}/money", $terms)->json('breakEvenFaces'))->toBeNull();
});

it('refuses amounts that nobody is paid', function (array $changed, string $said): void {
    $this->putJson("/api/days/{$this->day->id}/money", ($this->terms)(...$changed))->assertUnprocessable()
        ->assertJsonFragment(['message' => $said]);
    expect(Team::query()->findOrFail($this->day->team_id)->hour_cents)->toBeNull();
})->with([
    [['hourCents' => -1], 'That is no amount to be paid. Type one from 0 up.'],
    [['pitchCents' => 1_000_000_000], 'That is no amount to be paid. Type one from 0 up.'],
    [['kilometres' => 100_000], 'Give the way as whole kilometres, 0 to 2000.'],
    [['travelMinutes' => -5], 'Give the way in minutes, 0 to 1440.'],
]);

it('keeps the figures when a team is paid in another currency', function (): void {
    $this->putJson("/api/days/{$this->day->id}/money", ($this->terms)(hourCents: 4550, pitchCents: 2500))->assertNoContent();
    $plan = $this->getJson("/api/days/{$this->day->id}/plan")->json('terms');
    $this->putJson("/api/days/{$this->day->id}/plan", [...$plan, 'bookingCents' => 18_000])->assertOk();
    $others = Scene::team('Others');
    $theirs = $others->day(1, $others->design());

    expect($this->putJson('/api/currency', ['currency' => 'jpy'])->assertOk()->json('currency'))->toBe('JPY')
        ->and(($this->sheet)()['terms'])->toMatchArray(['hourCents' => 46, 'pitchCents' => 25])
        ->and(EventPlan::query()->find($this->day->id)->booking_cents)->toBe(180)
        ->and($this->day->menuItems()->get()->pluck('price_cents')->all())->toBe([4, 4])
        ->and($theirs->menuItems()->get()->pluck('price_cents')->all())->toBe([400]);
    $this->putJson('/api/currency', ['currency' => 'KWD'])->assertOk();
    expect($this->day->menuItems()->get()->pluck('price_cents')->all())->toBe([4000, 4000]);
    $this->putJson('/api/currency', ['currency' => 'DEM'])->assertUnprocessable()->assertJsonPath(
        'errors.currency.0',
        'Nobody is paid in “DEM” today. Choose a currency by its three letters, such as EUR.',
    );
});

it('counts the hours of whoever sits, and pays for the place only by the face', function (): void {
    $painter = $this->scene->painter;
    $this->putJson("/api/days/{$this->day->id}/roster", ['shifts' => [
        ['chair' => 1, 'painterId' => $painter->id, 'from' => ''], ['chair' => 1, 'painterId' => null, 'from' => '13:30'],
    ]])->assertOk();
    $sheet = ($this->sheet)();
    // Two and a half of the five hours, and set-up and pack-up around them.
    expect($sheet['hours'])->toBe(2.5)->and(array_column($sheet['quote'], 'cents', 'part')['painting'])->toBe(8750);
    $free = $this->postJson("/api/days/{$this->day->id}/money", ($this->terms)())->json('faceOrHour');
    $paid = $this->postJson("/api/days/{$this->day->id}/money", ($this->terms)(pitchCents: 4000))->json('faceOrHour');
    expect($free['byFaceCents'] - $paid['byFaceCents'])->toBe(4000)->and($paid['byHourCents'])->toBe($free['byHourCents']);
});

it('prices by the chair’s minutes, whoever plans with a lever', function (): void {
    $long = $this->scene->design('Octopus brow', Tests\Core\Paint::step(Scene::ulid(), 300, name: 'Arms'));
    $day = $this->scene->day(1, $this->scene->design('Crab nose'), $long);
    $terms = $this->getJson("/api/days/{$day->id}/plan")->json('terms');
    $designs = fn (): array => $this->getJson("/api/days/{$day->id}/money")->assertOk()->json('designs');
    $priced = fn (): array => array_column($designs(), 'wantedCents', 'name');
    $before = $priced();
    expect($before['Octopus brow'])->toBeGreaterThan(2 * $before['Crab nose']);
    $this->putJson("/api/days/{$day->id}/plan", [...$terms, 'levers' => ['longest_off']])->assertOk();
    expect(array_keys($priced()))->toBe(['Crab nose']);
});
