<?php

declare(strict_types=1);

use App\Account\Files\AccountSchema;
use App\Account\Files\BringInAccount;
use App\Account\Files\BringInEvent;
use App\Account\Team\Members;
use App\Exceptions\InvalidAccountFile;
use App\Logbook\Pace\LearnFromDay;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Logbook\Face;
use App\Models\Logbook\PaceFit;
use App\Models\Plan\EventDay;
use Core\Team\Role;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Opis\JsonSchema\Validator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\AccountZips;
use Tests\AnyDay;
use Tests\Core\Paint;
use Tests\Scene;

/** An event of a team of two: a child painted by Béa with a second design on the menu, one left, one waiting; with words about them. */
function eventOfTwo(): EventDay
{
    $test = test();
    $scene = Scene::team('Dune Faces');
    $test->actingAs($scene->painter);
    $bea = app(Members::class)->add('Dune Faces', 'Béa 🐚', Scene::ulid().'@example.org', 'a long password');
    $wave = $scene->design('Wave “ß” \\ band');
    $day = $scene->day(2, $wave, $scene->design('Starfish'));
    $test->putJson("/api/days/{$day->id}/roster", ['shifts' => [['chair' => 1, 'painterId' => $bea->id, 'from' => null]]])->assertOk();
    $test->putJson("/api/days/{$day->id}/money", [
        'hourCents' => 4000, 'leastCents' => 0, 'kilometreCents' => 30, 'materialsCents' => 50, 'isTravelPaid' => true,
        'isSetUpPaid' => true, 'kilometres' => 12, 'travelMinutes' => 20, 'pitchCents' => 3000, 'offeredHourCents' => null,
    ])->assertNoContent();
    $at = $day->opens_ms;
    $test->travelTo(Date::createFromTimestampMs($at + 3_600_000));
    [$painted, $left, $waiting] = [Scene::ulid(), Scene::ulid(), Scene::ulid()];
    $step = $wave->steps[0]->id;
    $test->postJson("/api/days/{$day->id}/taps", ['taps' => [
        Scene::tap('opened', $at),
        [...Scene::tap('joined', $at + 1000, ticket: $painted, design: $wave->id), 'name' => 'Noor', 'note' => 'shy'],
        Scene::tap('joined', $at + 2000, ticket: $left, design: $wave->id),
        Scene::tap('joined', $at + 3000, ticket: $waiting, design: $wave->id),
        Scene::tap('seated', $at + 4000, ticket: $painted, chair: 1, plan: $wave->plan_id),
        Scene::tap('step_done', $at + 60_000, ticket: $painted, step: $step),
        Scene::tap('finished', $at + 90_000, ticket: $painted),
        Scene::tap('left', $at + 95_000, ticket: $left),
        Scene::tap('closed', $at + 200_000),
    ]])->assertOk();

    return $day->refresh();
}

/**
 * @param  array<string, string>  $files
 * @return array<string, string> its tables; strangers have left where they are brought in
 */
function sameEvent(array $files): array
{
    $files['tables/users.jsonl'] = (string) preg_replace('/"(role|deleted_at)":(null|"[^"]*")/', '"$1":""', $files['tables/users.jsonl']);
    // A menu that it was put together from stays with its team.
    $files['tables/event_days.jsonl'] = (string) preg_replace(
        '/"(menu_id|calendar_key)":(null|"[^"]*")/',
        '"$1":""',
        $files['tables/event_days.jsonl'],
    );

    return AccountZips::sameWhoever($files);
}

/** @param  array<string, string>  $files */
function bringInEvent(User $owner, array $files): EventDay
{
    $path = AccountZips::zipped($files);
    try {
        return app(BringInEvent::class)($owner, $path);
    } finally {
        unlink($path);
    }
}

/** @return list<mixed> the names of those who painted for a team and are not in it */
function goneFrom(string $teamId): array
{
    return User::ofTeam($teamId)->withTrashed()->whereNotNull('deleted_at')->orderBy('name')->pluck('name')->all();
}

/** A team that has something of its own. */
function busyTeam(): Scene
{
    $scene = Scene::team('Anew');
    $scene->day(1, $scene->design('Storm cloud'));

    return $scene;
}

beforeEach(fn () => $this->travelTo('2026-11-07 09:00:00 UTC'));

