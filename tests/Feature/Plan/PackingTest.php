<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Kit\Things\KitThings;
use App\Models\Kit\KitItem;
use App\Models\Kit\StockCount;
use Core\Design\Medium;
use Core\Kit\ItemValues;
use Core\Team\Role;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 10:50:00 UTC');
    $this->scene = Scene::team();
    $this->tobi = app(Members::class)->add($this->scene->painter->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist);
    $this->design = $this->scene->design(
        'Seal pup',
        Paint::step(Scene::ulid(), 60, colours: ['#8593a0'], name: 'Base'),
        Paint::step(Scene::ulid(), 60, Medium::Brush, 'round 4', ['#1c1c22'], name: 'Whiskers'),
    );
    $this->day = $this->scene->day(2, $this->design);
    $this->actingAs($this->scene->painter);
    $this->own = function (array $thing): string {
        app(KitThings::class)->add($this->scene->painter, ItemValues::read('', $thing));

        return KitItem::query()->where('name', $thing['name'])->latest('id')->value('id');
    };
    $this->grey = ($this->own)(['kind' => 'paint', 'name' => 'grey', 'colours' => [['hex' => '#8593a0']], 'gramsLeft' => 60]);
    $this->sheet = fn (): array => $this->getJson("/api/days/{$this->day->id}/packing")->assertOk()->json();
    // One child painted through.
    $this->paint = function (int $faces = 1): void {
        $now = (int) now()->getTimestampMs();
        $taps = [Scene::tap('opened', $now), Scene::tap('chair_taken', $now, chair: 1, painter: $this->scene->painter->id)];
        foreach (range(1, $faces) as $number) {
            $ticket = Scene::ulid();
            $taps[] = Scene::tap('joined', $now + 1000 * $number, ticket: $ticket, number: $number, design: $this->design->id);
            $taps[] = Scene::tap('seated', $now + 1000 * $number + 1, ticket: $ticket, chair: 1, plan: $this->design->plan_id);
            $taps[] = Scene::tap('finished', $now + 1000 * $number + 500, ticket: $ticket);
        }
        $this->travelTo(now()->addHour());
        $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertOk();
    };
});

it('keeps what is ticked off for whoever packs', function (): void {
    $this->putJson("/api/days/{$this->day->id}/packing/ticks", ['thing' => 'paint grey', 'isPacked' => true])->assertNoContent();
    $this->putJson("/api/days/{$this->day->id}/packing/ticks", ['thing' => 'paint grey', 'isPacked' => true])->assertNoContent();
    $this->actingAs($this->tobi);
    expect(($this->sheet)()['ticked'])->toBe(['paint grey']);
    $this->putJson("/api/days/{$this->day->id}/packing/ticks", ['thing' => 'paint grey', 'isPacked' => false])->assertNoContent();
    expect(($this->sheet)()['ticked'])->toBe([]);
    $this->putJson("/api/days/{$this->day->id}/packing/ticks", ['thing' => '', 'isPacked' => true])->assertUnprocessable();
});

it('packs what the painters add, for every event', function (): void {
    $put = fn (array $extras) => $this->putJson("/api/days/{$this->day->id}/packing/extras", ['extras' => $extras]);
    $put([['name' => ' lamp ', 'howMany' => 2], ['name' => 'folding chair', 'howMany' => 4]])->assertNoContent();
    expect(($this->sheet)()['extras'])->toBe([['name' => 'lamp', 'howMany' => 2], ['name' => 'folding chair', 'howMany' => 4]]);
    $other = $this->scene->day(1, $this->design);
    $this->getJson("/api/days/{$other->id}/packing")->assertJsonCount(2, 'extras');
    $put([['name' => 'lamp', 'howMany' => 1], ['name' => 'Lamp', 'howMany' => 1]])->assertUnprocessable();
    $put([['name' => '', 'howMany' => 1]])->assertUnprocessable();
    $put([['name' => 'lamp', 'howMany' => 0]])->assertUnprocessable();
    expect(count(($this->sheet)()['extras']))->toBe(2);
    $put([])->assertNoContent();
    expect(($this->sheet)()['extras'])->toBe([]);
});

it('says in whose bag a thing is, and who took the team’s home', function (): void {
    ($this->own)(['kind' => 'brush', 'name' => 'round 4', 'ownerId' => $this->tobi->id]);
    KitItem::query()->whereKey($this->grey)->update(['home_id' => $this->scene->painter->id]);
    $things = array_column(($this->sheet)()['things'], 'bags', 'name');
    expect($things['grey'])->toBe(['Ines'])->and($things['round 4'])->toBe(['Tobi'])->and($things['half sponge'])->toBe([]);
});

