<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Practice\PracticeRun;
use Core\Design\Place\Side;
use Core\Units\Duration;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design(
        'Wave band',
        Paint::step(Scene::ulid(), 40, name: 'Blue wave'),
        Paint::step(Scene::ulid(), 20, tool: 'round sponge', name: 'Foam'),
    );
    [$this->wave, $this->foam] = $this->design->steps->pluck('id')->all();
    $this->repeat = fn (array $what, int ...$seconds): array => array_map(
        fn (int $one): string => (string) tap(
            $id = Scene::ulid(),
            fn () => $this->postJson('/api/practice/runs', ['id' => $id, 'spentMs' => $one * 1000, ...$what])->assertOk(),
        ),
        array_values($seconds),
    );
});

it('keeps repetitions of a drill, left against right, each once', function (): void {
    ($this->repeat)(['drill' => 'teardrop', 'side' => 'left'], 14, 12, 11);
    ($this->repeat)(['drill' => 'teardrop', 'side' => 'right'], 9, 8);
    $id = Scene::ulid();
    foreach ([1, 2] as $_) {
        $this->postJson('/api/practice/runs', ['id' => $id, 'spentMs' => 8000, 'drill' => 'teardrop', 'side' => 'right'])->assertOk();
    }

    $sheet = $this->getJson('/api/practice/board?drill=teardrop&aim=9s')->assertOk()->assertJsonPath('title', 'Three teardrops')
        ->assertJsonPath('targetMs', 9000)->assertJsonPath('sides.*.side', ['left', 'right'])->assertJsonPath(
            'lastMs',
            now()->getTimestampMs(),
        );
    expect(array_column($sheet->json('sides.0.repetitions'), 'ms'))->toBe([14_000, 12_000, 11_000])
        ->and(array_column($sheet->json('sides.1.repetitions'), 'nth'))->toBe([1, 2, 3])
        ->and($sheet->json('sides.0.pace.middleMs'))->toBeGreaterThan($sheet->json('sides.1.pace.middleMs'))
        ->and($sheet->json('sides.0.aheadMs'))->toBeLessThan($sheet->json('sides.0.pace.middleMs'))
        // From the first repetition to eight that are to come.
        ->and(array_column($sheet->json('sides.0.curve'), 'nth'))->toBe(range(1, 12));
});

it('says which strokes of a design are the weakest', function (): void {
    ($this->repeat)(['design' => $this->design->id, 'step' => $this->foam], 60, 61, 60, 59);

    $this->getJson("/api/practice/board?design={$this->design->id}")->assertOk()
        ->assertJsonPath('strokes.*.name', ['Foam', 'Blue wave'])
        ->assertJsonPath('strokes.1.percent', null);
    expect($this->getJson("/api/practice/board?design={$this->design->id}")->json('strokes.0.percent'))->toBeGreaterThan(150);
    $this->getJson('/api/practice/board?drill=teardrop')->assertJsonPath('strokes', []);
});

it('counts to the pace of a step, with half the weight of a face', function (): void {
    ($this->repeat)(['design' => $this->design->id, 'step' => $this->foam], 30, 31, 30, 29);

    $this->getJson("/api/designs/{$this->design->id}")->assertOk()
        ->assertJsonPath(
            'steps.*.timeSource',
            ['typed', 'logged'],
        )->assertJsonPath('steps.1.timePractised', 4)->assertJsonPath('steps.1.timeFaces', 0);
    $pace = $this->getJson("/api/practice/board?design={$this->design->id}&step={$this->foam}")->json('sides.0.pace');
    expect($pace['middleMs'])->toBeGreaterThan(22_000)->toBeLessThan(30_000);
});

it('shows the board up to the step, and takes one side alone where that is wished', function (): void {
    $board = $this->getJson("/api/practice/board?design={$this->design->id}&step={$this->foam}&side=left")->assertOk()
        ->assertJsonPath(
            'steps.*.name',
            ['Blue wave', 'Foam'],
        )->assertJsonPath('practised', [$this->foam])->assertJsonPath('sides.*.side', ['left', 'right']);
    expect($board->json('sides.0.plannedMs'))->toBe(20_000);
    $this->getJson("/api/practice/board?design={$this->design->id}")->assertJsonPath('sides.*.side', [null])
        ->assertJsonPath('targetMs', 75_000)
        ->assertJsonPath('practised', [$this->wave, $this->foam]);
});

it('says when a design is ready for its promise', function (): void {
    $ready = fn (): mixed => array_column(
        (array) $this->getJson('/api/practice')->assertOk()->json('designs'),
        'readyAfter',
        'designId',
    )[$this->design->id];
    // Nothing is logged, and the plan leaves little room for a slow one.
    expect($ready())->not->toBe(0);

    ($this->repeat)(['design' => $this->design->id], 68, 66, 67, 65, 66, 64, 66, 65, 67, 64, 66, 65, 66, 64);
    expect($ready())->toBe(0);

    ($this->repeat)(['design' => $this->design->id], 160, 150, 170, 160, 155, 150, 158, 149);
    expect($ready())->not->toBe(0);
});