it('gives out one event whole and brings it into a team that has others, loss-free', function (Closure $make): void {
    $day = $make();
    $first = AccountZips::ofEvent($day);
    $owner = busyTeam()->painter;
    // What is learned from it changes the designs that came along.
    Queue::fake();
    $again = bringInEvent($owner, $first);

    expect($again->team_id)->toBe($owner->team_id)->and($again->id)->not->toBe($day->id);
    $tables = sameEvent(AccountZips::ofEvent($again));
    foreach (sameEvent($first) as $table => $rows) {
        expect($tables[$table])->toBe($rows, $table);
    }
    expect(Face::ofTeam($owner->team_id)->count())->toBe(Face::ofTeam($day->team_id)->where('event_day_id', $day->id)->count())
        ->and(strlen($tables['face_steps']))->toBeGreaterThan(100);
    $faces = $this->actingAs($owner)->getJson("/api/days/{$again->id}/logbook")->assertOk()->json('faces');
    $theirs = $this->actingAs(User::ofTeam($day->team_id)->firstOrFail())->getJson("/api/days/{$day->id}/logbook")->json('faces');
    $withoutIds = static fn (array $faces): array => array_map(
        static fn (array $face): array => array_diff_key($face, ['id' => 1]),
        $faces,
    );
    expect($withoutIds($faces))->toBe($withoutIds($theirs));
    Queue::assertPushed(LearnFromDay::class, 1);
})->with([
    'two of a team' => [eventOfTwo(...)],
    'the demo’s birthday' => [function (): EventDay {
        test()->artisan('inch:demo')->assertSuccessful();
        $team = User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail()->team_id;

        return EventDay::ofTeam($team)->orderBy('opens_ms')->firstOrFail();
    }],
]);

it('is loss-free for any day', function (int $seed): void {
    $day = AnyDay::of(new Randomizer(new Mt19937($seed)));
    $first = AccountZips::ofEvent($day);
    Queue::fake();
    $again = bringInEvent(busyTeam()->painter, $first);
    $counts = json_decode($first['manifest.json'], true)['tables'];

    expect(sameEvent(AccountZips::ofEvent($again)))->toBe(sameEvent($first))
        ->and($counts['chair_events'])->toBeGreaterThan(15)->and($counts['tickets'])->toBeGreaterThan(2);
    // What no one said of a child goes nowhere.
    expect(implode('', $first))->not->toContain('blue coat', 'Wren');
    // And it is the same when it goes and comes back.
    $read = fn (): string => (string) $this->actingAs(User::ofTeam($again->team_id)->firstOrFail())
        ->getJson("/api/days/{$again->id}/logbook")->assertOk()->getContent();
    $whole = $read();
    $this->deleteJson("/api/days/{$again->id}")->assertNoContent();
    $this->postJson("/api/days/{$again->id}/restore")->assertOk();
    expect($read())->toBe($whole);
})->with(range(101, 106));

it('says in the published shape what it gives out, and nothing of children, of others or of the team', function (): void {
    $day = eventOfTwo();
    Scene::team('Dune Faces')->design('Secret');
    $files = AccountZips::ofEvent($day);
    $schema = json_decode((string) file_get_contents(base_path(AccountSchema::PATH)), false, 64, JSON_THROW_ON_ERROR);
    expect((new Validator)->validate(json_decode($files['manifest.json']), $schema)->isValid())->toBeTrue();
    $counts = json_decode($files['manifest.json'], true)['tables'];
    expect(array_keys(array_filter($counts)))->toEqualCanonicalizing([
        'users', 'designs', 'steps', 'face_plans', 'design_rungs', 'event_days', 'menu_items', 'event_money', 'shifts', 'tickets',
        'chair_events', 'faces', 'face_steps', 'kept_forecasts',
    ]);
    expect($counts)->toMatchArray(['event_days' => 1, 'users' => 2, 'designs' => 2, 'tickets' => 3, 'chair_events' => 9])
        ->and(implode('', $files))->not->toContain('Noor', 'shy', '@example.org', '$2y$', 'Secret');
    expect($files['faces.csv'])->toContain('Béa 🐚');
});

it('takes painters and designs for the team’s own where they are the same, and names the others', function (): void {
    $day = eventOfTwo();
    $scene = Scene::team('Anew');
    // The same steps under the same name; the same name with other steps.
    $scene->design('Wave “ß” \\ band');
    $starfish = $scene->design('Starfish', Paint::step(Scene::ulid(), 90, name: 'All of it'));
    $brought = bringInEvent($scene->painter, AccountZips::ofEvent($day));

    expect(Design::ofTeam($scene->painter->team_id)->orderBy('name')->pluck('name')->all())
        ->toBe(['Starfish', 'Starfish', 'Wave “ß” \\ band']);
    expect($brought->menuItems->pluck('design_id'))->not->toContain($starfish->id);
    // Ines is one and the same; Béa painted, and is not of this team.
    expect(User::ofTeam($scene->painter->team_id)->pluck('name')->all())->toBe(['Ines'])
        ->and(goneFrom($scene->painter->team_id))->toBe(['Béa 🐚']);
    $taps = DB::table('chair_events')->where('event_day_id', $brought->id);
    expect($taps->distinct()->pluck('user_id')->all())->toBe([$scene->painter->id]);
    $this->actingAs($scene->painter)->getJson('/api/team')->assertOk()->assertJsonCount(1, 'members');
    expect(AccountZips::ofEvent($brought)['faces.csv'])->toContain('Béa 🐚');
});

