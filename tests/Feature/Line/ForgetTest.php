<?php

declare(strict_types=1);

use App\Line\Forgetting\ForgetChildren;
use App\Line\Forgetting\ForgetNamesOfDay;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Queue;
use Tests\Scene;

const UNUSUAL = 'Wilhelmina';

/** @return list<string> tables and columns in which anything holds the name */
function whereNamed(string $name): array
{
    $words = ['varchar', 'char', 'text', 'mediumtext', 'longtext', 'json'];
    $columns = DB::table('information_schema.columns')->whereRaw('table_schema = database()')->whereIn('data_type', $words)
        ->selectRaw("concat(table_name, '.', column_name) as place")->pluck('place')->all();

    return array_values(array_filter($columns, static function (string $place) use ($name): bool {
        [$table, $column] = explode('.', $place);

        return DB::table($table)->whereRaw("`{$column}` like ?", ["%{$name}%"])->exists();
    }));
}

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design();
    $this->day = $this->scene->day(1, $this->design);
    $at = now()->getTimestampMs();
    $this->tickets = [Scene::ulid(), Scene::ulid()];
    $this->taps = [
        Scene::tap('opened', $at - 9_000),
        Scene::tap(
            'joined',
            $at - 8_000,
            ticket: $this->tickets[0],
            design: $this->design->id,
            firstName: UNUSUAL,
            note: UNUSUAL.' is shy',
        ),
        Scene::tap('joined', $at - 7_000, ticket: $this->tickets[1], design: $this->design->id, firstName: 'Noor'),
    ];
    $this->say = fn () => $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => $this->taps])->assertOk();
    $this->closed = now()->setTimestamp(intdiv($this->day->closes_ms, 1000));
});

it('forgets first names a day after the event, from everything that is kept', function (): void {
    Queue::fake();
    ($this->say)();
    Queue::assertPushed(ForgetNamesOfDay::class, 1);
    expect(whereNamed(UNUSUAL))->not->toBe([]);
    $job = new ForgetNamesOfDay($this->day->team_id, $this->day->id, 1);

    $this->travelTo($this->closed->copy()->addHours(23));
    $job->handle(app(ForgetChildren::class));
    expect(whereNamed(UNUSUAL))->not->toBe([]);

    $this->travelTo($this->closed->copy()->addHours(25));
    $job->handle(app(ForgetChildren::class));
    expect(whereNamed(UNUSUAL))->toBe([])
        ->and(array_column($this->getJson("/api/days/{$this->day->id}/line")->json('waiting'), 'number'))->toBe([1, 2]);
});

it('goes by what the team says, from when it says so, for events that were, too', function (): void {
    Queue::fake();
    ($this->say)();
    $this->putJson('/api/team/names-days', ['days' => 31])->assertUnprocessable();
    $this->putJson('/api/team/names-days', ['days' => 7])->assertOk()->assertJson(['namesDays' => 7]);
    Queue::assertPushed(ForgetNamesOfDay::class, static fn (ForgetNamesOfDay $job): bool => str_ends_with($job->uniqueId(), ' 7'));

    $this->travelTo($this->closed->copy()->addDays(2));
    (new ForgetNamesOfDay($this->day->team_id, $this->day->id, 1))->handle(app(ForgetChildren::class));
    (new ForgetNamesOfDay($this->day->team_id, $this->day->id, 7))->handle(app(ForgetChildren::class));
    expect(whereNamed(UNUSUAL))->not->toBe([]);
    $this->travelTo($this->closed->copy()->addDays(8));
    (new ForgetNamesOfDay($this->day->team_id, $this->day->id, 7))->handle(app(ForgetChildren::class));
    expect(whereNamed(UNUSUAL))->toBe([]);
});

it('forgets one child at once when a guardian asks, and no other', function (): void {
    ($this->say)();
    $this->deleteJson("/api/days/{$this->day->id}/children/99")->assertNotFound();
    $this->deleteJson("/api/days/{$this->day->id}/children/1")->assertNoContent();

    expect(whereNamed(UNUSUAL))->toBe([])
        ->and(array_column($this->getJson("/api/days/{$this->day->id}/line")->json('waiting'), 'firstName', 'number'))
        ->toBe([1 => null, 2 => 'Noor']);
});

it('writes no name into the log when a query fails', function (): void {
    $lines = [];
    Log::listen(static function ($message) use (&$lines): void {
        $lines[] = $message->message.json_encode($message->context);
    });
    report(new QueryException('mariadb', 'insert into chair_events (first_name) values (?)', [UNUSUAL], new PDOException('Lost.')));

    expect($lines)->toHaveCount(1)->and($lines[0])->toContain('Lost.')->toContain('values (?)')
        ->and(str_contains($lines[0], UNUSUAL))->toBeFalse();
});

it('forgets at the day’s end what a lost job has left, and nothing before its time', function (): void {
    Queue::fake();
    ($this->say)();
    $this->travelTo($this->closed->copy()->addHours(6));
    $this->artisan('inch:end-of-day')->expectsOutputToContain('0 days had')->assertSuccessful();
    expect(whereNamed(UNUSUAL))->not->toBe([]);
    $this->travelTo($this->closed->copy()->addHours(8));
    $this->artisan('inch:end-of-day')->expectsOutputToContain('1 days had')->assertSuccessful();
    expect(whereNamed('is shy'))->toBe([])->and(whereNamed('Noor'))->not->toBe([]);
    $this->travelTo($this->closed->copy()->addHours(26));
    $this->artisan('inch:end-of-day')->assertSuccessful();
    expect(whereNamed(UNUSUAL))->toBe([])->and(whereNamed('Noor'))->toBe([]);
    $this->artisan('inch:end-of-day')->expectsOutputToContain('0 days had')->assertSuccessful();
});

it('leaves nothing of a team that has ended, in no table', function (): void {
    ($this->say)();
    $teamId = $this->day->team_id;
    $this->putJson('/api/team/end', ['password' => 'a long password'])->assertOk();
    $this->travel(31)->days();
    $this->artisan('inch:end-of-day')->assertSuccessful();
    foreach ([$teamId, $this->day->id, $this->design->id, $this->scene->painter->id, $this->tickets[0], UNUSUAL] as $trace) {
        expect(whereNamed($trace))->toBe([], $trace);
    }
});
