<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Line\Board\BoardLinks;
use App\Line\Told\ChannelOfDay;
use App\Models\Line\BoardLink;
use Core\Team\Role;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->now = (int) now()->getTimestampMs();
    $this->scene = Scene::team();
    $this->design = $this->scene->design('Wave band');
    $this->day = $this->scene->day(2, $this->design);
    $this->actingAs($this->scene->painter);
    $this->news = fn (string $since = '') => $this->getJson("/api/days/{$this->day->id}/line/news?since={$since}")->assertOk();
    $this->tap = fn (array $taps, string $since = '') => $this->postJson(
        "/api/days/{$this->day->id}/taps",
        ['taps' => $taps, 'since' => $since],
    )->assertOk();
    $this->join = fn (string $name): array => Scene::tap(
        'joined',
        $this->now,
        ticket: Scene::ulid(),
        design: $this->design->id,
        firstName: $name,
    );
});

it('tells all to whoever has nothing, and to the others what they lack', function (): void {
    $all = ($this->news)()->assertJsonPath('line.isOpen', false)->json();
    expect($all['version'])->toBe($all['line']['version']);

    $opened = ($this->tap)([Scene::tap('opened', $this->now - 5000), ($this->join)('Noor')], $all['version']);
    $opened->assertJsonPath('news.line', null)->assertJsonPath('news.taps.*.kind', ['opened', 'joined'])
        ->assertJsonPath('news.taps.1.number', 1);
    $since = $opened->json('news.version');
    ($this->tap)([($this->join)('Emil')]);

    $news = ($this->news)($since)->assertJsonPath('line', null)->assertJsonPath('taps.*.firstName', ['Emil']);
    ($this->news)((string) $news->json('version'))->assertJsonPath('taps', [])->assertJsonPath('version', $news->json('version'));
});

it('tells the plan of a face that was begun meanwhile', function (): void {
    $join = ($this->join)('Noor');
    $since = ($this->tap)([Scene::tap('opened', $this->now - 5000), $join])->json('news.version');
    $seat = Scene::tap('seated', $this->now, ticket: $join['ticket'], chair: 1, plan: $this->design->plan_id);
    ($this->tap)([$seat], $since)->assertJsonPath('news.plans.0.id', $this->design->plan_id)
        ->assertJsonPath('news.plans.0.design', 'Wave band')->assertJsonCount(1, 'news.plans');
});

it('tells all again where the day is another, the version is none, or too much was missed', function (): void {
    $since = (string) ($this->news)()->json('version');
    $this->day->refresh()->update(['name' => 'Other fair']);
    ($this->news)($since)->assertJsonPath('line.day.name', 'Other fair');
    ($this->news)('no version')->assertJsonPath('line.day.name', 'Other fair');
    ($this->news)('999999999-'.explode('-', $since)[1])->assertJsonPath('line.day.name', 'Other fair');

    $now = (string) ($this->news)()->json('version');
    ($this->tap)([Scene::tap('opened', $this->now - 5000), ...array_map($this->join, array_fill(0, 150, 'Wren'))]);
    ($this->news)($now)->assertJsonPath('line', null)->assertJsonCount(151, 'taps');
    ($this->tap)(array_map($this->join, array_fill(0, 50, 'Wren')));
    ($this->news)($now)->assertJsonPath('taps', [])->assertJsonCount(200, 'line.waiting');
});

it('tells a helper no money, in news either', function (): void {
    $helper = app(Members::class)->add($this->scene->painter->team->name, 'Lis', 'lis@example.org', 'a long password', Role::Helper);
    $join = ($this->join)('Noor');
    ($this->tap)([
        Scene::tap('opened', $this->now - 9000),
        $join,
        Scene::tap('seated', $this->now, ticket: $join['ticket'], chair: 1, plan: $this->design->plan_id),
    ]);
    $this->actingAs($helper);
    $since = (string) ($this->news)()->json('version');
    $this->actingAs($this->scene->painter);
    ($this->tap)([Scene::tap('paid', $this->now + 1000, ticket: $join['ticket'], cents: 450, payment: 'cash')])
        ->assertJsonPath('outcomes.0.fate', 'kept');
    $this->actingAs($helper);
    $told = ($this->news)($since)->assertJsonPath('taps.0.payment', 'cash')->json('taps.0');
    expect($told)->not->toHaveKey('cents');
});

