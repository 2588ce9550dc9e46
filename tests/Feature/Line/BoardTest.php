<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Line\Board\PublicOffer;
use App\Models\Line\BoardLink;
use App\Models\Menu\MenuItem;
use Core\Team\Role;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->now = now()->getTimestampMs();
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design('Wave band', Paint::step($this->base = Scene::ulid(), 40, name: 'Blue wave'));
    $this->day = $this->scene->day(2, $this->design);
    $this->first = Scene::ulid();
    $join = fn (string $ticket, string $name): array => Scene::tap(
        'joined',
        $this->now - 100_000,
        ticket: $ticket,
        design: $this->design->id,
        firstName: $name,
        note: 'blue coat',
    );
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [
        Scene::tap('opened', $this->now - 120_000), $join($this->first, 'Noor'), $join(Scene::ulid(), 'Emil'), $join(Scene::ulid(), 'Ada'),
        Scene::tap('seated', $this->now - 60_000, ticket: $this->first, chair: 1, plan: $this->design->plan_id),
    ]])->assertOk();
});

function shareBoard(bool $names = false): string
{
    $address = test()->putJson('/api/days/'.test()->day->id.'/board', ['showsNames' => $names])->assertOk()->json('address');

    return (string) parse_url((string) $address, PHP_URL_PATH);
}

it('shows the line to whoever has the link: numbers and times, no name, no note, no money, nobody of the team', function (): void {
    MenuItem::query()->where('event_day_id', $this->day->id)->update(['price_cents' => 777]);
    $path = shareBoard();
    Auth::forgetGuards();
    $line = $this->get("{$path}/line")->assertOk();

    expect($line->json('painting'))->toBe([['chair' => 1, 'number' => 1, 'firstName' => null, 'design' => 'Wave band']])
        ->and($line->json('waiting.*.number'))->toBe([2, 3])->and($line->json('isOpen'))->toBeTrue();
    foreach (['Noor', 'blue coat', '777', $this->scene->painter->name, $this->first] as $private) {
        expect(str_contains((string) $line->getContent(), $private))->toBeFalse();
    }
    foreach ($line->json('waiting') as $child) {
        expect($child['callFrom'])->toBeLessThanOrEqual($child['callAbout'])
            ->and($child['callAbout'])->toBeLessThanOrEqual($child['callUntil']);
    }
    $this->get($path)->assertOk()->assertCookieMissing(config('session.cookie'));
    $pictures = $this->get("{$path}/pictures")->assertOk()->assertJsonPath('0.key', PublicOffer::key($this->design->id));
    // A picture, and no recipe: not by what words, with what tool, in which seconds; and no id of the team's.
    foreach (['Blue wave', $this->base, $this->design->id, 'tool', 'plannedMs', 'note', 'medium', 'films'] as $recipe) {
        expect(str_contains((string) $pictures->getContent(), $recipe))->toBeFalse($recipe);
    }
    expect($pictures->json('0.steps.0.id'))->toBe('0')
        ->and(str_contains((string) $line->getContent(), $this->design->id))->toBeFalse();
});

it('shows first names where the team wants it, and keeps its link', function (): void {
    $path = shareBoard();

    expect(shareBoard(true))->toBe($path)->and($this->get("{$path}/line")->json('waiting.*.firstName'))->toBe(['Emil', 'Ada'])
        ->and($this->getJson("/api/days/{$this->day->id}/board")->json('showsNames'))->toBeTrue();
});

it('says that nothing is new to whoever has it already, until something is', function (): void {
    $path = shareBoard();
    $first = $this->get("{$path}/line")->assertOk();
    $etag = (string) $first->headers->get('ETag');
    $again = fn () => $this->get("{$path}/line", ['If-None-Match' => $etag]);

    $again()->assertStatus(304);
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [
        Scene::tap('step_done', $this->now - 100, ticket: $this->first, step: $this->base),
    ]])->assertOk();
    $again()->assertOk();
    expect((string) $first->headers->get('Cache-Control'))->toContain('public')->toContain('no-cache');
});

