<?php

declare(strict_types=1);

use App\Models\Bench\Design;
use App\Models\Line\Ticket;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use Core\Design\Place\Placement;
use Tests\Scene;

beforeEach(function (): void {
    $this->scene = Scene::team();
    $team = $this->scene->painter->team_id;
    foreach (range(1, 7) as $number) {
        // Two begin at the same moment, and two have the same name.
        $day = EventDay::ofTeam($team)->create([
            'team_id' => $team, 'name' => "Day {$number}", 'place' => '', 'timezone' => 'UTC', 'opens_ms' => 1000 * min($number, 6),
            'closes_ms' => 9_000_000, 'chairs' => 1, 'turnaround_ms' => 0,
        ]);
        $design = Design::ofTeam($team)->create(['team_id' => $team, 'name' => 'Wave '.min($number, 6), 'placement' => Placement::Cheek]);
        foreach ($number === 3 ? [] : range(1, $number) as $face) {
            $ticket = Ticket::query()->create(['id' => Scene::ulid(), 'event_day_id' => $day->id, 'number' => $face]);
            Face::ofTeam($team)->insert([
                'ticket_id' => $ticket->id, 'team_id' => $team, 'event_day_id' => $day->id, 'design_id' => $design->id,
                'design_name' => '', 'chair' => 1, 'outcome' => 'finished',
                'seated_ms' => 0, 'ended_ms' => 1, 'planned_ms' => 1, 'painted_ms' => 1000 * $face,
            ]);
        }
    }
    Scene::team('Others')->day(1);
    $this->actingAs($this->scene->painter);
});

it('reads a list page by page, each thing once, in one order', function (string $list, string $id, string $name, array $names): void {
    $read = [];
    $after = '';
    do {
        $page = $this->getJson("/api/{$list}?first=3{$after}")->assertOk()->json();
        $read = [...$read, ...$page];
        $after = $page === [] ? '' : '&after='.data_get(end($page), $id);
    } while (count($page) === 3);

    expect(array_map(static fn (array $one): mixed => data_get($one, $name), $read))->toEqual($names)
        ->and(array_unique(array_map(static fn (array $one): mixed => data_get($one, $id), $read)))->toHaveCount(count($names));
})->with([
    'days' => ['days', 'id', 'opensAt', [6000, 6000, 5000, 4000, 3000, 2000, 1000]],
    'designs' => ['designs', 'id', 'name', ['Wave 1', 'Wave 2', 'Wave 3', 'Wave 4', 'Wave 5', 'Wave 6', 'Wave 6']],
    // Nothing was painted on the third.
    'logbook' => ['logbook', 'day.id', 'day.opensAt', [6000, 6000, 5000, 4000, 2000, 1000]],
]);

it('adds up the faces of each day in the logbook', function (): void {
    $days = array_column($this->getJson('/api/logbook')->json(), null, 'faces');

    expect(array_keys($days))->toEqualCanonicalizing([7, 6, 5, 4, 2, 1])->and($days[4]['paintedMs'])->toBe(10_000);
});

it('refuses pages that cannot be, and has nothing after what is not there', function (): void {
    $this->getJson('/api/days?first=0')->assertUnprocessable();
    $this->getJson('/api/days?first=101')->assertUnprocessable();
    $this->getJson('/api/days?after=soon')->assertUnprocessable();
    $this->getJson('/api/days?after='.Scene::ulid())->assertExactJson([]);
});

it('adds up each year, and how many faces an hour in the chair brings', function (): void {
    $first = $this->getJson('/api/logbook')->json(0);
    expect($first['chairMs'])->toBe($first['faces']);
    EventDay::ofTeam($this->scene->painter->team_id)->where('name', 'Day 7')->update(['opens_ms' => 1_762_515_000_000]);
    // Days 1, 2, 4, 5 and 6 lie in 1970, day 7 in 2025; nothing of others is counted, nor what nobody finished.
    Face::ofTeam($this->scene->painter->team_id)->where('painted_ms', 2000)->limit(1)->update(['outcome' => 'left']);
    $years = $this->getJson('/api/logbook/years')->assertOk()->json();
    $faces = array_column($years, 'faces', 'year');
    expect(array_column($years, 'days', 'year'))->toBe([2025 => 1, 1970 => 5])
        ->and(array_sum($faces))->toBe(1 + 2 + 4 + 5 + 6 + 7 - 1)->and($years[0]['chairMs'])->toBe($faces[2025]);
});