it('tells two painters of one name apart from none, and takes neither', function (): void {
    $day = eventOfTwo();
    $scene = busyTeam();
    app(Members::class)->add('Anew', 'Ines', Scene::ulid().'@example.org', 'a long password');
    bringInEvent($scene->painter, AccountZips::ofEvent($day));
    expect(goneFrom($scene->painter->team_id))->toEqualCanonicalizing(['Ines', 'Béa 🐚']);
});

it('comes in once', function (): void {
    $day = eventOfTwo();
    $files = AccountZips::ofEvent($day);
    $owner = busyTeam()->painter;
    bringInEvent($owner, $files);
    $own = User::ofTeam($day->team_id)->where('role', Role::Owner)->firstOrFail();
    foreach ([$owner, $own] as $who) {
        $faces = Face::ofTeam($who->team_id)->count();
        expect(fn () => bringInEvent($who, $files))->toThrow(InvalidAccountFile::class, 'is here already')
            ->and(Face::ofTeam($who->team_id)->count())->toBe($faces);
    }
});

it('is learned from, goes again with all that was learned, and comes back whole', function (): void {
    $files = AccountZips::ofEvent(eventOfTwo());
    $owner = busyTeam()->painter;
    $this->actingAs($owner);
    $day = bringInEvent($owner, $files);
    $design = $day->menuItems[0]->design_id ?? '';
    $learned = static fn (): int => PaceFit::query()->where('design_id', $design)->count();
    $read = fn (): array => $this->getJson("/api/days/{$day->id}/logbook")->assertOk()->json();
    $whole = $read();
    $paces = $learned();
    expect($paces)->toBeGreaterThan(0)->and($whole['isBroughtIn'])->toBeTrue()->and($whole['faces'])->toHaveCount(1);

    $this->deleteJson("/api/days/{$day->id}")->assertNoContent();
    expect($learned())->toBe(0)->and(Face::ofTeam($owner->team_id)->count())->toBe(0);
    $this->getJson('/api/logbook')->assertExactJson([]);
    $this->getJson('/api/logbook/years')->assertExactJson([]);

    $this->postJson("/api/days/{$day->id}/restore")->assertOk();
    expect($read())->toBe($whole)->and($learned())->toBe($paces);
    // By the file as well as by the key.
    $this->deleteJson("/api/days/{$day->id}")->assertNoContent();
    expect(bringInEvent($owner, $files)->id)->toBe($day->id)->and($read())->toBe($whole);
});

it('stays once somebody tapped on its line here', function (): void {
    $files = AccountZips::ofEvent(eventOfTwo());
    $owner = busyTeam()->painter;
    $day = bringInEvent($owner, $files);
    $this->actingAs($owner)->postJson("/api/days/{$day->id}/taps", ['taps' => [Scene::tap('opened', now()->getTimestampMs())]])->assertOk();
    $this->deleteJson("/api/days/{$day->id}")->assertConflict();
    expect(Face::ofTeam($owner->team_id)->count())->toBe(1);
});

it('goes from browser to browser', function (): void {
    $day = eventOfTwo();
    $answer = $this->get("/api/days/{$day->id}/file")->assertOk()->assertDownload('event.zip');
    $zip = (string) file_get_contents($answer->baseResponse->getFile()->getPathname());
    $owner = busyTeam()->painter;
    $this->actingAs($owner);
    $id = $this->call('POST', '/api/logbook/file', content: $zip)->assertOk()->assertJsonPath('name', 'Harbour lantern fair')->json('id');
    $this->getJson('/api/logbook')->assertOk()->assertJsonPath('0.day.id', $id)->assertJsonPath('0.faces', 1);
    expect($this->getJson('/api/team')->json('acts.0.what'))->toBe('brought in the event Harbour lantern fair');
    $this->call('POST', '/api/logbook/file', content: $zip, server: ['HTTP_ACCEPT' => 'application/json'])->assertUnprocessable()
        ->assertJsonPath('message', '“Harbour lantern fair” of that day is here already. Nothing was brought in.');
});

