<?php

declare(strict_types=1);

use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use App\Models\Bench\FacePlan;
use Core\Design\Medium;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Units\Duration;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    // A base, and three extras that cost 9, 12 and 5 seconds.
    $step = static fn (string $name, int $seconds, Medium $medium, Technique $technique, bool $optional, int $look): Step => new Step(
        id: Scene::ulid(), name: $name, medium: $medium, tool: $medium === Medium::Sponge ? 'half sponge' : 'round 2', colours: [],
        zones: [Zone::Cheek], side: Side::Left, coats: 1,
        time: Duration::ofSeconds($seconds), dryFor: Duration::zero(), optional: $optional, note: '', technique: $technique, look: $look,
    );
    $this->design = $this->scene->design(
        'Wave band',
        $step('Blue wave', 40, Medium::Sponge, Technique::Stipple, false, 9),
        $step('Dots', 9, Medium::Brush, Technique::Dots, true, 3),
        $step('Curls', 12, Medium::Brush, Technique::Swirl, true, 6),
    );
    [$this->wave, $this->dots, $this->curls] = $this->design->steps->pluck('id')->all();
});

it('shows the ladder, each rung with what is left out, its share of the look and its name', function (): void {
    $rungs = $this->getJson("/api/designs/{$this->design->id}/ladder")->assertOk()->assertJsonPath('isProven', true)
        ->assertJsonPath('choices', 2)->assertJsonPath('trouble', null)->json('rungs');

    expect(array_column($rungs, 'changes'))->toBe([['“Dots” left out', '“Curls” left out'], ['“Curls” left out'], ['“Dots” left out'], []])
        ->and(array_column($rungs, 'names'))->toBe([['core'], ['quick'], [], ['party']])
        ->and(array_column($rungs, 'share'))->toBe([0.5, 0.6667, 0.8333, 1])
        ->and($rungs[0]['timeMs'])->toBe(40_000);
});

it('shows one rung with its steps, its table and what would go next', function (): void {
    $this->getJson("/api/designs/{$this->design->id}/ladder/rung?leftOut[]={$this->dots}")->assertOk()
        ->assertJsonPath('rung.changes', ['“Dots” left out'])
        ->assertJsonPath('steps.*.name', ['Blue wave', 'Curls'])
        ->assertJsonPath('layOut.*.name', ['half sponge', 'round 2'])
        ->assertJsonPath('next.*.words', ['“Curls” left out'])
        ->assertJsonPath('next.0.leftOut', [$this->dots, $this->curls]);
});

it('refuses a version that cannot be, and other people’s designs', function (): void {
    $pinned = ['kind' => 'needs', 'steps' => [$this->dots, $this->curls]];
    $this->design->update(['pins' => [$pinned]]);

    $this->getJson("/api/designs/{$this->design->id}/ladder/rung?leftOut[]={$this->curls}")->assertStatus(422)->assertJsonPath(
        'message',
        'That version cannot be painted: a step in it lacks what it needs, or no order keeps all rules.',
    );
    $this->getJson("/api/designs/{$this->design->id}/ladder/rung?leftOut[]=nothing")->assertStatus(422);
    $theirs = Scene::team('Others')->design();
    $this->getJson("/api/designs/{$theirs->id}/ladder")->assertStatus(404);
    $this->getJson("/api/designs/{$theirs->id}/ladder/rung")->assertStatus(404);
});

it('says what is too much to be weighed', function (): void {
    $many = array_map(static fn (int $at): Step => new Step(
        id: Scene::ulid(), name: "Dots {$at}", medium: Medium::Brush, tool: 'round 2', colours: [], zones: [Zone::Cheek],
        side: Side::Left, coats: 1, time: Duration::ofSeconds(5), dryFor: Duration::zero(), optional: true, note: '',
        technique: Technique::Dots,
    ), range(1, 21));

    $design = $this->scene->design('Many dots', ...$many);
    expect($this->getJson("/api/designs/{$design->id}/ladder")->assertOk()->json('trouble'))->toContain('21 ways');
});

