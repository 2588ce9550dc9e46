<?php

declare(strict_types=1);

use App\Kit\Things\KitThings;
use App\Models\Plan\KeptForecast;
use App\Plan\Earlier\ForecastsMet;
use App\StandIns\Weather\WeatherFeed;
use Core\Kit\ItemValues;
use Core\Surface\Weather;
use Illuminate\Support\Carbon;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 10:50:00 UTC');
    $this->scene = Scene::team();
    $this->design = $this->scene->design('Seal pup', Paint::step(Scene::ulid(), 60, colours: ['#8593a0'], name: 'Base'));
    $this->day = $this->scene->day(1, $this->design);
    $this->actingAs($this->scene->painter);
    $this->list = fn (): array => $this->getJson("/api/days/{$this->day->id}/checklist")->assertOk()->json();
    $this->says = fn (string $kind): ?string => array_column(($this->list)()['checks'], 'says', 'kind')[$kind] ?? null;
    $this->plan = fn (): array => $this->getJson("/api/days/{$this->day->id}/plan")->assertOk()->json();
    $this->keep = fn (mixed ...$terms) => $this->putJson("/api/days/{$this->day->id}/plan", [...($this->plan)()['terms'], ...$terms]);
    // A morning at one chair: each face takes its seconds, and somebody waits for a minute and a half between two.
    $this->paint = function (int ...$seconds): void {
        $at = $this->day->opens_ms;
        $this->travelTo(Carbon::createFromTimestampMs($at));
        $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [
            Scene::tap('opened', $at), Scene::tap('chair_taken', $at, chair: 1, painter: $this->scene->painter->id),
        ]])->assertOk();
        $taps = [];
        foreach ($seconds as $number => $each) {
            $ticket = Scene::ulid();
            $taps[] = Scene::tap('joined', $this->day->opens_ms + $number, ticket: $ticket, number: $number + 1, design: $this->design->id);
            $taps[] = Scene::tap('seated', $at + 100, ticket: $ticket, chair: 1, plan: $this->design->plan_id);
            $taps[] = Scene::tap('step_done', $at + 100 + 1000 * $each, ticket: $ticket, step: $this->design->plan->steps()[0]->id);
            $taps[] = Scene::tap('finished', $at + 100 + 1000 * $each, ticket: $ticket);
            $at += 1000 * $each + 90_000;
        }
        $this->travelTo(Carbon::createFromTimestampMs($at + 1000));
        foreach (array_chunk($taps, 60) as $some) {
            $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $some])->assertOk();
        }
    };
});

it('is made from menu, roster, diary, stock, water and weather', function (): void {
    $list = ($this->list)();
    expect(array_column($list['checks'], 'kind'))
        ->toBe(['chance', 'menu', 'roster', 'diary', 'stock', 'packed', 'water', 'weather', 'ages', 'cautions'])
        ->and(($this->says)('menu'))->toBe('1 design on the menu, and each keeps its promise.')
        ->and(($this->says)('roster'))->toBe('Ines, as nobody has said otherwise.')
        ->and(($this->says)('stock'))->toContain('#8593a0 (not in the kit)')
        ->and(count($list['air']))->toBe(6)->and($list['air'][0]['at'])->toBe($this->day->opens_ms);

    $this->day->menuItems()->update(['promise_ms' => 30_000]);
    $this->scene->day(1, $this->design);
    app(KitThings::class)->add($this->scene->painter, ItemValues::read('', ['kind' => 'glue', 'name' => 'lash glue', 'latex' => true]));
    expect(($this->says)('menu'))->toContain('Seal pup promises 0:30, 8 of 10 are done by 1:')
        ->and(($this->says)('diary'))->toBe('Too near to Harbour lantern fair: see the list of events.')
        ->and(($this->says)('cautions'))->toContain('refuse it with a latex allergy');
});

it('says so where there is nothing to play', function (): void {
    $this->day->menuItems()->delete();
    expect(array_column(($this->list)()['checks'], 'isFine'))->toBe([false]);
});

