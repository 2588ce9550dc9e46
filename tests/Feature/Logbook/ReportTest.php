<?php

declare(strict_types=1);

use App\Logbook\Pace\LearnPaces;
use App\Models\Menu\MenuItem;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->now = now()->getTimestampMs();
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design(
        '=Wave, "band"',
        Paint::step($this->base = Scene::ulid(), 40, name: 'Blue wave'),
        Paint::step($this->foam = Scene::ulid(), 20, name: 'Foam'),
    );
    $this->day = $this->scene->day(1, $this->design);
    MenuItem::query()->where('event_day_id', $this->day->id)->update(['price_cents' => 450]);
    $this->tickets = [Scene::ulid(), Scene::ulid(), Scene::ulid()];
    $at = $this->now - 3_000_000;
    $taps = [Scene::tap('opened', $at)];
    foreach ($this->tickets as $ticket) {
        $about = ['ticket' => $ticket];
        $taps = [
            ...$taps,
            Scene::tap('joined', $at += 1_000, ticket: $ticket, design: $this->design->id),
            Scene::tap('seated', $at += 5_000, ticket: $ticket, chair: 1, plan: $this->design->plan_id),
            Scene::tap('asked', $at += 15_000, ticket: $ticket, answers: []),
            Scene::tap('step_done', $at += 60_000, ticket: $ticket, step: $this->base),
            Scene::tap('step_done', $at += 30_000, ticket: $ticket, step: $this->foam),
            Scene::tap('part_done', $at += 10_000, ticket: $ticket, part: 'mirror'),
            Scene::tap('paid', $at += 12_000, ticket: $ticket, cents: 450, payment: 'cash'),
            Scene::tap('finished', $at += 20_000, ticket: $ticket),
        ];
    }
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [
        ...$taps,
        Scene::tap('joined', $at += 1_000, ticket: $gone = Scene::ulid(), design: $this->design->id),
        Scene::tap('no_show', $at + 5_000, ticket: $gone),
    ]])->assertOk();
});

it('tells the day in a minute: faces, takings, where the minutes went, and what to change', function (): void {
    $report = $this->getJson("/api/days/{$this->day->id}/report")->assertOk();
    $minutes = array_column($report->json('minutes'), 'ms', 'part');

    expect($report->json('faces'))->toBe(3)->and($report->json('lost'))->toBe(1)->and($report->json('cents'))->toBe(1350)
        ->and($minutes['greeting'])->toBe(45_000)->and($minutes['mirror'])->toBe(30_000)->and($minutes['pay'])->toBe(36_000)
        ->and($minutes['rest'])->toBe(60_000)->and($minutes['painting'] + $minutes['tools'])->toBe(270_000)
        ->and($report->json('designs.0.faces'))->toBe(3)->and($report->json('looked'))->toBe(3)
        ->and(implode(' ', $report->json('changes.*.words')))->toContain('“Blue wave” of');
});

it('writes the faces down for a spreadsheet, and lets no name run as a formula', function (): void {
    $csv = (string) $this->get("/api/days/{$this->day->id}/faces.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')
        ->getContent();
    $lines = explode("\r\n", $csv);
    $first = array_combine(str_getcsv($lines[0], escape: ''), str_getcsv($lines[1], escape: ''));

    // RFC 4180: lines end in CRLF, quotes are doubled.
    expect($lines)->toHaveCount(5)->and($lines[4])->toBe('')->and($lines[1])->toContain('"\'=Wave, ""band"""')
        ->and($first['design'])->toBe('\'=Wave, "band"')->and($first['greeting_s'])->toBe('15.0')->and($first['paid'])->toBe('450')
        ->and($first['seated'])->toMatch('/^2026-11-07T11:1\d:\d\dZ$/');
});

it('mends a time that a forgotten tap made long, keeps the old one, and says what it cannot mend', function (): void {
    $mend = fn (int $position, mixed $ms) => $this->putJson(
        "/api/days/{$this->day->id}/faces/{$this->tickets[0]}/steps/{$position}",
        ['spentMs' => $ms],
    );
    $mend(0, 45_000)->assertOk()->assertJsonPath('faces.0.steps.0.spentMs', 45_000)
        ->assertJsonPath('faces.0.steps.0.mendedFromMs', 60_000)->assertJsonPath('faces.0.paintedMs', 75_000);
    $mend(0, 41_000)->assertOk()->assertJsonPath('faces.0.steps.0.mendedFromMs', 60_000);
    $mend(9, 45_000)->assertStatus(422)->assertJsonPath('message', 'That face has no such step.');
    $mend(0, 10)->assertStatus(422)->assertJsonPath('message', 'A step takes a second at least and four hours at most.');
});

it('has nothing to tell of a day without faces', function (): void {
    $this->getJson('/api/days/'.$this->scene->day(2, $this->design)->id.'/report')->assertOk()
        ->assertJsonPath('faces', 0)->assertJsonPath('changes', []);
});

it('says what to practise once it is learned from, and what to buy before another such day', function (): void {
    $report = fn () => $this->getJson("/api/days/{$this->day->id}/report")->assertOk();
    $this->postJson('/api/kit', [
        'kind' => 'wipe', 'name' => 'wipes', 'howMany' => 5, 'colours' => [], 'skinSafe' => true, 'latex' => false, 'gel' => false,
        'selfStick' => false,
    ])->assertOk();
    expect($report()->json('practise'))->toBe([]);

    for ($more = 0, $at = $this->now - 2_000_000, $taps = []; $more < 9; $more++) {
        $about = ['ticket' => Scene::ulid()];
        $taps = [
            ...$taps,
            Scene::tap('joined', $at += 1_000, ...$about, design: $this->design->id),
            Scene::tap('seated', $at += 5_000, ...$about, chair: 1, plan: $this->design->plan_id),
            Scene::tap('step_done', $at += (int) (60_000 * ($more + 4) ** -0.35 * 3 ** 0.35), ...$about, step: $this->base),
            Scene::tap('step_done', $at += 30_000, ...$about, step: $this->foam),
            Scene::tap('finished', $at += 20_000, ...$about),
        ];
    }
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertOk();
    app(LearnPaces::class)($this->day);
    $practise = $report()->json('practise');
    $wipes = array_column($report()->json('stock'), null, 'name')['wipes'];

    expect(array_column($practise, 'step')[0])->toBe('Blue wave')->and($practise[0])->toMatchArray(['painter' => 'Ines', 'times' => 12])
        // Twelve times what ten more repetitions win each, on a curve like T. P. Wright's (1936).
        ->and($practise[0]['winMs'] / 12)->toBeGreaterThan(2_500)->toBeLessThan($practise[0]['takesMs'] / 2)
        // Two wipes a face, five in the packet: all are gone, and another day would want as many again.
        ->and($wipes)->toMatchArray(['unit' => 'pieces', 'used' => 24, 'left' => 0, 'missing' => 24]);
});