it('keeps what the painter calls a rung, by minutes or by what is left out', function (): void {
    $save = fn (array $rungs, int $revision) => $this->putJson("/api/designs/{$this->design->id}", [
        'revision' => $revision, 'name' => 'Wave band', 'placement' => 'cheek', 'promise' => '', 'rungs' => $rungs,
        'steps' => array_map(static fn (string $id): array => ['id' => $id], [$this->wave, $this->dots, $this->curls]),
    ]);
    $names = fn (): array => array_column($this->getJson("/api/designs/{$this->design->id}/ladder")->json('rungs'), 'names');

    $save([['name' => 'quick', 'within' => null, 'leftOut' => [$this->curls], 'otherWays' => []]], 1)->assertOk()
        ->assertJsonPath('rungs.0', ['name' => 'quick', 'within' => null, 'leftOut' => [$this->curls], 'otherWays' => []]);
    expect($names())->toBe([['core'], ['quick'], [], ['party']]);

    $save([['name' => 'core', 'within' => '9:00', 'leftOut' => [], 'otherWays' => []]], 2)->assertOk();
    expect($names())->toBe([[], ['quick'], [], ['core', 'party']]);

    $save([['name' => 'grand', 'within' => null, 'leftOut' => [], 'otherWays' => []]], 3)->assertStatus(422);
});

it('promises the rung that is on the menu, and seats with its plan', function (): void {
    $day = $this->scene->day(1, $this->design);
    $this->putJson(
        "/api/days/{$day->id}/menu",
        ['items' => [['designId' => $this->design->id, 'promise' => '1:00', 'priceCents' => null, 'rung' => 'core']]],
    )
        ->assertOk()->assertJsonPath('menu.0.rung', 'core')->assertJsonPath('menu.0.plannedMs', 40_000);
    $core = DesignRung::query()->where('design_id', $this->design->id)->where('name', 'core')->sole();

    $this->getJson("/api/days/{$day->id}/line")->assertJsonPath('menu.0.planId', $core->plan_id);
    $plans = array_column((array) $this->getJson("/api/days/{$day->id}/plans")->assertOk()->json(), null, 'id');
    expect(array_column($plans[$core->plan_id]['steps'], 'name'))->toBe(['Blue wave'])->and($plans[$core->plan_id]['rungs'])->toBe(['core'])
        ->and($plans[Design::query()->find($this->design->id)->plan_id]['stops'])->toBe([
            ['stepId' => $this->wave, 'isSaid' => false, 'still' => ['Dots', 'Curls']],
            ['stepId' => $this->dots, 'isSaid' => false, 'still' => ['Curls']],
        ]);
    $this->putJson(
        "/api/days/{$day->id}/menu",
        ['items' => [['designId' => $this->design->id, 'promise' => '1:00', 'priceCents' => null, 'rung' => 'grand']]],
    )->assertStatus(422);
});

it('works its rungs out anew when a design on a menu is changed', function (): void {
    $this->scene->day(1, $this->design);
    $before = DesignRung::query()->where('design_id', $this->design->id)->pluck('total_ms', 'name')->all();

    $this->putJson("/api/designs/{$this->design->id}", [
        'revision' => 1, 'name' => 'Wave band', 'placement' => 'cheek', 'promise' => '',
        'steps' => [['id' => $this->wave], ['id' => $this->curls]],
    ])->assertOk();

    $after = DesignRung::query()->where('design_id', $this->design->id)->pluck('total_ms', 'name')->all();
    expect($before['party'])->toBeGreaterThan($after['party'])->and($after['core'])->toBe(40_000);
});