it('refuses what is no event, says where, and leaves nothing of it', function (Closure $spoil, string $says): void {
    $day = eventOfTwo();
    $files = $spoil(AccountZips::ofEvent($day), $day);
    $owner = busyTeam()->painter;
    $before = AccountZips::given($owner->team);
    expect(fn () => bringInEvent($owner, $files))->toThrow(InvalidAccountFile::class, $says);
    unset($before['events.ics']);
    expect(array_intersect_key(AccountZips::given($owner->team), $before))->toBe($before);
})->with([
    'another zip' => [static fn (array $files): array => ['a.txt' => 'a'], 'manifest.json in that zip: not JSON'],
    'a whole account' => [static fn (array $files, EventDay $day): array => AccountZips::given(
        User::ofTeam($day->team_id)->firstOrFail()->team,
    ), 'That file holds a whole account.'],
    'no event' => [static fn (array $files): array => [...$files, 'tables/event_days.jsonl' => ''], 'No event is in that file.'],
    'two events' => [static fn (array $files): array => [
        ...$files, 'tables/event_days.jsonl' => str_repeat($files['tables/event_days.jsonl'], 2),
    ], 'That file holds more than one event.'],
    'nothing' => [static fn (array $files): array => array_map(
        static fn (string $name): string => str_ends_with($name, '.jsonl') ? '' : $files[$name],
        array_combine(array_keys($files), array_keys($files)),
    ), 'No event is in that file.'],
    'an id that is none' => [static fn (array $files): array => array_map(
        static fn (string $text): string => str_replace(json_decode($files['tables/event_days.jsonl'], true)['id'], 'queen', $text),
        $files,
    ), 'line 1: id is not an id'],
    'a tap of nobody' => [static fn (array $files): array => [
        ...$files, 'tables/users.jsonl' => '',
    ], 'painter_id leads to nothing in this file'],
    'a painter by a number' => [static fn (array $files): array => [
        ...$files, 'tables/users.jsonl' => (string) preg_replace('/"id":"[^"]+"/', '"id":"5"', $files['tables/users.jsonl']),
    ], 'tables/users.jsonl, line 1: id is not an id'],
    'a row without its number' => [static fn (array $files): array => [
        ...$files, 'tables/tickets.jsonl' => preg_replace('/,"number":\d+/', '', $files['tables/tickets.jsonl']),
    ], 'tables/tickets.jsonl'],
    'a tap that is none' => [static fn (array $files): array => [
        ...$files, 'tables/chair_events.jsonl' => str_replace('"finished"', '"queen"', $files['tables/chair_events.jsonl']),
    ], 'What that file says of the line of'],
    'a step that is none' => [static fn (array $files): array => [
        ...$files, 'tables/steps.jsonl' => str_replace('"content":"{', '"content":"{\\"medium\\":\\"queen\\",\\"x\\":{', str_replace(
            '}"}',
            '}}"}',
            $files['tables/steps.jsonl'],
        )),
    ], 'What that file says of the design'],
    'more taps than a day has' => [static fn (array $files): array => [
        ...$files, 'tables/chair_events.jsonl' => str_repeat(explode("\n", $files['tables/chair_events.jsonl'])[0]."\n", 20_001),
    ], 'tables/chair_events.jsonl'],
    'more painters than a day has' => [static fn (array $files): array => [
        ...$files, 'tables/users.jsonl' => str_repeat("{\"name\":\"x\"}\n", 20_001),
    ], 'tables/users.jsonl holds more than an event can.'],
    'more than fits' => [static fn (array $files): array => [...$files, 'more.txt' => str_repeat('a', 60_000_001)], 'larger than an event'],
    'a column that is none' => [static fn (array $files): array => [
        ...$files, 'tables/faces.jsonl' => str_replace('{"ticket_id"', '{"queen":1,"ticket_id"', $files['tables/faces.jsonl']),
    ], 'tables/faces.jsonl, line 1 says queen'],
]);

it('holds no more of it than it needs', function (): void {
    $files = AccountZips::ofEvent(eventOfTwo());
    $owner = busyTeam()->painter;
    // Forty plans of a megabyte that nobody uses.
    $plan = json_decode(explode("\n", $files['tables/face_plans.jsonl'])[0], true);
    $content = json_decode($plan['content'], true);
    foreach (range(1, 40) as $number) {
        $content['name'] = str_repeat((string) $number, 500_000);
        $files['tables/face_plans.jsonl'] .= json_encode([
            ...$plan, 'id' => hash('sha256', (string) $number), 'content' => json_encode($content),
        ])."\n";
    }
    $path = AccountZips::zipped($files);
    unset($files);
    memory_reset_peak_usage();
    $before = memory_get_usage();
    app(BringInEvent::class)($owner, $path);
    unlink($path);
    expect(memory_get_peak_usage() - $before)->toBeLessThan(32_000_000);
});

it('sends each kind of file to its own room', function (): void {
    $path = AccountZips::zipped(AccountZips::ofEvent(eventOfTwo()));
    expect(fn () => app(BringInAccount::class)(Scene::team('Anew')->painter, $path))
        ->toThrow(InvalidAccountFile::class, 'That file holds one event. Bring it in in the logbook.');
    unlink($path);
});
