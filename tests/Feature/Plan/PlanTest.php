<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Bench\FacePlan;
use App\Models\Bench\PainterPlan;
use App\Plan\Forecast\MenuTimes;
use App\Plan\Forecast\OfferedTimes;
use Core\Design\StepValues;
use Core\Team\Role;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->tobi = app(Members::class)->add($this->scene->painter->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist);
    $this->wave = $this->scene->design('Wave band', Paint::step(Scene::ulid(), 150, name: 'Wave'));
    $this->puffin = $this->scene->design(
        'Puffin mask',
        Paint::step(Scene::ulid(), 200, name: 'Base'),
        StepValues::read(Scene::ulid(), [...StepValues::of(Paint::step('b', 120, name: 'Feathers')), 'optional' => true, 'look' => 4]),
    );
    $this->day = $this->scene->day(2, $this->wave, $this->puffin);
    $this->actingAs($this->scene->painter);
    $this->plan = fn (): array => $this->getJson("/api/days/{$this->day->id}/plan")->assertOk()->json();
    $this->terms = fn (mixed ...$changed): array => [...($this->plan)()['terms'], ...$changed];
    $this->lines = fn (string $what, array $terms): array => array_map(
        static fn (string $line): array => (array) json_decode($line, true, flags: JSON_THROW_ON_ERROR),
        array_values(array_filter(explode(
            "\n",
            $this->postJson("/api/days/{$this->day->id}/{$what}", $terms)->assertOk()->getContent(),
        ))),
    );
});

it('assumes what nobody has said, and keeps what is said', function (): void {
    $assumed = ($this->plan)();
    expect($assumed['isAssumed'])->toBeTrue()
        ->and($assumed['terms'])->toMatchArray([
            'kind' => 'festival', 'arrivals' => 'by_profile', 'profile' => [1, 1, 1, 1, 1], 'wantedPercent' => 90, 'stopNamesAt' => null,
        ])
        ->and(array_sum($assumed['terms']['turnaround']))->toBe(60_000)
        // As many as two chairs paint in five hours at the mean of the two designs.
        ->and($assumed['terms']['children'])->toBeGreaterThan(100)->toBeLessThan(180)
        ->and(array_column($assumed['menu'], 'name'))->toBe(['Wave band', 'Puffin mask'])
        ->and($assumed['menu'][1]['quickMs'])->toBeLessThan($assumed['menu'][1]['usualMs']);

    $kept = $this->putJson("/api/days/{$this->day->id}/plan", ($this->terms)(
        children: 90,
        profile: [1, 2.5, 2],
        turnaround: [...$assumed['terms']['turnaround'], 'pay' => 30_000],
        closesAt: $assumed['terms']['closesAt'] + 1_800_000,
        levers: ['longest_off'],
    ))->assertOk()->json();
    expect($kept['isAssumed'])->toBeFalse()->and(($this->plan)())->toEqual($kept)
        ->and($kept['terms'])->toMatchArray(['children' => 90, 'profile' => [1, 2.5, 2], 'levers' => ['longest_off']])
        // The line goes by the same turnaround and the same hours.
        ->and($kept['day']['turnaroundMs'])->toBe(82_000)->and($kept['day']['closesAt'])->toBe($kept['terms']['closesAt']);
});

it('spreads a turnaround over its parts again once the day has another', function (): void {
    $this->putJson("/api/days/{$this->day->id}/plan", ($this->terms)())->assertOk();
    $this->day->refresh()->update(['turnaround_ms' => 120_000]);

    expect(($this->plan)()['terms']['turnaround'])->toBe(
        ['choose' => 24_000, 'safety' => 16_000, 'mirror' => 24_000, 'pay' => 16_000, 'clean' => 40_000],
    );
});

it('answers at once, and then so that it stays', function (): void {
    config(['plan.days' => 10_000]);
    [$first, $last] = ($this->lines)('forecast', ($this->terms)(children: 90));

    expect([$first['runs'], $first['isDone'], $last['runs'], $last['isDone']])->toBe([100, false, 10_000, true])
        ->and($last['faces'])->toEqualWithDelta($first['faces'], 5.0)
        ->and($last['namesStopAt'])->toBe($last['latestNameAt'])->and($last['chanceOfAll'])->toBeGreaterThanOrEqual(0.9)
        ->and(array_column($last['artists'], 'name'))->toBe(['Ines', 'Tobi'])
        ->and(array_column($last['artists'], 'hasPace'))->toBe([false, false])
        ->and($last['takings'])->toEqualWithDelta(400 * $last['faces'], 400)
        // Two artists, five hours, ninety children: 600 minutes shared out among them.
        ->and($last['grossMs'])->toBe(400_000)->and($last['netMs'])->toBe(340_000)
        ->and(count($last['line']))->toBe(31);
});

it('keeps no figure of what was only tried', function (): void {
    $this->postJson("/api/days/{$this->day->id}/played", ($this->terms)(children: 7))->assertOk();

    expect(($this->plan)()['isAssumed'])->toBeTrue()->and(($this->plan)()['terms']['children'])->not->toBe(7);
});

