<?php

declare(strict_types=1);

use App\Line\Board\BoardLinks;
use App\Line\Forgetting\ForgetChildren;
use App\Line\Texts\ParentTexts;
use App\Models\Line\TextWish;
use Illuminate\Support\Facades\DB;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->now = (int) now()->getTimestampMs();
    $this->scene = Scene::team();
    $this->design = $this->scene->design('Wave band');
    $this->day = $this->scene->day(1, $this->design);
    $this->board = '/board/'.app(BoardLinks::class)->share($this->day, false)->token;
    $this->tickets = array_map(static fn (): string => Scene::ulid(), range(1, 6));
    $this->tap = fn (array ...$taps) => $this->actingAs($this->scene->painter)
        ->postJson("/api/days/{$this->day->id}/taps", ['taps' => $taps])->assertOk();
    ($this->tap)(Scene::tap('opened', $this->now - 9000), ...array_map(
        fn (string $ticket): array => Scene::tap('joined', $this->now - 8000, ticket: $ticket, design: $this->design->id),
        $this->tickets,
    ));
    $this->wish = fn (int $number, string $phone, string $language = 'en') => $this->postJson(
        "{$this->board}/texts",
        [
            'number' => $number, 'slipCode' => substr($this->tickets[$number - 1] ?? 'xyz', -3), 'phone' => $phone, 'language' => $language,
        ],
    );
    $this->sent = function (): array {
        $this->actingAs($this->scene->painter);

        return array_map(
            static fn (array $text): string => "{$text['number']} …{$text['phoneEnds']} {$text['words']}",
            array_reverse($this->getJson("/api/days/{$this->day->id}/texts")->assertOk()->json('texts')),
        );
    };
});

it('texts who asked for it: two before, your turn, each once', function (): void {
    ($this->wish)(5, '+49 (151) 000-0042')->assertNoContent();
    ($this->wish)(6, '0151 0000043', 'de')->assertNoContent();
    expect(($this->sent)())->toBe([]);

    foreach ([0, 1] as $at) {
        ($this->tap)(Scene::tap('no_show', $this->now + 100 * $at, ticket: $this->tickets[$at]));
    }
    expect(($this->sent)())->toBe(['5 …42 Lantern Quay: two before No. 5. Come closer, please.']);
    ($this->tap)(Scene::tap('no_show', $this->now + 300, ticket: $this->tickets[2]));
    ($this->tap)(Scene::tap('called', $this->now + 400, ticket: $this->tickets[4]));
    expect(($this->sent)())->toBe([
        '5 …42 Lantern Quay: two before No. 5. Come closer, please.',
        '6 …43 Lantern Quay: noch zwei vor Nr. 6. Komm bitte näher.',
        '5 …42 Lantern Quay: No. 5, it is your turn. Come to the chairs now.',
    ]);
});

it('texts who waits that the line is closing, and nobody who is gone', function (): void {
    ($this->wish)(6, '015100000042')->assertNoContent();
    ($this->wish)(5, '015100000043')->assertNoContent();
    ($this->tap)(Scene::tap('left', $this->now, ticket: $this->tickets[4]), Scene::tap('closed', $this->now + 10));
    expect(($this->sent)())->toBe(['6 …42 Lantern Quay: the line is closing. No. 6 is still painted: stay close.']);
});

it('says which text the service would not take', function (): void {
    ($this->wish)(1, '0151 0000 0000')->assertNoContent();
    $this->actingAs($this->scene->painter)->getJson("/api/days/{$this->day->id}/texts")->assertJsonPath('wishes', 1)
        ->assertJsonPath('texts.0.isTaken', false);
    app(ParentTexts::class)->send($this->day);
    expect(($this->sent)())->toHaveCount(1);
});

it('takes no number that nobody has, no words for a phone, and no fourth phone', function (): void {
    ($this->wish)(99, '015100000042')->assertNotFound();
    foreach (['', 'mum', '12', '0151 0000 0000 0000 00', "0151\n<b>"] as $phone) {
        ($this->wish)(1, $phone)->assertUnprocessable();
    }
    ($this->wish)(1, '015100000042', 'xx')->assertUnprocessable();
    foreach ([1, 2, 3, 1] as $phone) {
        ($this->wish)(1, "01510000004{$phone}")->assertNoContent();
    }
    ($this->wish)(1, '015100000044')->assertNotFound();
    $wish = ['number' => 1, 'slipCode' => substr($this->tickets[0], -3), 'phone' => '015100000042', 'language' => 'en'];
    $this->postJson('/board/'.str_repeat('x', 32).'/texts', $wish)->assertNotFound();
    expect(TextWish::query()->count())->toBe(3);
});

it('keeps a phone encrypted, lets it go when asked, and forgets all of them with the day', function (): void {
    ($this->wish)(1, '015100000042');
    ($this->wish)(2, '015100000043');
    $of = ['number' => 1, 'slipCode' => substr($this->tickets[0], -3), 'language' => 'en'];
    expect(DB::table('text_wishes')->pluck('phone')->implode(' '))->not->toContain('0151');
    $this->deleteJson("{$this->board}/texts", [...$of, 'phone' => '0151 0000 0043'])->assertNoContent();
    expect(TextWish::query()->count())->toBe(2);
    $this->deleteJson("{$this->board}/texts", [...$of, 'phone' => '0151 0000 0042'])->assertNoContent();
    expect(TextWish::query()->count())->toBe(1);
    app(ForgetChildren::class)->notes($this->day);
    expect(DB::table('text_wishes')->count() + DB::table('texts')->count())->toBe(0);
});

it('takes no phone from a stranger, who does not have the code of the slip, and lets nobody guess it', function (): void {
    $wish = ['number' => 1, 'slipCode' => 'zzz', 'phone' => '015100000042', 'language' => 'en'];
    foreach (range(1, 20) as $_) {
        $this->postJson("{$this->board}/texts", $wish)->assertNotFound();
    }
    // By now the right one is refused, too; another number's is not.
    ($this->wish)(1, '015100000042')->assertNotFound();
    ($this->wish)(2, '015100000042')->assertNoContent();
    expect(TextWish::query()->count())->toBe(1);
});
