<?php

declare(strict_types=1);

use App\Line\Forgetting\ForgetChildren;
use App\Line\Forgetting\ForgetNotesOfDay;
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
    $this->design = $this->scene->design('Wave band', Paint::step(Scene::ulid(), 40, name: 'Blue wave'));
    $this->day = $this->scene->day(1, $this->design);
});

/**
 * @param  array<string, mixed>  ...$taps
 * @return TestResponse<Response>
 */
function say(array ...$taps): TestResponse
{
    return test()->postJson('/api/days/'.test()->day->id.'/taps', ['taps' => array_values($taps)])->assertOk();
}

it('keeps together who came together, with wishes and a word about each', function (): void {
    $party = Scene::ulid();
    $join = fn (string $name, ?string $note): array => Scene::tap(
        'joined',
        $this->now - 9_000,
        ticket: Scene::ulid(),
        design: $this->design->id,
        firstName: $name,
        party: strtoupper($party),
        painter: $this->scene->painter->id,
        note: $note,
    );
    $waiting = say(Scene::tap('opened', $this->now - 10_000), $join('Noor', '  blue coat '), $join('Emil', ' '))->json('news.line.waiting');

    expect(array_column($waiting, 'party'))->toBe([$party, $party])->and(array_column($waiting, 'note'))->toBe(['blue coat', null])
        ->and(array_column($waiting, 'wishId'))->toBe([$this->scene->painter->id, $this->scene->painter->id]);
});

it('calls again, says who is not there after five minutes, and takes the next one meanwhile', function (): void {
    [$first, $second] = [Scene::ulid(), Scene::ulid()];
    $join = fn (string $ticket): array => Scene::tap('joined', $this->now - 9_000, ticket: $ticket, design: $this->design->id);
    $line = say(Scene::tap('opened', $this->now - 10_000), $join($first), $join($second), Scene::tap('called', $this->now, ticket: $first));
    expect($line->json('news.line.chairs.0.next'))->toBe(['ticketId' => $first, 'savesMs' => 0]);

    $this->travel(5)->minutes();
    $later = $this->getJson("/api/days/{$this->day->id}/line");
    expect($later->json('waiting.0.overdue'))->toBeTrue()->and($later->json('chairs.0.next.ticketId'))->toBe($second);

    $again = say(Scene::tap('called', now()->getTimestampMs(), ticket: $first));
    expect($again->json('news.line.waiting.0.calls'))->toBe(2)->and($again->json('news.line.chairs.0.next.ticketId'))->toBe($first);
});

it('takes a design off for now, and says so once', function (): void {
    $off = fn (string $kind): array => Scene::tap($kind, $this->now, design: $this->design->id);

    expect(say($off('sold_out'))->json('news.line.soldOut'))->toBe([$this->design->id])
        ->and(say($off('sold_out'))->json('outcomes.0.message'))->toBe('That design is sold out already.')
        ->and(say($off('on_menu_again'))->json('news.line.soldOut'))->toBe([]);
});

it('goes on by another design half-way, and back', function (): void {
    $other = $this->scene->design('Crab nose', Paint::step(Scene::ulid(), 30, name: 'Red base'));
    $ticket = Scene::ulid();
    $changed = say(
        Scene::tap('opened', $this->now - 10_000),
        Scene::tap('joined', $this->now - 9_000, ticket: $ticket, design: $this->design->id),
        Scene::tap('seated', $this->now - 8_000, ticket: $ticket, chair: 1, plan: $this->design->plan_id),
        $trim = Scene::tap('trimmed', $this->now - 5_000, ticket: $ticket, plan: $other->plan_id, design: $other->id),
    );
    expect($changed->json('news.line.chairs.0.child.designId'))->toBe($other->id)
        ->and($changed->json('news.line.chairs.0.child.design'))->toBe('Crab nose')
        ->and(say(Scene::tap('undone', $this->now, target: $trim['id']))->json('news.line.chairs.0.child.designId'))
        ->toBe($this->design->id);
});

it('takes a child that is seated with another design’s plan as one that chose it', function (): void {
    $other = $this->scene->design('Crab nose', Paint::step(Scene::ulid(), 30, name: 'Red base'));
    $ticket = Scene::ulid();
    $seated = say(
        Scene::tap('opened', $this->now - 10_000),
        Scene::tap('joined', $this->now - 9_000, ticket: $ticket, design: $this->design->id),
        $seat = Scene::tap('seated', $this->now - 8_000, ticket: $ticket, chair: 1, plan: $other->plan_id),
    );
    expect($seated->json('news.line.chairs.0.child'))->toMatchArray(['designId' => $other->id, 'design' => 'Crab nose'])
        ->and(say(Scene::tap('undone', $this->now, target: $seat['id']))->json('news.line.waiting.0.designId'))->toBe($this->design->id);
});

it('forgets a word about a child when the day is over, and not before', function (): void {
    say(Scene::tap('opened', $this->now - 10_000), Scene::tap(
        'joined',
        $this->now - 9_000,
        ticket: Scene::ulid(),
        design: $this->design->id,
        note: 'blue coat',
        party: Scene::ulid(),
    ));
    $job = new ForgetNotesOfDay($this->day->team_id, $this->day->id);
    $waiting = fn () => $this->getJson("/api/days/{$this->day->id}/line")->json('waiting.0');
    $job->handle(app(ForgetChildren::class));
    expect($waiting()['note'])->toBe('blue coat');

    $this->travelTo(now()->setTimestamp(intdiv($this->day->closes_ms, 1000))->addHours(7));
    $job->handle(app(ForgetChildren::class));
    expect($waiting()['note'])->toBeNull()->and($waiting()['party'])->not()->toBeNull();
    expect(DB::table('chair_events')->where('more', 'like', '%coat%')->count() + DB::table('line_stories')
        ->where('story', 'like', '%coat%')->count())->toBe(0);
});
