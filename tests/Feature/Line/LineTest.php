<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Line\ChairEvent;
use App\Models\Line\Ticket;
use App\Models\Logbook\Face;
use App\Models\Logbook\FaceStep;
use App\Models\Plan\EventDay;
use Core\Team\Role;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->now = now()->getTimestampMs();
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design(
        'Wave band',
        Paint::step($this->base = Scene::ulid(), 40, name: 'Blue wave'),
        Paint::step($this->foam = Scene::ulid(), 20, name: 'Foam'),
    );
    $this->day = $this->scene->day(2, $this->design);
});

/**
 * @param  list<array<string, mixed>>  $taps
 * @return TestResponse<Response>
 */
function post(EventDay $day, array $taps): TestResponse
{
    return test()->postJson("/api/days/{$day->id}/taps", ['taps' => $taps]);
}

/**
 * An open line with a first child seated on chair 1 a minute ago.
 *
 * @return string ticket id
 */
function seatedChild(): string
{
    $test = test();
    $ticket = Scene::ulid();
    post($test->day, [
        Scene::tap('opened', $test->now - 120_000),
        Scene::tap('joined', $test->now - 110_000, ticket: $ticket, design: $test->design->id, firstName: 'Noor'),
        Scene::tap('seated', $test->now - 60_000, ticket: $ticket, chair: 1, plan: $test->design->plan_id),
    ])->assertOk()->assertJsonPath('outcomes.*.fate', ['kept', 'kept', 'kept']);

    return $ticket;
}

it('gives numbers in turn and call times that move', function (): void {
    $join = fn (int $ago): array => Scene::tap('joined', $this->now - $ago, ticket: Scene::ulid(), design: $this->design->id);
    $line = post($this->day, [Scene::tap('opened', $this->now - 9000), $join(8000), $join(7000), $join(6000)])->assertOk();

    $line->assertJsonPath('news.line.waiting.*.number', [1, 2, 3])->assertJsonPath('news.line.nextNumber', 4)
        ->assertJsonPath('news.line.waiting.*.callAt', [$this->now, $this->now, $this->now + 120_000])
        ->assertJsonPath('news.line.waiting.*.callChair', [1, 2, 1]);

    $first = $line->json('news.line.waiting.0.id');
    post($this->day, [Scene::tap('seated', $this->now, ticket: $first, chair: 1, plan: $this->design->plan_id)]);
    $this->travel(100)->seconds();
    // Chair 2 is free still. Chair 1 is over the first step's 40 s: the second's 20 s are to come, then a minute's turnaround.
    $this->getJson("/api/days/{$this->day->id}/line")->assertOk()
        ->assertJsonPath('waiting.*.callAt', [$this->now + 100_000, $this->now + 100_000 + 20_000 + 60_000])
        ->assertJsonPath('waiting.*.callChair', [2, 1]);
});

it('paints a face through and writes its minutes down', function (): void {
    $ticket = seatedChild();
    $answer = post($this->day, [
        Scene::tap('step_done', $this->now - 22_000, ticket: $ticket, step: $this->base),
        Scene::tap('step_done', $this->now - 5_000, ticket: $ticket, step: $this->foam),
        Scene::tap('finished', $this->now, ticket: $ticket),
    ])->assertOk();

    $answer->assertJsonPath('news.line.chairs.0.child', null)->assertJsonPath('news.line.finishedCount', 1)
        ->assertJsonPath('news.line.ended.0.firstName', 'Noor');
    $face = Face::query()->firstOrFail();
    expect($face->painted_ms)->toBe(55_000)->and($face->planned_ms)->toBe(60_000)->and($face->outcome)->toBe('finished')
        ->and(FaceStep::query()->orderBy('position')->pluck('spent_ms')->all())->toBe([38_000, 17_000]);
});