describe('a face in the chair', function (): void {
    beforeEach(function (): void {
        $this->day = $this->scene->day(1, $this->design);
        $this->ticket = Scene::ulid();
        $this->say = function (array ...$taps) {
            return $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertOk();
        };
        $start = now()->subSeconds(50)->getTimestampMs();
        ($this->say)(
            Scene::tap('opened', $start),
            Scene::tap('joined', $start, ticket: $this->ticket, design: $this->design->id),
            Scene::tap('seated', $start, ticket: $this->ticket, chair: 1, plan: $this->design->plan_id),
            Scene::tap('step_done', $start + 45_000, ticket: $this->ticket, step: $this->wave),
        );
        $this->at = $start + 50_000;
    });

    it('is told what it can still become', function (): void {
        $rungs = $this->postJson("/api/days/{$this->day->id}/faces/{$this->ticket}/ladder")->assertOk()->json('rungs');

        // Without the dots the brush must still be taken up for the curls: that is not quicker than planned, and not offered.
        expect(array_column($rungs, 'changes'))->toBe([['“Curls” left out']])
            ->and(array_column($rungs[0]['plan']['steps'], 'name'))->toBe(['Blue wave', 'Dots'])
            ->and($rungs[0]['leftMs'])->toBeGreaterThan(0)->toBeLessThan($rungs[0]['plan']['steps'][1]['plannedMs']);
        $this->assertDatabaseHas(FacePlan::class, ['id' => $rungs[0]['plan']['id']]);
    });

    it('goes on by another plan, skips what that leaves out, and back again', function (): void {
        $plan = $this->postJson("/api/days/{$this->day->id}/faces/{$this->ticket}/ladder")->json('rungs.0.plan.id');
        $trim = Scene::tap('trimmed', $this->at, ticket: $this->ticket, plan: $plan);

        $line = ($this->say)($trim)->assertJsonPath('outcomes.0.fate', 'kept')->assertJsonPath('news.line.chairs.0.child.planId', $plan);
        $steps = $line->json('news.line.chairs.0.child.steps');
        expect(array_map(static fn (array $step): array => [$step['stepId'], $step['status']], $steps))
            ->toBe([[$this->wave, 'done'], [$this->curls, 'skipped'], [$this->dots, 'pending']]);

        ($this->say)(Scene::tap('undone', $this->at + 1000, target: $trim['id']))
            ->assertJsonPath('news.line.chairs.0.child.planId', $this->design->plan_id)
            ->assertJsonPath('news.line.chairs.0.child.steps.*.status', ['done', 'pending', 'pending']);
    });

    it('is logged by the plan that each step was painted by', function (): void {
        $plan = $this->postJson("/api/days/{$this->day->id}/faces/{$this->ticket}/ladder")->json('rungs.0.plan.id');
        ($this->say)(
            Scene::tap('trimmed', $this->at, ticket: $this->ticket, plan: $plan),
            Scene::tap('step_done', $this->at + 14_000, ticket: $this->ticket, step: $this->dots),
            Scene::tap('finished', $this->at + 20_000, ticket: $this->ticket),
        );

        $this->getJson("/api/days/{$this->day->id}/logbook")->assertOk()
            ->assertJsonPath(
                'faces.0.steps.*.name',
                ['Blue wave', 'Curls', 'Dots'],
            )->assertJsonPath('faces.0.steps.*.status', ['done', 'skipped', 'done']);
        $this->assertDatabaseHas('faces', ['ticket_id' => $this->ticket, 'painter_id' => $this->scene->painter->id, 'interrupted' => 0]);
    });

    it('has nothing to become when it is painted, or nobody sits there', function (): void {
        $this->postJson("/api/days/{$this->day->id}/faces/".Scene::ulid().'/ladder')->assertStatus(422)->assertJsonPath(
            'message',
            'Nothing is left to paint on that face.',
        );
        $theirs = Scene::team('Others')->day();
        $this->postJson("/api/days/{$theirs->id}/faces/{$this->ticket}/ladder")->assertStatus(404);
    });
});
