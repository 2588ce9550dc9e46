<?php

declare(strict_types=1);

use App\Account\Files\AccountSchema;
use App\Account\Files\AccountTable;
use App\Account\Files\BringInAccount;
use App\Account\Files\RemappedIds;
use App\Account\Team\Members;
use App\Exceptions\InvalidAccountFile;
use App\Http\Middleware\OneFileAtATime;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use Core\Kit\ItemValues;
use Core\Team\AccountPart;
use Core\Team\Role;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\AccountZips;
use Tests\AnyDay;
use Tests\Scene;

/**
 * Bringing it in is written down.
 *
 * @param  array<string, string>  $files
 * @return array<string, string>
 */
function withoutThatAct(array $files): array
{
    return [
        ...$files,
        'tables/acts.jsonl' => (string) preg_replace('/^.*brought in a whole account.*\n/m', '', $files['tables/acts.jsonl']),
    ];
}

/** A team with a little of everything that is seldom: gone designs and days, people who left, odd letters, own brushes, notes. */
function oddTeam(): Team
{
    $test = test();
    $scene = Scene::team('Others “&” Sœurs');
    $owner = $scene->painter;
    $test->actingAs($owner);
    $bea = app(Members::class)->add($owner->team->name, 'Béa 🐚', Scene::ulid().'@example.org', 'a long password');
    $gone = app(Members::class)->add($owner->team->name, 'Kim', Scene::ulid().'@example.org', 'a long password', Role::Helper);
    $test->deleteJson("/api/team/members/{$gone->id}", ['keepsName' => false])->assertOk();
    $test->postJson('/api/kit/starter')->assertSuccessful();
    KitItem::query()->create([
        'team_id' => $owner->team_id,
        ...KitItem::columnsOf(ItemValues::read(Scene::ulid(), ['kind' => 'brush', 'name' => 'own round'])),
        'owner_id' => $bea->id,
    ]);
    $wave = $scene->design('Wave “ß” \\ band');
    $scene->design('Gone')->delete();
    $test->putJson('/api/ways/number', ['number' => 'touchTacky', 'value' => 3]);
    $test->putJson('/api/ways/weather', ['celsius' => 31.5, 'humidity' => 0.2, 'wind' => 3.25]);
    $day = $scene->day(2, $wave);
    $test->putJson("/api/days/{$day->id}/roster", ['shifts' => [['chair' => 1, 'painterId' => $bea->id, 'from' => null]]])->assertOk();
    $at = now()->getTimestampMs() - 300_000;
    $test->postJson("/api/days/{$day->id}/taps", ['taps' => [
        Scene::tap('opened', $at),
        [...Scene::tap('joined', $at + 1000, ticket: $ticket = Scene::ulid(), design: $wave->id), 'name' => 'Noor', 'note' => 'shy'],
        Scene::tap('seated', $at + 2000, ticket: $ticket, chair: 1, plan: $wave->plan_id),
        Scene::tap('finished', $at + 90_000, ticket: $ticket),
    ]])->assertOk();
    $scene->day(1)->delete();

    return $owner->team;
}

beforeEach(fn () => $this->travelTo('2026-11-07 09:00:00 UTC'));

it('gives out a whole account and takes it in again, loss-free', function (Closure $make): void {
    $first = AccountZips::given($make());
    $path = AccountZips::zipped($first);
    $owner = Scene::team('Anew')->painter;
    app(BringInAccount::class)($owner, $path);
    unlink($path);

    $again = AccountZips::sameWhoever(withoutThatAct(AccountZips::given($owner->team->refresh())));
    foreach (AccountZips::sameWhoever($first) as $table => $rows) {
        expect($again[$table])->toBe($rows, $table);
    }
    expect(strlen($again['chair_events']))->toBeGreaterThan(100);
})->with([
    'the demo' => [function (): Team {
        test()->artisan('inch:demo')->assertSuccessful();

        return User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail()->team;
    }],
    'odd things' => [oddTeam(...)],
    ...array_combine(
        array_map(static fn (int $seed): string => "any team, {$seed}", range(201, 206)),
        array_map(
            static fn (int $seed): array => [static fn (): Team => Team::query()->findOrFail(
                AnyDay::of(new Randomizer(new Mt19937($seed)))->team_id,
            )],
            range(201, 206),
        ),
    ),
    'nothing at all' => [function (): Team {
        $scene = Scene::team('Bare');
        // The line of the check above: somebody opened, and nobody came.
        test()->actingAs($scene->painter)->postJson("/api/days/{$scene->day(1, $scene->design())->id}/taps", [
            'taps' => [Scene::tap('opened', now()->getTimestampMs())],
        ])->assertOk();

        return $scene->painter->team;
    }],
]);