it('writes the story of a day now and then only, and tells the same from what was written long ago', function (): void {
    ($this->tap)([Scene::tap('opened', $this->now - 60_000), ...array_map($this->join, array_fill(0, 30, 'Wren'))]);
    $kept = DB::table('line_stories')->value('seq');
    expect($kept)->not->toBeNull();
    for ($more = 0; $more < 8; $more++) {
        ($this->tap)([($this->join)('Noor')]);
    }
    expect(DB::table('line_stories')->value('seq'))->toBe($kept);
    $told = ($this->news)()->json('line.waiting.*.number');
    expect($told)->toBe(range(1, 38));
    ($this->tap)([($this->join)('Noor')]);
    expect(DB::table('line_stories')->value('seq'))->toBeGreaterThan($kept);
    DB::table('line_stories')->delete();
    expect(($this->news)()->json('line.waiting.*.number'))->toBe(range(1, 39));
});

describe('channels', function (): void {
    beforeEach(function (): void {
        config(['push.socket' => '/tmp/none.push']);
        $this->channel = app(ChannelOfDay::class);
        Http::preventStrayRequests();
    });

    it('names none where the web server takes no word', function (): void {
        expect(($this->news)()->json('line.channel'))->toMatch('/^[0-9a-f]{64}$/');
        config(['push.socket' => '']);
        expect(($this->news)()->json('line.channel'))->toBeNull();
        Http::fake();
        ($this->tap)([Scene::tap('opened', $this->now)]);
        Http::assertNothingSent();
    });

    it('gives a channel up with the right to hear: a painter more or less, a link revoked', function (): void {
        app(BoardLinks::class)->share($this->day, false);
        $before = [($this->channel)($this->day), $this->channel->ofBoard($this->day)];
        expect($before)->each->toMatch('/^[0-9a-f]{64}$/')->and($before[0])->not->toBe($before[1]);
        app(Members::class)->add($this->scene->painter->team->name, 'Odo', 'odo@example.org', 'a long password', Role::Artist);
        BoardLink::query()->delete();
        expect(($this->channel)($this->day))->not->toBe($before[0])->and($this->channel->ofBoard($this->day))->toBeNull();
        app(BoardLinks::class)->share($this->day, false);
        expect($this->channel->ofBoard($this->day))->not->toBe($before[1]);
    });

    it('says the number of the newest tap to the team and to the board, and nothing else', function (): void {
        app(BoardLinks::class)->share($this->day, false);
        Http::fake();
        ($this->tap)([Scene::tap('opened', $this->now), ($this->join)('Noor')]);
        $newest = (string) DB::table('chair_events')->max('seq');
        foreach ([($this->channel)($this->day), $this->channel->ofBoard($this->day)] as $channel) {
            Http::assertSent(static fn (Request $request): bool => $request->url() === "http://push/{$channel}"
                && $request->body() === $newest);
        }
        Http::assertSentCount(2);
    });

    it('says that something else has changed, and that a board is over', function (): void {
        app(BoardLinks::class)->share($this->day, false);
        $channels = [($this->channel)($this->day), $this->channel->ofBoard($this->day)];
        Http::fake();
        $this->putJson("/api/days/{$this->day->id}/roster", ['shifts' => []])->assertOk();
        $this->deleteJson("/api/days/{$this->day->id}/board")->assertOk();
        $said = array_map(
            static fn (array $pair): string => basename($pair[0]->url()).' '.$pair[0]->body(),
            Http::recorded()->all(),
        );
        expect($said)->toBe(["{$channels[0]} 0", "{$channels[1]} 0", "{$channels[1]} 0", "{$channels[0]} 0"]);
    });

    it('says nothing of what was only read or refused, and answers though nobody takes the word', function (): void {
        Http::fake();
        ($this->news)();
        $this->postJson("/api/days/{$this->day->id}/taps", [])->assertUnprocessable();
        Http::assertNothingSent();
        Http::fake(static fn () => throw new ConnectionException('nobody there'));
        ($this->tap)([Scene::tap('opened', $this->now)])->assertJsonPath('outcomes.0.fate', 'kept');
    });
});

it('goes to the database and back eleven times for a tap at most, however many come with it', function (): void {
    $join = ($this->join)('Noor');
    $since = ($this->tap)([Scene::tap('opened', $this->now - 5000), $join])->json('news.version');
    $ways = 0;
    app(Dispatcher::class)->listen(QueryExecuted::class, static function () use (&$ways): void {
        $ways++;
    });
    ($this->tap)([Scene::tap('called', $this->now, ticket: $join['ticket'])], $since)->assertJsonPath('outcomes.0.fate', 'kept');
    // To begin and to end what is all or nothing are two more.
    expect($ways)->toBeLessThanOrEqual(9);
    $ways = 0;
    ($this->tap)(array_map($this->join, array_fill(0, 15, 'Wren')), $since)->assertJsonPath('outcomes.14.fate', 'kept');
    expect($ways)->toBeLessThanOrEqual(9 + 2);
});
