<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Account\Ways\BenchOfPainter;
use App\Logbook\Pace\LearnDesign;
use App\Logbook\Pace\LearnFromDay;
use App\Logbook\Pace\LearnPaces;
use App\Logbook\Pace\RunsOfDesign;
use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use App\Models\Logbook\PaceFit;
use Core\Kit\BenchAction;
use Core\Pace\Run;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design('Wave band', Paint::step($this->base = Scene::ulid(), 40, name: 'Blue wave'));
    $this->day = $this->scene->day(1, $this->design);
});

/** @return list<array<string, mixed>> the taps of so many faces, and of the line's end */
function facesAndEnd(int $faces): array
{
    $test = test();
    $at = now()->subHours(2)->getTimestampMs();
    $taps = [Scene::tap('opened', $at)];
    for ($face = 1; $face <= $faces; $face++) {
        $ticket = Scene::ulid();
        $taps[] = Scene::tap('joined', ++$at, ticket: $ticket, design: $test->design->id);
        $taps[] = Scene::tap('seated', ++$at, ticket: $ticket, chair: 1, plan: $test->design->plan_id);
        $taps[] = Scene::tap('step_done', $at += 30_000 + $face * 100, ticket: $ticket, step: $test->base);
        $taps[] = Scene::tap('finished', ++$at, ticket: $ticket);
    }

    return [...$taps, Scene::tap('closed', ++$at)];
}

it('leaves learning to the queue when the line is closed, once for a day', function (): void {
    Queue::fake();
    $taps = facesAndEnd(3);
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertOk()->assertJsonPath('news.line.isOpen', false);
    $at = end($taps)['at'];
    $this->postJson(
        "/api/days/{$this->day->id}/taps",
        ['taps' => [Scene::tap('opened', $at + 10), Scene::tap('closed', $at + 20)]],
    )->assertOk();

    Queue::assertPushed(LearnFromDay::class, 1);
    expect(PaceFit::query()->exists())->toBeFalse();
});

it('leaves learning to the queue when somebody practises', function (): void {
    Queue::fake();
    $this->postJson(
        '/api/practice/runs',
        ['id' => Scene::ulid(), 'design' => $this->design->id, 'step' => $this->base, 'spentMs' => 30_000],
    )->assertSuccessful();

    Queue::assertPushed(LearnDesign::class, 1);
});

it('tells how far it is, and that it is done', function (): void {
    Queue::fake();
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => facesAndEnd(2)])->assertOk();
    $told = [];
    app(LearnPaces::class)($this->day, function (int $done, int $total) use (&$told): void {
        $told[] = [$done, $total];
    });
    expect($told)->toBe([[0, 1]])->and(PaceFit::query()->exists())->toBeTrue();

    cache()->put("learning-from-{$this->day->id}", [3, 40], 60);
    $read = fn () => $this->getJson("/api/days/{$this->day->id}/line")->assertOk();
    $read()->assertJsonPath('learning', ['done' => 3, 'total' => 40]);
    (new LearnFromDay($this->day->team_id, $this->day->id))->handle(app(LearnPaces::class));
    $read()->assertJsonPath('learning', null);
});

it('learns nothing of a day that is gone', function (): void {
    (new LearnFromDay($this->day->team_id, Scene::ulid()))->handle(app(LearnPaces::class));
    (new LearnDesign($this->day->team_id, Scene::ulid()))->handle(app(LearnPaces::class));
    expect(PaceFit::query()->exists())->toBeFalse();
});

it('reads only the newest runs of a thing, and knows how many there were', function (): void {
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => array_slice(facesAndEnd(124), 0, 499)])->assertOk();
    $design = Design::query()->with(['steps', 'plan'])->findOrFail($this->design->id);
    $queries = 0;
    app(Dispatcher::class)->listen(QueryExecuted::class, static function () use (&$queries): void {
        $queries++;
    });
    $runs = app(RunsOfDesign::class)($design);

    expect($queries)->toBeGreaterThan(0)->toBeLessThan(8);
    foreach ([$runs['steps'], $runs['faces']] as $byThing) {
        $own = array_values($byThing)[0][$this->scene->painter->id];
        expect($own)->toHaveCount(120)->and($own[0])->toEqual(new Run(30_500, 5))->and($own[119]->nth)->toBe(124);
    }
});

it('reads them by the index', function (): void {
    $explain = DB::table('paces')->getConnection()->select(
        "EXPLAIN SELECT own_ms FROM face_steps WHERE design_id = 'd' AND tells = 1 AND way = 'w' AND painter_id = 'p' ORDER BY "
            .'ended_ms DESC LIMIT 120',
    );

    expect($explain[0]->key)->toBe('face_steps_newest')->and($explain[0]->Extra)->not->toContain('filesort');
});

it('plans for the team, whoever touched a design last', function (): void {
    $slow = app(Members::class)->add($this->scene->painter->team->name, 'Mara', 'mara@example.org', 'a long password');
    $two = $this->scene->design(
        'Seal pup',
        Paint::step(Scene::ulid(), 40, tool: 'round sponge', name: 'Grey'),
        Paint::step(Scene::ulid(), 30, tool: 'half sponge', name: 'Nose'),
    );
    $this->actingAs($slow)->putJson('/api/kit/hands/pick_up', ['repetitions' => [21_000, 21_000, 21_000]])->assertOk();
    $this->actingAs($this->scene->painter)->putJson('/api/kit/hands/pick_up', ['repetitions' => [1000, 1000, 1000]])->assertOk();
    $menu = ['items' => [['designId' => $two->id, 'promise' => '2:00', 'priceCents' => null]]];
    $plans = [];
    foreach ([$this->scene->painter, $slow, $this->scene->painter] as $painter) {
        $this->actingAs($painter)->putJson("/api/days/{$this->day->id}/menu", $menu)->assertOk();
        $this->postJson('/api/kit', ['kind' => 'brush', 'name' => "round brush of {$painter->name} ".count($plans)]);
        $plans[] = [
            Design::query()->findOrFail($two->id)->plan_id,
            DesignRung::query()->where('design_id', $two->id)->orderBy('name')->pluck('plan_id')->all(),
        ];
    }

    expect($plans[1])->toBe($plans[0])->and($plans[2])->toBe($plans[0])
        // Each one alone is as slow or as quick as these hands: the team's is between them.
        ->and(app(BenchOfPainter::class)->ofTeam($slow->team_id)->benchTimes->of(BenchAction::PickUp)->milliseconds)->toBe(11_000);
});
