<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Search\Search;
use App\Models\Search\SearchState;
use App\Search\Queue\RunSearch;
use App\Search\Queue\SearchListener;
use App\Search\Queue\TakeSearch;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Tests\Scene;

beforeEach(function (): void {
    Queue::fake([RunSearch::class]);
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->design = $this->scene->design();
    $this->owner = $this->scene->painter;
    $this->ask = function (User $who, Design $design): Search {
        $this->actingAs($who)->call('GET', "/api/designs/{$design->id}/ladder", server: ['HTTP_ACCEPT' => 'application/json'])
            ->assertStatus(202);

        return Search::query()->orderByDesc('id')->firstOrFail();
    };
    /** @return TestResponse<Symfony\Component\HttpFoundation\Response> */
    $this->look = fn (Search $search, int $from = 0): TestResponse => $this->getJson("/api/searches/{$search->id}?from={$from}");
    $this->work = fn () => app()->call([new RunSearch(Scene::ulid()), 'handle']);
});

it('works out in the queue what a request asked for, and says how far it is', function (): void {
    $search = ($this->ask)($this->owner, $this->design);
    Queue::assertPushedOn('searches', RunSearch::class);
    ($this->look)($search)->assertOk()->assertExactJson(['status' => null, 'ahead' => 0, 'runsMs' => 0, 'mostMs' => 8000, 'lines' => []]);
    $second = ($this->ask)($this->owner, $this->design);
    ($this->look)($second)->assertJson(['ahead' => 1]);

    ($this->work)();
    $found = ($this->look)($search)->assertOk()->assertJson(['status' => 200])->assertJsonCount(1, 'lines');
    expect(json_decode((string) $found->json('lines.0'), true))->toHaveKeys(['rungs', 'isProven']);
    // What is known already is not told again.
    ($this->look)($search, 1)->assertJsonCount(0, 'lines');
    ($this->look)($second)->assertJson(['status' => null, 'ahead' => 0]);
});

it('tells line by line what comes line by line', function (): void {
    $this->actingAs($this->owner)->call('GET', "/api/designs/{$this->design->id}/best-order?seconds=2", server: [
        'HTTP_ACCEPT' => 'application/json',
    ])->assertStatus(202);
    $search = Search::query()->firstOrFail();
    expect($search->seconds)->toBe(2);
    ($this->work)();
    $lines = ($this->look)($search)->assertJson(['status' => 204])->json('lines');
    expect(json_decode((string) end($lines), true))->toMatchArray(['isDone' => true]);
});

it('says what is wrong with what was asked, as if it had been said at once', function (): void {
    $this->actingAs($this->owner)->call('GET', "/api/designs/{$this->design->id}/best-order?seconds=0", server: [
        'HTTP_ACCEPT' => 'application/json',
    ])->assertStatus(202);
    ($this->work)();
    $found = ($this->look)(Search::query()->firstOrFail())->assertJson(['status' => 422]);
    expect(json_decode((string) $found->json('lines.0'), true))->toHaveKey('errors.seconds');
});

it('asks for nothing that the address itself would not read', function (): void {
    $ask = fn (string $method, string $type, string $path): TestResponse => $this->actingAs($this->owner)->call($method, $path, server: [
        'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => $type,
    ], content: '{"seconds":1e999}');
    $path = "/api/designs/{$this->design->id}/best-order";
    // What is no JSON by its own words is none; what is, and holds what no computer does, is refused at once.
    $ask('HEAD', 'text/plain', $path)->assertStatus(202);
    expect(Search::query()->firstOrFail()->body)->toBe('');
    $ask('POST', 'application/json', "/api/days/{$this->scene->day(1, $this->design)->id}/forecast")->assertStatus(422);
    expect(Search::query()->count())->toBe(1);
});

it('lets nobody ask for what is not for them, nor look at what somebody else asked for', function (): void {
    $wren = app(Members::class)->add('Saltmarsh Faces', 'Wren', 'wren@example.org', 'a long password', Role::Helper);
    $tobi = app(Members::class)->add('Saltmarsh Faces', 'Tobi', 'tobi@example.org', 'a long password');
    $this->actingAs($wren)->getJson("/api/designs/{$this->design->id}/ladder")->assertForbidden();
    expect(Search::query()->count())->toBe(0);

    $search = ($this->ask)($this->owner, $this->design);
    foreach ([$tobi, Scene::team('Others')->painter] as $other) {
        $this->actingAs($other);
        ($this->look)($search)->assertNotFound();
        $this->deleteJson("/api/searches/{$search->id}")->assertNotFound();
    }
});