it('keeps each tap once, however often and in whatever batches it is sent', function (): void {
    $ticket = Scene::ulid();
    $taps = [
        Scene::tap('opened', $this->now - 100_000),
        Scene::tap('joined', $this->now - 90_000, ticket: $ticket, design: $this->design->id),
        Scene::tap('seated', $this->now - 80_000, ticket: $ticket, chair: 1, plan: $this->design->plan_id),
        Scene::tap('step_done', $this->now - 40_000, ticket: $ticket, step: $this->base),
    ];
    post($this->day, [$taps[0], $taps[1]])->assertJsonPath('outcomes.*.fate', ['kept', 'kept']);
    post($this->day, $taps)->assertJsonPath('outcomes.*.fate', ['repeated', 'repeated', 'kept', 'kept']);
    $last = post($this->day, [...$taps, $taps[3]])->assertJsonPath('outcomes.*.fate', array_fill(0, 5, 'repeated'));

    expect(ChairEvent::query()->count())->toBe(4)->and(Ticket::query()->count())->toBe(1)
        ->and($last->json('news.line.chairs.0.child.steps.0.status'))->toBe('done');
});

it('says the number that it will give, though the last name was taken back', function (): void {
    $at = now()->getTimestampMs();
    $join = fn (string $ticket) => Scene::tap('joined', $at += 1000, ticket: $ticket, design: $this->design->id);
    $send = fn (array ...$taps) => $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertOk();
    $next = fn (): int => $this->getJson("/api/days/{$this->day->id}/line")->json('nextNumber');
    $send(Scene::tap('opened', $at), $first = $join(Scene::ulid()), $second = $join(Scene::ulid()));
    expect($next())->toBe(3);
    $send(Scene::tap('undone', $at + 5000, target: $second['id']));
    expect($next())->toBe(3);
    $send([...$join($third = Scene::ulid()), 'at' => $at + 9000]);
    $waiting = $this->getJson("/api/days/{$this->day->id}/line")->json('waiting');
    expect(array_column($waiting, 'number', 'id'))->toBe([$first['ticket'] => 1, $third => 3]);
});

it('comes to the same line when the taps of two browsers arrive late and out of order', function (): void {
    $ticket = seatedChild();
    $done = Scene::tap('step_done', $this->now - 30_000, ticket: $ticket, step: $this->base);
    post(
        $this->day,
        [
            Scene::tap('step_done', $this->now - 10_000, ticket: $ticket, step: $this->foam),
            Scene::tap('finished', $this->now - 5_000, ticket: $ticket),
        ],
    );
    post($this->day, [$done]);

    expect($this->getJson("/api/days/{$this->day->id}/logbook")->json('faces.0.steps.*.spentMs'))->toBe([30_000, 20_000])
        ->and(Face::query()->firstOrFail()->painted_ms)->toBe(50_000);
});

it('sets aside what the second of two browsers did too late, and tells it why', function (): void {
    $ticket = seatedChild();
    $other = Scene::ulid();
    post($this->day, [Scene::tap('joined', $this->now - 50_000, ticket: $other, design: $this->design->id)]);

    post($this->day, [
        Scene::tap('step_done', $this->now - 20_000, ticket: $ticket, step: $this->base),
        Scene::tap('step_done', $this->now - 19_000, ticket: $ticket, step: $this->base),
        Scene::tap('seated', $this->now - 18_000, ticket: $other, chair: 1, plan: $this->design->plan_id),
    ])->assertOk()->assertJsonPath('outcomes.*.fate', ['kept', 'set_aside', 'set_aside'])
        ->assertJsonPath('outcomes.1.message', '“Blue wave” was done already.')
        ->assertJsonPath('outcomes.2.message', 'Chair 1 has No. 1 Noor in it.');
});