it('says what each change would bring, but those that were made', function (): void {
    $terms = ($this->terms)(children: 150);
    $levers = array_column(($this->lines)('levers', $terms), null, 'lever');
    $left = array_column(($this->lines)('levers', [...$terms, 'levers' => ['artist_more', 'start_earlier']]), null, 'lever');

    expect(array_keys($levers))->toContain('artist_more', 'quick_only', 'longest_off', 'names_and_money')
        ->and($levers['artist_more']['artists'])->toHaveCount(3)
        ->and($levers['start_earlier']['opensAt'])->toBe($terms['opensAt'] - 1_800_000)
        ->and(array_keys($left))->not->toContain('artist_more', 'start_earlier')
        ->and($left['quick_only']['opensAt'])->toBe($terms['opensAt'] - 1_800_000)
        ->and($left['quick_only']['artists'][2])->toMatchArray(['name' => 'One more artist'])
        ->and($left['quick_only']['faces'])->toBeGreaterThan($levers['quick_only']['faces']);
});

it('plays a good day, a usual one and a bad one', function (): void {
    $terms = ($this->terms)(children: 120);
    $ends = array_map(fn (string $like): int => max(array_column(
        $this->postJson("/api/days/{$this->day->id}/played", [...$terms, 'like' => $like])->assertOk()->json('faces'),
        'painted',
    )), ['good', 'usual', 'bad']);
    $usual = $this->postJson("/api/days/{$this->day->id}/played", $terms)->json();

    expect($ends[0])->toBeLessThanOrEqual($ends[1])->and($ends[1])->toBeLessThanOrEqual($ends[2])
        ->and($usual['artists'])->toBe(['Ines', 'Tobi'])
        ->and(array_unique(array_column($usual['faces'], 'design')))->toContain('Wave band', 'Puffin mask')
        ->and($this->postJson("/api/days/{$this->day->id}/played", [...$terms, 'next' => 1])->json('faces'))->not->toBe($usual['faces']);
});

it('paints by the roster: a break in it is a break, and who is not there does not paint', function (): void {
    $this->putJson("/api/days/{$this->day->id}/roster", ['shifts' => [
        ['chair' => 1, 'painterId' => $this->scene->painter->id, 'from' => null],
        ['chair' => 1, 'painterId' => null, 'from' => '13:00'],
        ['chair' => 1, 'painterId' => $this->scene->painter->id, 'from' => '13:30'],
        ['chair' => 2, 'painterId' => null, 'from' => null],
    ]])->assertOk();
    $terms = ($this->terms)();
    $artists = ($this->lines)('forecast', $terms)[0]['artists'];
    $at = static fn (int $minutes): int => $terms['opensAt'] + 60_000 * $minutes;

    expect($artists)->toHaveCount(1)
        ->and($artists[0]['stints'])->toBe([['from' => $at(0), 'until' => $at(120)], ['from' => $at(150), 'until' => $at(300)]]);
});

it('refuses what cannot be, in one message, and keeps what was', function (array $changed, string $says): void {
    $terms = ($this->terms)();
    foreach (['putJson' => 'plan', 'postJson' => 'forecast'] as $method => $address) {
        $answer = $this->{$method}("/api/days/{$this->day->id}/{$address}", [...$terms, ...$changed]);
        expect($answer->status())->toBe(422)->and($answer->json('message'))->toContain($says);
    }
    expect(($this->plan)()['isAssumed'])->toBeTrue();
})->with([
    'no children' => [['children' => 0], 'how many children'],
    'closing before opening' => [['closesAt' => 1_794_049_199_999], 'closes before it opens'],
    'a week' => [['closesAt' => 1_794_049_200_000 + 7 * 86_400_000], 'too long a day'],
    'no chair' => [['chairs' => 0], 'Choose 1 to 8 chairs'],
    'a negative price' => [['bookingCents' => -1], 'no price for a booking'],
    'an absurd price' => [['bookingCents' => 10 ** 12], 'no price for a booking'],
    'names after closing' => [['stopNamesAt' => 1_794_067_200_001], 'after the event closes'],
    'a chance of all' => [['wantedPercent' => 100], '50 to 99'],
    'an unknown lever' => [['levers' => ['wish']], 'levers.0'],
    'an unknown part' => [['turnaround' => ['nap' => 5]], 'turnaround'],
]);

it('says what an event lacks before it can be played', function (): void {
    $empty = $this->scene->day(1);
    $this->putJson("/api/days/{$this->day->id}/roster", ['shifts' => [
        ['chair' => 1, 'painterId' => null, 'from' => null], ['chair' => 2, 'painterId' => null, 'from' => null],
    ]])->assertOk();

    $this->postJson("/api/days/{$empty->id}/forecast", ($this->terms)())->assertStatus(422)
        ->assertJsonPath('message', 'The menu is empty. Put a design on it.');
    $this->postJson("/api/days/{$this->day->id}/forecast", ($this->terms)())->assertStatus(422)
        ->assertJsonPath('message', 'Nobody paints. Put an artist on a chair.');
});