it('is gone when the link is ended, when the day is, and where it was guessed', function (): void {
    $path = shareBoard();
    $this->deleteJson("/api/days/{$this->day->id}/board")->assertOk()->assertJsonPath('address', null);
    $this->get("{$path}/line")->assertNotFound();
    $other = shareBoard();

    expect($other)->not->toBe($path)->and(strlen(basename($other)))->toBe(32)
        ->and(BoardLink::query()->first()?->getRawOriginal('token'))->not->toContain(basename($other));
    $this->day->delete();
    $this->get("{$other}/line")->assertNotFound();
    $this->get('/board/'.str_repeat('x', 32).'/line')->assertNotFound();
    $this->get('/board/short/line')->assertNotFound();
});

it('tells a helper nothing of what was paid, and takes no money from one', function (): void {
    $tap = fn (): array => Scene::tap('paid', $this->now - 10, ticket: $this->first, cents: 777, payment: 'cash');
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [$tap()]])->assertJsonPath('outcomes.0.fate', 'kept');
    $helper = app(Members::class)->add($this->scene->painter->team->name, 'Wren', 'wren@example.org', 'a long password', Role::Helper);
    $mine = $this->getJson("/api/days/{$this->day->id}/line")->getContent();
    $this->actingAs($helper);

    expect($mine)->toContain('777')
        ->and($this->getJson("/api/days/{$this->day->id}/line")->assertOk()->getContent())->not->toContain('777');
    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [$tap()]])
        ->assertJsonPath('outcomes.0.fate', 'refused')
        ->assertJsonPath('outcomes.0.message', 'That is for those who paint. Ask one of them.');
});

it('keeps what was asked and answered, the parts of the turnaround, and what a wiped-off step took', function (): void {
    $taps = fn (array ...$taps) => $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => array_values($taps)])->assertOk();
    $about = ['ticket' => $this->first];
    $answer = $taps(
        Scene::tap('asked', $this->now - 50_000, ...$about, answers: ['lips', 'photo'], without: []),
        Scene::tap('wiped_off', $this->now - 40_000, ...$about, step: $this->base),
        Scene::tap('paused', $this->now - 35_000, ...$about, reason: 'dry'),
        Scene::tap('resumed', $this->now - 30_000, ...$about),
        Scene::tap('step_done', $this->now - 20_000, ...$about, step: $this->base),
        Scene::tap('part_done', $this->now - 15_000, ...$about, part: 'mirror'),
        Scene::tap('finished', $this->now - 10_000, ...$about),
        Scene::tap('mended', $this->now - 5_000, ...$about, step: $this->base, spent: 21_000),
    );

    expect($answer->json('outcomes.*.fate'))->toBe(array_fill(0, 8, 'kept'))
        ->and($answer->json('news.line.ended.0.freshWater'))->toBeFalse();
    $this->assertDatabaseHas('face_steps', ['face_id' => $this->first, 'spent_ms' => 21_000, 'mended_from_ms' => 25_000, 'wiped' => 1]);
    // Told again from the first event, and from what was kept of it, it is the same.
    $kept = $this->getJson("/api/days/{$this->day->id}/line")->json('ended');
    DB::table('line_stories')->delete();
    expect($this->getJson("/api/days/{$this->day->id}/line")->json('ended'))->toBe($kept);
});

it('refuses what is out of shape, and says so', function (array $more, string $says): void {
    $answer = $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [
        Scene::tap('asked', $this->now, ...['ticket' => $this->first, 'answers' => [], ...$more]),
        Scene::tap('closed', $this->now),
    ]])->assertOk();

    expect($answer->json('outcomes.0.fate'))->toBe('refused')->and($answer->json('outcomes.0.message'))->toContain($says)
        ->and($answer->json('outcomes.1.fate'))->toBe('kept');
})->with([
    'an answer that is none' => [['answers' => ['moon']], 'answers'],
    'a book for a note' => [['note' => str_repeat('x', 500)], 'note'],
    'a party that is none' => [['party' => 'p'], 'party'],
    'a thousand answers' => [['answers' => array_fill(0, 1000, 'lips')], 'answers'],
]);
