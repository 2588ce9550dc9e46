<?php

declare(strict_types=1);

use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Models\Plan\EventDay;
use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Technique;
use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Units\Duration;
use Illuminate\Testing\TestResponse;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    // 40 s of blue; 20 s of foam, of which 4 s to take up another sponge.
    $this->design = $this->scene->design(
        'Wave band',
        Paint::step(Scene::ulid(), 40, name: 'Blue wave'),
        Paint::step(Scene::ulid(), 20, tool: 'round sponge', name: 'Foam'),
    );
    $this->day = $this->scene->day(1, $this->design);
});

/**
 * Paints faces one after the other and closes the line.
 *
 * @param  list<array{int, int}>  $faces  seconds from tap to tap of the two steps
 */
function painted(EventDay $day, Design $design, array $faces, bool $closes = true): void
{
    $at = now()->subHour()->getTimestampMs();
    $taps = [Scene::tap('opened', $at)];
    foreach ($faces as $seconds) {
        $ticket = Scene::ulid();
        $taps[] = Scene::tap('joined', $at, ticket: $ticket, design: $design->id);
        $taps[] = Scene::tap('seated', $at, ticket: $ticket, chair: 1, plan: $design->plan_id);
        foreach ($design->steps as $index => $step) {
            $at += $seconds[$index] * 1000;
            $taps[] = Scene::tap('step_done', $at, ticket: $ticket, step: $step->id);
        }
        $taps[] = Scene::tap('finished', ++$at, ticket: $ticket);
    }
    if ($closes) {
        $taps[] = Scene::tap('closed', ++$at);
    }
    test()->postJson("/api/days/{$day->id}/taps", ['taps' => $taps])->assertOk()->assertJsonPath(
        'outcomes.*.fate',
        array_fill(0, count($taps), 'kept'),
    );
}

/**
 * What the core makes of such runs.
 *
 * @param  list<int>  $seconds  the first ones
 * @param  int  $nth  repetitions there were in all
 */
function pace(int $planned, array $seconds, int $nth): Pace
{
    $runs = array_map(static fn (int $one, int $at): Run => new Run($one * 1000, $at + 1), $seconds, array_keys($seconds));

    return Pace::of(Duration::ofSeconds($planned), count($runs) < $nth ? [...$runs, new Run(1, $nth)] : $runs);
}

/** @return TestResponse<Symfony\Component\HttpFoundation\Response> */
function bench(Design $design): TestResponse
{
    return test()->getJson("/api/designs/{$design->id}")->assertOk();
}

it('believes the log from two faces on, once the line is closed, without what is not the step’s own', function (): void {
    painted($this->day, $this->design, [[50, 36], [60, 26], [400, 30]]);
    // The tap after 400 seconds is a slip; four seconds of the second step are the change of sponges, in what was typed and in
    // what was tapped.
    $wave = pace(40, [50, 60], 3);
    $foam = pace(16, [32, 22, 26], 3);

    bench($this->design)
        ->assertJsonPath('steps.*.timeSource', ['logged', 'logged'])
        ->assertJsonPath('steps.*.timeFaces', [2, 3])
        ->assertJsonPath('steps.*.timeMs', [$wave->middle()->milliseconds, $foam->middle()->milliseconds])
        ->assertJsonPath('steps.*.eightOfTenMs', [$wave->eightOfTen()->milliseconds, $foam->eightOfTen()->milliseconds])
        ->assertJsonPath('steps.*.time', ['0:40', '0:20'])
        ->assertJsonPath('totalMs', $total = $wave->middle()->milliseconds + 4000 + $foam->middle()->milliseconds);
    $this->getJson('/api/designs')->assertJsonPath('0.totalMs', $total);
});

it('believes what was typed while the line is open, or after one face only', function (array $faces, bool $closes): void {
    painted($this->day, $this->design, $faces, $closes);

    bench($this->design)->assertJsonPath('steps.*.timeSource', ['typed', 'typed'])->assertJsonPath('totalMs', 60_000);
})->with([[[[50, 36], [60, 26]], false], [[[50, 36]], true]]);

it('believes a newly typed time before the log of the old one, and a new name changes nothing', function (): void {
    painted($this->day, $this->design, [[50, 36], [60, 26]]);
    [$wave, $foam] = $this->design->steps->all();
    $whole = static fn (Step $step, array $change): array => [
        'id' => $step->id, 'medium' => 'sponge', 'colours' => [['name' => '', 'hex' => '#8593a0']], 'zones' => ['cheek'],
        'side' => 'both', 'coats' => 1,
        'dryFor' => '', 'optional' => false, 'note' => '', ...$change,
    ];

    $this->putJson("/api/designs/{$this->design->id}", [
        'revision' => 1, 'name' => 'Wave band', 'placement' => 'cheek', 'promise' => '',
        'steps' => [
            $whole($wave, ['name' => 'Deep wave', 'tool' => 'half sponge', 'time' => '0:40']),
            $whole($foam, ['name' => 'Foam', 'tool' => 'round sponge', 'time' => '0:15']),
        ],
    ])->assertOk()->assertJsonPath('steps.*.timeSource', ['logged', 'typed'])->assertJsonPath(
        'steps.*.timeMs',
        [pace(40, [50, 60], 2)->middle()->milliseconds, 15_000],
    );
});

it('learns from the log that paint dries faster where painters went on early and mended nothing, and says so', function (): void {
    $night = $this->scene->design(
        'Starry night',
        Paint::step(
            id: Scene::ulid(),
            seconds: 20,
            medium: Medium::Brush,
            tool: 'wash brush',
            colours: ['#1b2a52'],
            zones: [Zone::Cheek, Zone::Cheekbone],
            name: 'Night',
            technique: Technique::Fill,
        ),
        Paint::step(
            id: Scene::ulid(),
            seconds: 14,
            medium: Medium::Brush,
            tool: 'round 2',
            colours: ['#fafaf7'],
            zones: [Zone::Cheek],
            name: 'Stars',
            technique: Technique::Starburst,
        ),
    );
    $day = $this->scene->day(1, $night);
    // Stars want 28 s; the hands were at them after the 4 s of taking up the brush each time. No more than twice as fast is believed.
    painted($day, $night, array_fill(0, 5, [20, 14]));

    $this->getJson('/api/ways')->assertJsonPath('workedTimes', 5)->assertJsonPath('dries', 2);
    expect($this->getJson('/api/ways')->json('rests'))->toContain('without a repair');
    $this->deleteJson('/api/ways/work')->assertOk()->assertJsonPath('workedTimes', 0)->assertJsonPath('dries', 1);
});

it('learns nothing of drying from a few faces', function (): void {
    painted($this->day, $this->design, [[40, 20], [40, 20]]);

    $this->getJson('/api/ways')->assertJsonPath('workedTimes', 0)->assertJsonPath('dries', 1);
});
