<?php

declare(strict_types=1);

use App\Models\Plan\KeptForecast;
use App\Models\Search\Search;
use App\Plan\Forecast\KeepForecast;
use App\Plan\Forecast\OutlineOfDay;
use App\Plan\Forecast\OutlookOfDay;
use App\Plan\Forecast\TermsOfDay;
use Core\Plan\Simulation\Tally;
use Illuminate\Support\Facades\DB;
use Tests\Core\Paint;
use Tests\Scene;

// One event has one outlook, wherever it is asked for.
beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->day = $this->scene->day(2, $this->scene->design('Wave band', Paint::step(Scene::ulid(), 150, name: 'Wave')));
    $this->actingAs($this->scene->painter);
    $this->plan = fn (mixed ...$changed): array => [
        ...$this->getJson("/api/days/{$this->day->id}/plan")->assertOk()->json('terms'), ...$changed,
    ];
    $this->ask = fn (string $what): array => $this->getJson("/api/days/{$this->day->id}/{$what}")->assertOk()->json();
});

it('says the same of an event on every screen', function (int $children): void {
    $terms = ($this->plan)(children: $children);
    $this->putJson("/api/days/{$this->day->id}/plan", $terms)->assertOk();
    $lines = explode("\n", $this->postJson("/api/days/{$this->day->id}/forecast", $terms)->assertOk()->getContent());
    $forecast = json_decode(end($lines), true, flags: JSON_THROW_ON_ERROR);
    $money = ($this->ask)('money');
    $chance = array_column(($this->ask)('checklist')['checks'], null, 'kind')['chance'];
    app()->call((new KeepForecast($this->day->team_id, $this->day->id))->handle(...));
    $kept = KeptForecast::query()->whereKey($this->day->id)->firstOrFail();

    expect($money['faces'])->toEqual($forecast['faces'])->and($money['facesFew'])->toBe($forecast['facesLow'])
        ->and(($this->ask)('packing')['faces'])->toBe($forecast['facesHigh'])
        ->and($chance['isFine'])->toBe($forecast['isKept'])
        ->and($kept->faces)->toEqualWithDelta($forecast['faces'], 0.05)
        ->and([$kept->faces_low, $kept->faces_high, $kept->wait_half_ms, $kept->wait_nine_ms])
        ->toBe([$forecast['facesLow'], $forecast['facesHigh'], $forecast['waitHalfMs'], $forecast['waitNineMs']]);
})->with(['a line that two chairs just hold' => 150, 'far too many' => 400, 'few' => 20]);

it('plays an event once, and answers at once from then on', function (): void {
    $terms = ($this->ask)('money')['terms'];
    $searches = Search::query()->count();
    $tried = $this->postJson("/api/days/{$this->day->id}/money", [...$terms, 'hourCents' => 5000])->assertOk();
    ($this->ask)('packing');
    ($this->ask)('checklist');

    expect($searches)->toBe(1)->and(Search::query()->count())->toBe(1)->and($tried->json('terms.hourCents'))->toBe(5000);

    // Another plan, another outlook: in place of the one before.
    $this->putJson("/api/days/{$this->day->id}/plan", ($this->plan)(children: 33))->assertOk();
    ($this->ask)('money');
    expect(Search::query()->count())->toBe(2)->and(DB::table('outlooks')->count())->toBe(1);
});

it('reads again what it kept', function (): void {
    $outline = app(OutlineOfDay::class)($this->day, app(TermsOfDay::class)($this->day));
    $played = app(OutlookOfDay::class)->played($this->day, $outline);
    $kept = app(OutlookOfDay::class)->played($this->day, $outline);

    expect($kept)->not->toBe($played)->toEqual($played)->and($kept->tally)->toBeInstanceOf(Tally::class);
});