it('refuses a tap that makes no sense alone, and keeps the rest of the batch', function (Closure $tap, string $says): void {
    $ticket = seatedChild();
    $good = Scene::tap('step_done', $this->now - 20_000, ticket: $ticket, step: $this->base);

    $answer = post($this->day, [$tap($this, $ticket), $good])->assertOk()->assertJsonPath('outcomes.*.fate', ['refused', 'kept']);
    expect((string) $answer->json('outcomes.0.message'))->toContain($says)->and(ChairEvent::query()->count())->toBe(4);
})->with([
    'an unknown kind' => [fn ($test, $ticket) => Scene::tap('danced', $test->now, ticket: $ticket), 'out of shape'],
    'no time' => [fn ($test, $ticket) => [...Scene::tap('paused', 0, ticket: $ticket), 'at' => null], 'out of shape'],
    'a time in words' => [fn ($test, $ticket) => [...Scene::tap('paused', 0, ticket: $ticket), 'at' => 'now'], 'out of shape'],
    'a negative time' => [fn ($test, $ticket) => Scene::tap('paused', -5, ticket: $ticket), 'out of shape'],
    'the future' => [fn ($test, $ticket) => Scene::tap('paused', $test->now + 600_000, ticket: $ticket), 'in the future'],
    'last week' => [fn ($test, $ticket) => Scene::tap('paused', $test->now - 7 * 86_400_000, ticket: $ticket), 'Is it the right day'],
    'no child' => [fn ($test, $ticket) => Scene::tap('paused', $test->now), 'does not say its ticket'],
    'an unknown child' => [fn ($test, $ticket) => Scene::tap('paused', $test->now, ticket: Scene::ulid()), 'not on this line'],
    'an unknown design' => [
        fn ($test, $ticket) => Scene::tap('joined', $test->now, ticket: Scene::ulid(), design: Scene::ulid()),
        'not one of yours',
    ],
    'another team’s design' => [
        fn ($test, $ticket) => Scene::tap('joined', $test->now, ticket: Scene::ulid(), design: Scene::team('Others')->design()->id),
        'not one of yours',
    ],
    'an unknown plan' => [
        fn ($test, $ticket) => Scene::tap('seated', $test->now, ticket: $ticket, chair: 1, plan: str_repeat('a', 64)),
        'plan',
    ],
    'a third chair' => [
        fn ($test, $ticket) => Scene::tap('seated', $test->now, ticket: $ticket, chair: 3, plan: $test->design->plan_id),
        'no chair 3',
    ],
    'a name as long as a letter' => [
        fn ($test, $ticket) => Scene::tap(
            'joined',
            $test->now,
            ticket: Scene::ulid(),
            design: $test->design->id,
            firstName: str_repeat('x', 41),
        ),
        'out of shape',
    ],
    'an undo of the unknown' => [fn ($test, $ticket) => Scene::tap('undone', $test->now, target: Scene::ulid()), 'not known'],
    'another day’s child' => [function ($test, $ticket) {
        $other = $test->scene->day(1, $test->design);
        post(
            $other,
            [
                Scene::tap('opened', $test->now - 9000),
                Scene::tap('joined', $test->now - 8000, ticket: $id = Scene::ulid(), design: $test->design->id),
            ],
        );
        ChairEvent::query()->where('event_day_id', $other->id)->delete();

        return Scene::tap('called', $test->now, ticket: $id);
    }, 'another day'],
]);

it('refuses a tap without a proper id alone', function (mixed $tap): void {
    post($this->day, [$tap, Scene::tap('opened', $this->now)])->assertOk()->assertJsonPath('outcomes.*.fate', ['refused', 'kept'])
        ->assertJsonPath('outcomes.0.message', 'A tap has no proper id. Give each one a ULID.');
})->with([
    'none' => [['kind' => 'opened', 'at' => 1]],
    'of another kind' => [['id' => '12', 'kind' => 'opened', 'at' => 1]],
    'no tap at all' => ['opened'],
]);

it('says again why a tap was set aside when it is sent again', function (): void {
    $taps = [Scene::tap('called', $this->now - 2000, ticket: seatedChild())];
    $says = 'No. 1 Noor is in the chair.';
    post($this->day, $taps)->assertJsonPath('outcomes.0.message', $says);

    post($this->day, $taps)->assertJsonPath('outcomes.0.fate', 'set_aside')->assertJsonPath('outcomes.0.message', $says);
    expect(ChairEvent::query()->count())->toBe(4);
});