it('makes of whoever brings it in its owner, and lets nobody sign in by it', function (): void {
    $path = AccountZips::zipped(AccountZips::given(oddTeam()));
    $owner = Scene::team('Anew')->painter;
    $this->actingAs($owner)->call('POST', '/api/team/file', content: (string) file_get_contents($path))->assertNoContent();
    unlink($path);

    $members = User::ofTeam($owner->team_id)->get();
    expect($members->pluck('name')->all())->toEqualCanonicalizing(['Ines', 'Béa 🐚'])
        ->and($members->firstWhere('id', '!=', $owner->id)?->email)->toEndWith('@invalid')
        ->and($owner->team->refresh()->name)->toBe('Others “&” Sœurs');
    $this->getJson('/api/designs')->assertOk()->assertJsonPath('0.name', 'Wave “ß” \\ band');
    $this->postJson('/api/session', ['email' => $owner->email, 'password' => 'a long password'])->assertOk();
});

it('gives out each part by itself, as it stands in the whole', function (): void {
    $team = oddTeam();
    $files = AccountZips::given($team);
    $this->actingAs(User::ofTeam($team->id)->where('role', Role::Owner)->firstOrFail());
    foreach (AccountPart::cases() as $part) {
        $answer = $this->get("/api/team/file/{$part->value}")->assertOk();
        expect($answer->headers->get('Content-Disposition'))->toContain($part->value)
            ->and($answer->headers->get('Content-Type'))->toStartWith(explode(';', $part->type())[0]);
        // A calendar says when it was written.
        $plain = static fn (string $text): string => (string) preg_replace('/^DTSTAMP.*\R/m', '', $text);
        expect($plain((string) $answer->streamedContent()))->toBe($plain($files[$part->value]));
    }
    $this->getJson('/api/team/file/secrets.json')->assertNotFound();
});

it('says in its published shape what it gives out, and keeps names and notes of children here', function (): void {
    expect(file_get_contents(base_path(AccountSchema::PATH)))->toBe(app(AccountSchema::class)());
    $schema = json_decode((string) file_get_contents(base_path(AccountSchema::PATH)), false, 64, JSON_THROW_ON_ERROR);
    $files = AccountZips::given(oddTeam());
    $validator = new Validator;
    expect($validator->validate(json_decode($files['manifest.json']), $schema)->isValid())->toBeTrue();
    $rows = 0;
    foreach (AccountTable::all() as $table) {
        $shape = $schema->{'$defs'}->{$table->name};
        foreach (array_filter(explode("\n", $files["tables/{$table->name}.jsonl"])) as $line) {
            expect($validator->validate(json_decode($line), $shape)->isValid())->toBeTrue("{$table->name}: {$line}");
            $rows++;
        }
    }
    expect($rows)->toBeGreaterThan(50)
        ->and(implode('', $files))->not->toContain('Noor', 'shy', '@example.org', '$2y$')
        ->and(array_keys($files))->toContain('designs.json', 'events.ics', 'read-me.txt');
    expect(implode('', $files))->toContain('Béa 🐚');
});

it('leaves no table out without saying why', function (): void {
    $schema = app('db')->connection()->getSchemaBuilder();
    $tables = array_column($schema->getTables(app('db')->connection()->getDatabaseName()), 'name');
    expect([...array_column(AccountTable::all(), 'name'), ...array_keys(AccountTable::LEFT_OUT)])->toEqualCanonicalizing($tables);
});