it('tells what two artists with one brush cost each other, and what each should have', function (): void {
    ($this->own)(['kind' => 'brush', 'name' => 'round 4']);
    ($this->own)(['kind' => 'brush', 'name' => 'black 2', 'reservedFor' => 'black', 'ownerId' => $this->scene->painter->id]);
    $bags = ($this->sheet)()['bags'];
    expect($bags['artists'])->toBe(2)
        // Held for 60 of 180 seconds: on every third face the other one has it, and is half through.
        ->and($bags['shared'])->toEqual([['name' => 'round 4', 'pieces' => 1, 'artists' => ['Ines', 'Tobi'], 'waitMs' => 10_000]])
        ->and(array_column($bags['lacking'], 'things', 'name'))->toBe([
            'Ines' => ['white brush', 'half black, half white cake'],
            'Tobi' => ['black brush', 'white brush', 'half black, half white cake'],
        ]);
    ($this->own)(['kind' => 'brush', 'name' => 'round 4', 'ownerId' => $this->scene->painter->id]);
    expect(($this->sheet)()['bags']['shared'])->toBe([]);
    ($this->own)(['kind' => 'brush', 'name' => 'round 4', 'ownerId' => $this->tobi->id]);
    expect(($this->sheet)()['bags']['alike'])->toBe(['round 4']);

    // One chair, one artist: nothing to share.
    $alone = $this->scene->day(1, $this->design);
    expect($this->getJson("/api/days/{$alone->id}/packing")->json('bags'))->toMatchArray(['artists' => 1, 'shared' => [], 'lacking' => []]);
});

it('takes the used off the stock once, puts it back, and learns from the scale', function (): void {
    expect(($this->sheet)()['stock'])->toBeNull();
    ($this->paint)(30);
    $stock = ($this->sheet)()['stock'];
    $grey = array_column($stock['things'], null, 'name')['grey'];
    expect($stock)->toMatchArray(['faces' => 30, 'isTaken' => false])->and($grey['before'])->toBe(60)
        ->and($grey['left'])->toBe((int) round(60 - $grey['used']))->and($grey['used'])->toBeGreaterThan(1);
    $before = array_column(($this->sheet)()['things'], 'amount', 'name')['grey'];

    $take = fn (array $left) => $this->putJson("/api/days/{$this->day->id}/stock", ['left' => $left]);
    $take([['itemId' => $this->grey, 'left' => 40, 'isWeighed' => true]])->assertNoContent();
    expect(($this->sheet)()['stock']['isTaken'])->toBeTrue();
    expect(KitItem::query()->find($this->grey)->grams_left)->toBe(40);
    $take([['itemId' => $this->grey, 'left' => 10, 'isWeighed' => true]])->assertConflict();
    expect(KitItem::query()->find($this->grey)->grams_left)->toBe(40);
    // Twenty grams where a few were thought: the next list has more of it.
    $learned = ($this->sheet)();
    expect($learned['thrift'])->toEqualWithDelta((20 + 20) / (20 + $grey['used']), 0.01)
        ->and(array_column($learned['things'], 'amount', 'name')['grey'])->toEqualWithDelta($before * $learned['thrift'], 0.2);

    // Bought ten grams meanwhile: they stay when it is put back.
    KitItem::query()->whereKey($this->grey)->update(['grams_left' => 50]);
    $this->deleteJson("/api/days/{$this->day->id}/stock")->assertNoContent();
    expect(($this->sheet)()['stock']['isTaken'])->toBeFalse();
    expect(KitItem::query()->find($this->grey)->grams_left)->toBe(70)->and(StockCount::query()->count())->toBe(0)
        ->and(($this->sheet)()['thrift'])->toEqual(1);
    $this->deleteJson("/api/days/{$this->day->id}/stock")->assertNoContent();
});

it('does not learn from what nobody weighed, and takes nothing of others', function (): void {
    ($this->paint)(10);
    $others = Scene::team('Others');
    app(KitThings::class)->add($others->painter, ItemValues::read('', [
        'kind' => 'paint', 'name' => 'grey', 'colours' => [['hex' => '#8593a0']], 'gramsLeft' => 9,
    ]));
    $theirs = KitItem::query()->where('team_id', $others->painter->team_id)->value('id');
    $this->putJson("/api/days/{$this->day->id}/stock", ['left' => [
        ['itemId' => $this->grey, 'left' => 20, 'isWeighed' => false], ['itemId' => $theirs, 'left' => 0, 'isWeighed' => true],
    ]])->assertNoContent();
    expect(($this->sheet)()['thrift'])->toBe(1);
    expect(KitItem::query()->find($theirs)->grams_left)->toBe(9);
    $this->putJson("/api/days/{$this->day->id}/stock", ['left' => []])->assertUnprocessable();
});