it('goes by the weather that was typed, else by the feed', function (): void {
    ($this->keep)(weather: ['celsius' => 31, 'humidity' => 26, 'wind' => 2])->assertOk()
        ->assertJsonPath('terms.weather', ['celsius' => 31, 'humidity' => 26, 'wind' => 2]);
    expect(($this->says)('weather'))->toMatch('/^31 °C, 26 % humid: bases dry in 0:\d\d\. Spritz often/');
    ($this->keep)(weather: null)->assertOk();
    $this->app->instance(WeatherFeed::class, new class implements WeatherFeed
    {
        public function expected(string $place, DateTimeImmutable $at): Weather
        {
            expect($place)->toBe('Lantern Quay');

            return new Weather((int) $at->format('G') === 14 ? 33.0 : 20.0, 30, 0);
        }
    });
    expect(($this->says)('weather'))->toStartWith('About 14:00: 33 °C');
    ($this->keep)(weather: ['celsius' => 80, 'humidity' => 26, 'wind' => 2])->assertUnprocessable()
        ->assertJsonPath('errors.weather.0', fn (string $said): bool => str_contains($said, '80 degrees is no weather to paint in'));
});

it('asks how old they are, and lets little ones take longer', function (): void {
    ($this->keep)(youngest: 9, oldest: 2)->assertOk()->assertJsonPath('terms.youngest', 2)->assertJsonPath('terms.oldest', 9);
    expect(($this->says)('ages'))->toContain('The youngest are 2')->toContain('no gems');
    $faces = function (?int $youngest, ?int $oldest): float {
        $lines = explode("\n", trim($this->postJson("/api/days/{$this->day->id}/forecast", [
            ...($this->plan)()['terms'], 'children' => 400, 'youngest' => $youngest, 'oldest' => $oldest,
        ])->assertOk()->getContent()));

        return json_decode($lines[0], true)['faces'];
    };
    expect($faces(2, 4))->toBeLessThan(0.97 * $faces(null, null))->and($faces(6, 12))->toBe($faces(null, null));
    ($this->keep)(youngest: 40, oldest: 2)->assertUnprocessable()->assertJsonPath('message', 'Children are 0 to 17 years old.');
});

it('keeps what was foreseen when the line was opened, and holds the day against it', function (): void {
    expect(($this->plan)()['met'])->toBe([]);
    ($this->paint)(...array_fill(0, 12, 62));
    $kept = KeptForecast::query()->findOrFail($this->day->id);
    expect($kept->faces)->toBeGreaterThan(50)->and($kept->faces_low)->toBeLessThanOrEqual($kept->faces_high);
    // A later change of the plan does not change what was foreseen.
    ($this->keep)(children: 5)->assertOk();
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [Scene::tap('opened', (int) now()->getTimestampMs())]])->assertOk();
    expect(KeptForecast::query()->findOrFail($this->day->id)->faces)->toBe($kept->faces)->and(($this->plan)()['met'])->toBe([]);

    $this->travelTo(now()->addDay());
    [$met] = ($this->plan)()['met'];
    expect($met)->toMatchArray(['name' => 'Harbour lantern fair', 'painted' => 12, 'isWithin' => false])
        // All stood there at once: the one in the middle waited for six faces and their turnarounds.
        ->and($met['waitedMs'])->toBe(6 * 152_000 - 6 + 100)
        ->and(app(ForecastsMet::class)(Scene::team('Others')->painter->team_id))->toBe([]);
});

it('offers the turnaround that was logged', function (): void {
    expect(($this->plan)())->toMatchArray(['loggedTurnaroundMs' => null, 'loggedTurnarounds' => 0]);
    ($this->paint)(62, 64, 66, 60);
    expect(($this->plan)()['loggedTurnaroundMs'])->toBeNull();
    ($this->paint)(62, 64, 66, 60, 61, 63);
    expect(($this->plan)())->toMatchArray(['loggedTurnaroundMs' => 90_000]);
});