it('refuses what is no account, says where, and leaves nothing of it', function (Closure $spoil, string $says): void {
    $files = $spoil(AccountZips::given(oddTeam()));
    $path = is_string($files) ? $files : AccountZips::zipped($files);
    $owner = Scene::team('Anew')->painter;
    expect(fn () => app(BringInAccount::class)($owner, $path))->toThrow(InvalidAccountFile::class, $says);
    expect(Design::ofTeam($owner->team_id)->withTrashed()->count())->toBe(0)
        ->and(DB::table('event_days')->where('team_id', $owner->team_id)->count())->toBe(0)
        ->and($owner->team->refresh()->name)->toBe('Anew');
    $this->actingAs($owner)->call('POST', '/api/team/file', content: 'no zip', server: ['HTTP_ACCEPT' => 'application/json'])
        ->assertUnprocessable();
})->with([
    'no zip' => [function (): string {
        file_put_contents($path = (string) tempnam(sys_get_temp_dir(), 'inch-test-'), 'words');

        return $path;
    }, 'That is no zip'],
    'another zip' => [static fn (array $files): array => ['a.txt' => 'a'], 'manifest.json in that zip: not JSON'],
    'of a later version' => [static fn (array $files): array => [
        ...$files, 'manifest.json' => str_replace('"version": 1', '"version": 2', $files['manifest.json']),
    ], '/version'],
    'a table missing' => [static fn (array $files): array => array_diff_key($files, ['tables/steps.jsonl' => 1]), 'tables/steps.jsonl'],
    'a broken line' => [static fn (array $files): array => [
        ...$files, 'tables/menus.jsonl' => "{\"id\":\n",
    ], 'tables/menus.jsonl, line 1 is no JSON'],
    'a row within a row' => [static fn (array $files): array => [
        ...$files, 'tables/menus.jsonl' => "{\"id\":{\"a\":1}}\n",
    ], 'holds more than names and plain values'],
    'a column that is none' => [static fn (array $files): array => [
        ...$files, 'tables/menus.jsonl' => "{\"id\":\"01kbcdefghjkmnpqrstvwxyz01\",\"queen\":1}\n",
    ], 'line 1 says queen'],
    'a name that is too long' => [static fn (array $files): array => [
        ...$files, 'tables/menus.jsonl' => '{"id":"01kbcdefghjkmnpqrstvwxyz01","name":"'.str_repeat('a', 400)."\"}\n",
    ], 'a row does not fit (name)'],
    'a painter by a number' => [static fn (array $files): array => [
        ...$files, 'tables/users.jsonl' => (string) preg_replace('/"id":"[^"]+"/', '"id":"5"', $files['tables/users.jsonl']),
    ], 'tables/users.jsonl, line 1: id is not an id'],
    'a step of no design' => [static fn (array $files): array => [
        ...$files, 'tables/steps.jsonl' => preg_replace('/"design_id":"01/', '"design_id":"02', $files['tables/steps.jsonl'], 1),
    ], 'design_id leads to nothing in this file'],
    'a thing of no kind' => [static fn (array $files): array => [
        ...$files, 'tables/kit_items.jsonl' => str_replace('"kind":"brush"', '"kind":"queen"', $files['tables/kit_items.jsonl']),
    ], 'What that file says of the kit makes no sense'],
    'a step that is none' => [static fn (array $files): array => [
        ...$files, 'tables/steps.jsonl' => preg_replace('/"content":"\{/', '"content":"{\\"medium\\":\\"queen\\",\\"x\\":{', str_replace(
            '}"}',
            '}}"}',
            $files['tables/steps.jsonl'],
        )),
    ], 'What that file says of the design'],
]);

it('takes nothing into a team that has something already', function (): void {
    $path = AccountZips::zipped(AccountZips::given(oddTeam()));
    $scene = Scene::team('Anew');
    $scene->design();
    expect(fn () => app(BringInAccount::class)($scene->painter, $path))->toThrow(InvalidAccountFile::class, 'already');
    unlink($path);
});

it('gives new ids in the old order, all by the same distance', function (): void {
    $ids = RemappedIds::random();
    $old = ['01kbcdefghjkmnpqrstvwxyz00', '01kbcdefghjkmnpqrstvwxyz01', '01kbcdefghzzzzzzzzzzzzzzzz', '01kbcdefgj0000000000000000'];
    $new = array_map($ids->of(...), $old);
    $sorted = $new;
    sort($sorted);
    expect($new)->toBe($sorted)->and(array_unique($new))->toHaveCount(4)->and(array_intersect($new, $old))->toBe([]);
    // The last two differ by one, over the border of the time: they still do.
    $letters = ['0123456789abcdefghjkmnpqrstvwxyz', '0123456789abcdefghijklmnopqrstuv'];
    $last = static fn (string $id): int => intval(strtr(substr($id, 18), ...$letters), 32);
    expect(($last($new[3]) - $last($new[2]) + (1 << 40)) % (1 << 40))->toBe(1);
    expect($ids->in("a {$old[0]}, \"{$old[1]}\", x{$old[0]}"))->toBe("a {$new[0]}, \"{$new[1]}\", x{$old[0]}");
});

it('brings in one file of a team at a time, and leaves a worker to the others', function (): void {
    $scene = Scene::team();
    $this->actingAs($scene->painter);
    $look = fn (): TestResponse => $this->call('POST', '/api/calendar/look?timezone=UTC', server: ['HTTP_ACCEPT' => 'application/json']);
    $turn = Cache::lock(OneFileAtATime::name($scene->painter->team_id), 60);
    $turn->get();
    foreach (['team', 'logbook', 'designs', 'kit'] as $part) {
        $this->postJson("/api/{$part}/file")->assertStatus(429)
            ->assertJsonPath('message', 'Another file of your team is being brought in. Wait until it is done.');
    }
    $look()->assertStatus(429);
    $this->actingAs(Scene::team('Quay Colours')->painter);
    $look()->assertUnprocessable();
    $turn->release();
    $this->actingAs($scene->painter);
    // What could not be read lets go of it, too.
    $look()->assertUnprocessable();
    $look()->assertUnprocessable();
});