it('tells what to practise next: what wins most minutes over the booked days', function (): void {
    $rare = $this->scene->design('Crab nose', Paint::step(Scene::ulid(), 20, name: 'Shell'));
    expect($this->getJson('/api/practice')->assertOk()->json('next'))->toBe([]);

    $this->scene->day(2, $this->design);
    $next = $this->getJson('/api/practice')->json('next');
    expect(array_column($next, 'name'))->toBe(['Blue wave, Wave band', 'Foam, Wave band'])
        ->and($next[0]['winMs'])->toBeGreaterThan($next[1]['winMs'])
        ->and(array_column($next, 'designId'))->not->toContain($rare->id)
        // Two chairs for the four hours that are left, some 60 seconds a face and a minute between them.
        ->and($this->getJson('/api/practice')->json('faces'))->toEqualWithDelta(2 * 4 * 3600 / 120, 3.0);

    // Nobody wins what cannot get any quicker.
    ($this->repeat)(['design' => $this->design->id, 'step' => $this->wave], ...array_fill(0, 40, 40));
    expect(array_column($this->getJson('/api/practice')->json('next'), 'name'))->toBe(['Foam, Wave band', 'Blue wave, Wave band']);
});

it('takes a repetition back', function (): void {
    [, $second] = ($this->repeat)(['design' => $this->design->id, 'step' => $this->foam], 30, 31, 3);

    $this->deleteJson("/api/practice/runs/{$second}")->assertNoContent();
    expect(PracticeRun::query()->pluck('spent_ms')->all())->toEqualCanonicalizing([30_000, 3_000]);
    $this->deleteJson("/api/practice/runs/{$second}")->assertStatus(404);
});

it('refuses what makes no sense', function (array $what, string $says): void {
    $this->postJson(
        '/api/practice/runs',
        ['id' => Scene::ulid(), 'spentMs' => 9000, ...$what],
    )->assertStatus(422)->assertJsonPath('message', $says);
})->with([
    'nothing' => [[], 'Say what is practised: a stroke, or a design. (and 1 more error)'],
    'no time' => [['drill' => 'dots', 'spentMs' => 0], 'That repetition took no time, or more than an hour. Start again.'],
    'no time to aim at' => [['drill' => 'dots', 'aim' => 'soon'], '“soon” is no time. Type it such as 0:40, 40s or 3:30.'],
]);

it('keeps others’ designs and runs apart', function (): void {
    $others = Scene::team('Others');
    $theirs = $others->design();
    $this->postJson('/api/practice/runs', ['id' => Scene::ulid(), 'spentMs' => 9000, 'design' => $theirs->id])->assertStatus(422);
    $this->postJson(
        '/api/practice/runs',
        ['id' => Scene::ulid(), 'spentMs' => 9000, 'design' => $this->design->id, 'step' => Scene::ulid()],
    )->assertStatus(422)
        ->assertJsonPath('message', 'That step is not in the design any more. Choose another.');
    [$id] = ($this->repeat)(['drill' => 'dots', 'side' => 'left'], 9);

    $this->actingAs($others->painter)->deleteJson("/api/practice/runs/{$id}")->assertStatus(404);
    expect(PracticeRun::query()->sole()->side)->toBe(Side::Left);
});

it('lets a new painter start from the team’s pace, and each painter have an own one', function (): void {
    ($this->repeat)(['design' => $this->design->id, 'step' => $this->foam], ...array_fill(0, 20, 30));
    $tobi = app(Members::class)->add('Saltmarsh Faces', 'Tobi', 'tobi@example.org', 'a long password');
    $tobi->update(['team_id' => $this->scene->painter->team_id]);
    $time = fn (): mixed => $this->getJson("/api/designs/{$this->design->id}")->json('steps.1');

    $ines = $time();
    $this->actingAs($tobi);
    expect($time())->toMatchArray(['timeSource' => 'team', 'timeMs' => $ines['timeMs']]);

    ($this->repeat)(['design' => $this->design->id, 'step' => $this->foam], 50, 52, 49, 51);
    $own = $time();
    expect($own['timeSource'])->toBe('logged')->and($own['timeMs'])->toBeGreaterThan($ines['timeMs'])->toBeLessThan(50_000);
    $this->actingAs($this->scene->painter);
    // Ines keeps an own pace, which Tobi’s hardly moves.
    expect($time()['timeSource'])->toBe('logged')->and(Duration::ofMilliseconds($time()['timeMs'])->seconds())->toEqualWithDelta(29.0, 2.5);
});