it('takes nothing for one team while another is signed in', function (): void {
    $opened = ['taps' => [Scene::tap('opened', $this->now)]];
    $this->actingAs(Scene::team('Others')->painter);
    $this->postJson("/api/days/{$this->day->id}/taps", $opened, ['X-Team' => $this->scene->painter->team_id])->assertConflict()
        ->assertJsonPath('message', fn (string $says): bool => str_contains($says, 'Another team is signed in'));

    $this->actingAs($this->scene->painter);
    $this->postJson("/api/days/{$this->day->id}/taps", $opened, ['X-Team' => $this->scene->painter->team_id])->assertOk();
});

it('writes a face down that stood in the chair for weeks', function (): void {
    $ticket = seatedChild();
    $this->travelTo('2026-12-31 12:00:00 UTC');
    $later = now()->getTimestampMs();
    post(
        $this->day,
        [Scene::tap('step_done', $later - 2000, ticket: $ticket, step: $this->base), Scene::tap('finished', $later, ticket: $ticket)],
    )
        ->assertOk()->assertJsonPath('outcomes.*.fate', ['kept', 'kept']);

    expect(Face::query()->firstOrFail()->painted_ms)->toBe(4_294_967_295);
});

it('has room for a thousand children waiting', function (): void {
    $joins = array_map(
        fn (int $at): array => Scene::tap(
            'joined',
            $this->now - 100_000 + $at,
            ticket: Scene::ulid(),
            design: $this->design->id,
            firstName: "Child {$at}",
        ),
        range(1, 1000),
    );
    post($this->day, [Scene::tap('opened', $this->now - 110_000)]);
    foreach (array_chunk($joins, 250) as $batch) {
        post($this->day, $batch)->assertOk();
    }
    post(
        $this->day,
        [Scene::tap('called', $this->now, ticket: $joins[999]['ticket'])],
    )->assertOk()->assertJsonPath('outcomes.0.fate', 'kept')
        // So long a line is not told with a tap, but asked for.
        ->assertJsonPath('news.line', null)->assertJsonPath('news.version', '0-');
    $this->getJson("/api/days/{$this->day->id}/line")->assertOk()
        ->assertJsonCount(1000, 'waiting')->assertJsonPath('waiting.999.called', true);
});

it('shows a seated child though the day has fewer chairs by now', function (): void {
    $ticket = seatedChild();
    $other = Scene::ulid();
    post($this->day, [
        Scene::tap('joined', $this->now - 50_000, ticket: $other, design: $this->design->id),
        Scene::tap('seated', $this->now - 40_000, ticket: $other, chair: 2, plan: $this->design->plan_id),
    ]);
    $this->day->update(['chairs' => 1]);

    $this->getJson("/api/days/{$this->day->id}/line")->assertJsonPath('chairs.*.child.id', [$ticket, $other]);
});

it('goes on with a line that had begun when its day is moved', function (): void {
    $ticket = seatedChild();
    $this->day->update(['opens_ms' => $this->day->opens_ms + 3 * 86_400_000, 'closes_ms' => $this->day->closes_ms + 3 * 86_400_000]);

    post($this->day, [Scene::tap('step_done', $this->now, ticket: $ticket, step: $this->base)])->assertJsonPath('outcomes.0.fate', 'kept');
});

it('tells the taps that the line is folded from, and what became of them', function (): void {
    $ticket = seatedChild();
    post($this->day, [Scene::tap('called', $this->now - 2000, ticket: $ticket)]);
    $board = $this->getJson("/api/days/{$this->day->id}/line")->assertOk();

    $board->assertJsonPath('story.taps.*.kind', ['opened', 'joined', 'seated', 'called'])->assertJsonPath('story.taps.1.number', 1)
        ->assertJsonPath('story.taps.3.aside', 'No. 1 Noor is in the chair.')->assertJsonPath(
            'story.plans.0.steps.*.plannedMs',
            [40_000, 20_000],
        )
        ->assertJsonPath('designs.0.planId', $this->design->plan_id);
    // What a tap does not say is not sent.
    expect(array_keys($board->json('story.taps.0')))->toBe(['id', 'kind', 'at']);
});

