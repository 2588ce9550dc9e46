<?php

declare(strict_types=1);

use Core\Line\Defaults;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Scene;

// A day holds as many as eight painters can paint, and what a tap costs does not grow past that.

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->now = now()->getTimestampMs();
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design();
    $this->day = $this->scene->day(2, $this->design);
    $this->send = fn (array ...$taps): array => $this->postJson(
        "/api/days/{$this->day->id}/taps",
        ['taps' => array_values($taps)],
    )->assertOk()->json('outcomes');
    $this->join = fn (): array => Scene::tap('joined', $this->now - 1000, ticket: Scene::ulid(), design: $this->design->id);
    ($this->send)(Scene::tap('opened', $this->now - 60_000));
});

it('takes no more names than wait at a time, says so, and takes them again when one has gone', function (): void {
    $joins = [];
    for ($count = 0; $count < Defaults::MOST_WAITING; $count++) {
        $joins[] = ($this->join)();
    }
    foreach (array_chunk($joins, 250) as $some) {
        expect(array_unique(array_column(($this->send)(...$some), 'fate')))->toBe(['kept']);
    }
    [$refused, $left] = ($this->send)(($this->join)(), Scene::tap('left', $this->now, ticket: $joins[0]['ticket']));
    expect($refused)->toMatchArray([
        'fate' => 'refused', 'message' => '1,000 children wait already. Take more names when some are painted.',
    ])
        ->and($left['fate'])->toBe('kept')
        ->and(($this->send)(($this->join)())[0]['fate'])->toBe('kept');
});

it('costs with as many waiting as a day holds no twenty times what it costs with one', function (): void {
    $cost = function (): float {
        $best = INF;
        for ($try = 0; $try < 3; $try++) {
            $began = hrtime(true);
            ($this->send)(Scene::tap('opened', $this->now));
            $best = min($best, (hrtime(true) - $began) / 1e6);
        }

        return $best;
    };
    ($this->send)(($this->join)());
    $alone = $cost();
    foreach (range(1, 4) as $_) {
        ($this->send)(...array_map(fn (): array => ($this->join)(), range(1, 249)));
    }
    expect($cost())->toBeLessThan(20 * $alone);
});

it('takes no more names and taps than a day holds, and says what to do', function (): void {
    DB::table('tickets')->insert(['id' => Scene::ulid(), 'event_day_id' => $this->day->id, 'number' => Defaults::MOST_CHILDREN]);
    expect(($this->send)(($this->join)())[0])->toMatchArray([
        'fate' => 'refused', 'message' => '2,000 names were taken on this day, as many as it holds. Make another event for more.',
    ]);
    DB::table('line_turns')->where('event_day_id', $this->day->id)->update(['taps' => Defaults::MOST_TAPS - 1]);
    [$last, $over] = ($this->send)(Scene::tap('opened', $this->now), Scene::tap('opened', $this->now));
    expect($last['fate'])->toBe('set_aside')->and($over)->toMatchArray([
        'fate' => 'refused', 'message' => 'This day has 40,000 taps, and takes no more. Go on with another event.',
    ]);
});

it('hands the taps of a very full line on to workers of their own, and takes them there', function (): void {
    ($this->send)(...array_map(fn (): array => ($this->join)(), range(1, 25)));
    $post = fn (string $where, string $id): TestResponse => $this->withServerVariables(['INCH_FULL_DAYS' => $where])->postJson(
        "/api/days/{$this->day->id}/taps",
        ['taps' => [['id' => $id, 'kind' => 'sold_out', 'at' => $this->now, 'design' => $this->design->id]]],
    );
    $isThere = fn (string $id): bool => DB::table('chair_events')->where('id', $id)->exists();
    $post('@full_days', $first = Scene::ulid())->assertOk()->assertHeaderMissing('X-Accel-Redirect');
    $stories = DB::table('line_stories')->where('event_day_id', $this->day->id);
    expect($isThere($first))->toBeTrue()->and($stories->value('events'))->toBe(26);
    $stories->update(['events' => 801]);
    $post('@full_days', $second = Scene::ulid())->assertStatus(307)->assertHeader('X-Accel-Redirect', '@full_days');
    expect($isThere($second))->toBeFalse();
    // Nobody says it from outside, and those workers are told of none.
    $this->withHeader('INCH_FULL_DAYS', '@elsewhere');
    $post('', $second)->assertOk();
    expect($isThere($second))->toBeTrue();
});