it('paints at the pace of whoever sits there, where that is known', function (): void {
    // Tobi's hands take five times as long to take up a brush that stands ready; the plans of each painter are his own.
    $menu = fn (): array => app(MenuTimes::class)($this->day->refresh());
    PainterPlan::query()->insert([
        'design_id' => $this->wave->id, 'painter_id' => $this->tobi->id, 'rung' => '',
        'plan_id' => ($longer = FacePlan::query()->findOrFail($this->wave->refresh()->plan_id)->replicate()
            ->fill(['id' => str_repeat('a', 64), 'total_ms' => 200_000]))->id,
        'total_ms' => 200_000,
    ] + ($longer->save() ? [] : []));
    [$wave] = $menu();

    expect($wave->of($this->tobi->id)[0]->middle->milliseconds)->toBe(200_000)
        ->and($wave->of($this->scene->painter->id)[0]->middle->milliseconds)->toBe(150_000);
    $artists = array_column(($this->lines)('levers', ($this->terms)())[0]['artists'], 'hasPace', 'name');
    expect($artists)->toMatchArray(['Ines' => false, 'Tobi' => true]);
});

it('asks for what was chosen before more often, and lets one popular design not drown the rest', function (): void {
    $weights = fn (): array => array_map(
        static fn (OfferedTimes $offered): float => $offered->offer->weight,
        app(MenuTimes::class)($this->day->refresh()),
    );

    expect($weights())->toBe([5.0, 5.0]);
});

it('tells in what the team is paid', function (): void {
    $this->getJson('/api/session')->assertJsonPath('currency', 'EUR');
    $this->scene->painter->team->update(['currency' => 'JPY']);
    $this->actingAs($this->scene->painter->fresh());
    $this->getJson('/api/session')->assertJsonPath('currency', 'JPY');
});

it('packs for what may come, and says what the kit has not got', function (): void {
    $this->putJson("/api/days/{$this->day->id}/plan", ($this->terms)(children: 60))->assertOk();
    $sheet = $this->getJson("/api/days/{$this->day->id}/packing")->assertOk()->json();
    $things = array_column($sheet['things'], null, 'name');

    // One sponge a child: each design uses one kind, and both may be wanted more than usual.
    expect($sheet['faces'])->toBeGreaterThan(50)->toBeLessThan(90)
        ->and($things['half sponge']['amount'])->toBeGreaterThan($sheet['faces'])->toBeLessThan(2 * $sheet['faces'])
        ->and($things['half sponge'])->toMatchArray(['isInKit' => false, 'unit' => 'pieces', 'have' => null])
        ->and($things['wipes']['amount'])->toBe(2 * $sheet['faces'])
        ->and($things['#8593a0']['short'])->toBe($things['#8593a0']['amount'])->and($things['#8593a0']['hex'])->toBe('#8593a0');

    $this->postJson('/api/kit', ['kind' => 'paint', 'name' => 'sea grey', 'colours' => [['name' => 'sea grey', 'hex' => '#8593a0']],
        'howMany' => 1, 'paintKind' => 'glycerine', 'gramsLeft' => 500, 'skinSafe' => true, 'latex' => false, 'gel' => false,
        'selfStick' => false])->assertSuccessful();
    $weighed = array_column($this->getJson("/api/days/{$this->day->id}/packing")->json('things'), null, 'name');
    expect($weighed['sea grey'])->toMatchArray(['isInKit' => true, 'have' => 500, 'short' => 0]);
});

it('puts the children of a party in order, and keeps none of their names', function (): void {
    $ask = fn (mixed ...$changed) => $this->postJson("/api/days/{$this->day->id}/party-order", [
        'guests' => "Mila 7 birthday\nOskar 5 + Juna 8\nIda 4", 'birthday' => 'last', 'cakeAt' => null, 'more' => 2, ...$changed,
    ]);
    $opens = $this->day->opens_ms;

    // Five hours of two chairs among four, and among six.
    expect($ask()->assertOk()->json())->toMatchArray(['eachMs' => 9_000_000, 'netMs' => 8_940_000, 'eachWithMoreMs' => 6_000_000])
        ->and(array_column($ask()->json('calls'), 'at', 'name'))
        ->toBe(['Ida' => $opens, 'Oskar' => $opens, 'Juna' => $opens + 9_000_000, 'Mila' => $opens + 9_000_000])
        ->and($ask(cakeAt: $opens + 3_600_000)->json('eachMs'))->toBe(1_800_000);
    $ask(guests: '  ')->assertStatus(422);
    $ask(guests: '12')->assertStatus(422)->assertJsonPath('message', fn (string $says): bool => str_contains($says, 'Nobody stands'));
    $ask(cakeAt: $opens)->assertStatus(422)->assertJsonPath('message', 'The cake comes before the party begins. Choose a later time.');
    $ask(birthday: 'never')->assertStatus(422);
});