it('refuses a batch that is none', function (mixed $taps): void {
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertUnprocessable();
    expect(ChairEvent::query()->exists())->toBeFalse();
})->with([
    'nothing' => [null], 'text' => ['taps'], 'no list' => [['a' => ['id' => '01K9ZZZZZZZZZZZZZZZZZZZZZZ']]],
    'too many' => [fn () => array_map(fn () => Scene::tap('opened', 1), range(1, 501))],
]);

it('keeps the plan a face was seated with though the design is edited meanwhile', function (): void {
    $ticket = seatedChild();
    $this->putJson("/api/designs/{$this->design->id}", [
        'revision' => 1, 'name' => 'Wave band', 'placement' => 'cheek', 'promise' => '', 'steps' => [[
            'id' => $this->base, 'name' => 'All new', 'medium' => 'sponge', 'tool' => '', 'colours' => [], 'zones' => ['cheek'],
            'side' => 'both',
            'coats' => 1, 'time' => '5:00', 'dryFor' => '', 'optional' => false, 'note' => '',
        ]],
    ])->assertOk();

    $answer = post($this->day, [
        Scene::tap('step_done', $this->now - 20_000, ticket: $ticket, step: $this->base),
        Scene::tap('step_done', $this->now - 1_000, ticket: $ticket, step: $this->foam),
    ])->assertJsonPath('outcomes.*.fate', ['kept', 'kept']);
    expect($answer->json('news.line.chairs.0.child.steps.*.plannedMs'))->toBe([40_000, 20_000]);
    $this->getJson("/api/days/{$this->day->id}/plans")->assertOk()->assertJsonCount(2)
        ->assertJsonFragment(['name' => 'Blue wave'])->assertJsonFragment(['name' => 'All new']);
});

it('keeps a child in line whose design was deleted', function (): void {
    post(
        $this->day,
        [
            Scene::tap('opened', $this->now - 9000),
            Scene::tap('joined', $this->now - 8000, ticket: Scene::ulid(), design: $this->design->id),
        ],
    );
    $this->design->delete();

    $this->getJson("/api/days/{$this->day->id}/line")->assertOk()->assertJsonPath('waiting.0.design', 'Wave band')->assertJsonPath(
        'waiting.0.planId',
        $this->design->plan_id,
    );
});

it('undoes a finish, and takes the face out of the logbook again', function (): void {
    $ticket = seatedChild();
    $finish = Scene::tap('finished', $this->now - 1000, ticket: $ticket);
    post($this->day, [$finish]);
    expect(Face::query()->count())->toBe(1);

    $answer = post($this->day, [Scene::tap('undone', $this->now, target: $finish['id'])]);
    expect($answer->json('news.line.chairs.0.child.id'))->toBe($ticket)->and(Face::query()->count())->toBe(0)
        ->and(FaceStep::query()->count())->toBe(0);
});

it('says when no more names should be taken', function (): void {
    $this->travelTo('2026-11-07 15:58:00 UTC');
    $this->getJson("/api/days/{$this->day->id}/line")->assertJsonPath('moreFaces', 2);

    $this->travelTo('2026-11-07 15:59:30 UTC');
    $this->getJson("/api/days/{$this->day->id}/line")->assertJsonPath('moreFaces', 0);
});

it('marks those who would be called too late to be finished before closing', function (): void {
    $this->travelTo('2026-11-07 15:58:30 UTC');
    $now = now()->getTimestampMs();
    $join = fn (): array => Scene::tap('joined', $now - 1000, ticket: Scene::ulid(), design: $this->design->id);

    post(
        $this->day,
        [Scene::tap('opened', $now - 2000), $join(), $join(), $join()],
    )->assertJsonPath('news.line.waiting.*.beforeClosing', [true, true, false]);
});