it('goes round the teams: the one of which the fewest run comes next, and none takes all the workers', function (): void {
    $other = Scene::team('Others');
    $theirs = $other->design();
    $ours = array_map(fn () => ($this->ask)($this->owner, $this->design)->id, range(1, 3));
    $their = ($this->ask)($other->painter, $theirs)->id;
    $take = app(TakeSearch::class);

    expect($take()?->id)->toBe($ours[0])->and($take()?->id)->toBe($their)->and($take()?->id)->toBe($ours[1])->and($take())->toBeNull();
    Search::query()->whereKey($ours[0])->update(['state' => SearchState::Over]);
    expect($take()?->id)->toBe($ours[2]);
});

it('counts a search whose worker died no longer than a little over its time, and says so', function (): void {
    $ids = array_map(fn () => ($this->ask)($this->owner, $this->design)->id, range(1, 3));
    $take = app(TakeSearch::class);
    $take();
    $take();
    $this->travel(12)->seconds();
    expect($take())->toBeNull();
    $this->travel(2)->seconds();
    expect($take()?->id)->toBe($ids[2]);
    $dead = ($this->look)(Search::query()->findOrFail($ids[0]))->assertJson(['status' => 503]);
    expect((string) $dead->json('lines.0'))->toContain('more than this machine could give');
});

it('ends what nobody wants: cancelled before it runs or while it does, or asked after by nobody', function (): void {
    $cancelled = ($this->ask)($this->owner, $this->design);
    $this->deleteJson("/api/searches/{$cancelled->id}")->assertNoContent();
    $take = app(TakeSearch::class);
    expect($take())->toBeNull();

    ($this->ask)($this->owner, $this->design);
    $running = $take() ?? throw new LogicException('It waits.');
    expect((new SearchListener($running))->isThere()())->toBeTrue();
    $this->travel(11)->seconds();
    expect((new SearchListener($running))->isThere()())->toBeFalse();
    ($this->look)($running);
    expect((new SearchListener($running))->isThere()())->toBeTrue();
    $this->deleteJson("/api/searches/{$running->id}")->assertNoContent();
    expect((new SearchListener($running))->isThere()())->toBeFalse();
    ($this->look)($running->refresh())->assertJson(['status' => 409]);

    ($this->ask)($this->owner, $this->design);
    $this->travel(31)->seconds();
    expect($take())->toBeNull();
});

it('takes no more than a team’s screens ask for at a time, and forgets what was found', function (): void {
    foreach (range(1, 12) as $ignored) {
        ($this->ask)($this->owner, $this->design);
    }
    $this->getJson("/api/designs/{$this->design->id}/ladder")->assertTooManyRequests()
        ->assertJsonPath('message', 'As much is being looked for right now as this machine can. Try again in a few seconds.');
    $this->travel(6)->minutes();
    ($this->ask)($this->owner, $this->design);
    expect(Search::query()->count())->toBe(1)->and(DB::table('search_lines')->count())->toBe(0);
});

it('looks for nothing for whoever has left the team since', function (): void {
    $tobi = app(Members::class)->add('Saltmarsh Faces', 'Tobi', 'tobi@example.org', 'a long password');
    ($this->ask)($tobi, $this->design);
    $tobi->delete();
    expect(app(TakeSearch::class)())->toBeNull();
});

it('sends another worker for what had to wait for its team’s turn', function (): void {
    array_map(fn () => ($this->ask)($this->owner, $this->design), range(1, 2));
    Queue::fake([RunSearch::class]);
    ($this->work)();
    Queue::assertPushed(RunSearch::class, 1);
    ($this->work)();
    Queue::assertPushed(RunSearch::class, 1);
});

it('says that it failed, and not how', function (): void {
    $this->actingAs($this->owner)->call('GET', "/api/designs/{$this->design->id}/ladder", server: ['HTTP_ACCEPT' => 'application/json']);
    DB::table('searches')->update(['address' => '/api/designs/'.Scene::ulid().'/ladder']);
    ($this->work)();
    $found = ($this->look)(Search::query()->firstOrFail())->assertJson(['status' => 404]);
    expect(json_decode((string) $found->json('lines.0'), true))->toBe([
        'message' => 'That is not here, or not yours. It may have been removed on another screen.',
    ]);
});