it('adds up a day of faces per design and per step', function (): void {
    foreach ([30_000, 50_000] as $index => $spent) {
        $start = $this->now - 400_000 + $index * 200_000;
        $ticket = Scene::ulid();
        post($this->day, [
            Scene::tap('opened', $this->now - 500_000),
            Scene::tap('joined', $start - 1000, ticket: $ticket, design: $this->design->id),
            Scene::tap('seated', $start, ticket: $ticket, chair: 1, plan: $this->design->plan_id),
            Scene::tap('step_done', $start + $spent, ticket: $ticket, step: $this->base),
            Scene::tap($index === 0 ? 'step_done' : 'step_skipped', $start + $spent + 20_000, ticket: $ticket, step: $this->foam),
            Scene::tap('finished', $start + $spent + 30_000, ticket: $ticket),
        ]);
    }

    $this->getJson("/api/days/{$this->day->id}/logbook")->assertOk()
        ->assertJsonPath('faces.*.paintedMs', [50_000, 50_000])
        ->assertJsonPath('designs.0.faces', 2)->assertJsonPath('designs.0.meanMs', 50_000)
        ->assertJsonPath('designs.0.steps.*.meanMs', [40_000, 20_000])->assertJsonPath('designs.0.steps.*.skipped', [0, 1]);
    $this->getJson('/api/logbook')->assertOk()->assertJsonPath('0.faces', 2)->assertJsonPath('0.paintedMs', 100_000);
});

it('leaves faces that were begun and left out of the averages, and keeps them', function (): void {
    $ticket = seatedChild();
    post($this->day, [Scene::tap('left', $this->now, ticket: $ticket)]);

    $this->getJson("/api/days/{$this->day->id}/logbook")->assertJsonPath('faces.0.outcome', 'left')->assertJsonPath('designs', []);
    $this->getJson('/api/logbook')->assertExactJson([]);
});

it('shows the line from the state it kept, without its events, and gives it up when the events say otherwise', function (): void {
    $ticket = seatedChild();
    $done = Scene::tap('step_done', $this->now - 20_000, ticket: $ticket, step: $this->base);
    // So many taps that the state is kept.
    $joins = array_map(fn (): array => Scene::tap('joined', $this->now, ticket: Scene::ulid(), design: $this->design->id), range(1, 20));
    $board = post($this->day, [$done, ...$joins])->json('news.line');
    $read = fn (): array => $this->getJson("/api/days/{$this->day->id}/line")->assertOk()->json();
    expect($read())->toBe($board);

    // The kept state is what is read: the tap's own record says something else by now, and nobody notices.
    DB::table('chair_events')->where('id', $done['id'])->update(['kind' => 'step_skipped']);
    expect($read()['chairs'])->toBe($board['chairs']);

    // Written in another form, it is not read: the events are.
    DB::table('line_stories')->update(['story' => new Expression("json_set(story, '$.version', 0)")]);
    expect($read()['chairs'][0]['child']['steps'][0]['status'])->toBe('skipped');
});

it('shows whoever takes names what the menu looks like, and nobody but painters how it is painted', function (): void {
    $helper = app(Members::class)->add('Saltmarsh Faces', 'Mila', 'mila@example.org', 'three words more');
    $helper->update(['role' => Role::Helper]);
    $this->actingAs($helper);
    $this->getJson("/api/days/{$this->day->id}/plans")->assertForbidden();
    $pictures = $this->getJson("/api/days/{$this->day->id}/pictures")->assertOk()->json();
    expect(array_column($pictures, 'key'))->toBe([$this->design->id])->and($pictures[0]['steps'])->not->toBe([])
        ->and(array_keys($pictures[0]['steps'][0]))->not->toContain('plannedMs', 'tool', 'detail', 'medium')
        ->and(array_filter(array_column($pictures[0]['steps'], 'name')))->toBe([]);
});
