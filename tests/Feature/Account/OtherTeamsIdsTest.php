<?php

declare(strict_types=1);

use App\Account\Files\AccountSchema;
use App\Account\Files\AccountTable;
use App\Account\Files\BringInAccount;
use App\Account\Files\BringInEvent;
use App\Account\Team\Members;
use App\Exceptions\InvalidAccountFile;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use Illuminate\Support\Facades\DB;
use Tests\AccountZips;
use Tests\Scene;

// Files with ids of another team in them: each table, each column, each way to spell an id. Nothing of the other team is reached.

/** Two painters, two designs, a menu, a kit and a day on which a child was painted: something for each column to lead to. */
function fullTeam(string $name): EventDay
{
    $test = test();
    $scene = Scene::team($name);
    $test->actingAs($scene->painter);
    $bea = app(Members::class)->add($name, 'Béa', Scene::ulid().'@example.org', 'a long password');
    $test->postJson('/api/kit/starter')->assertSuccessful();
    [$wave, $star] = [$scene->design(), $scene->design('Starfish')];
    $test->postJson('/api/menus', ['name' => 'Pier', 'offers' => [
        ['designId' => $star->id, 'rung' => null, 'promiseMs' => null, 'priceCents' => null, 'group' => null],
    ]])->assertOk();
    $day = $scene->day(2, $wave, $star);
    $test->putJson("/api/days/{$day->id}/roster", ['shifts' => [['chair' => 1, 'painterId' => $bea->id, 'from' => null]]])->assertOk();
    $at = now()->getTimestampMs() - 300_000;
    $test->postJson("/api/days/{$day->id}/taps", ['taps' => [
        Scene::tap('opened', $at),
        Scene::tap('joined', $at + 1000, ticket: $ticket = Scene::ulid(), design: $wave->id),
        Scene::tap('joined', $at + 1500, ticket: Scene::ulid(), design: $star->id),
        Scene::tap('seated', $at + 2000, ticket: $ticket, chair: 1, plan: $wave->plan_id),
        Scene::tap('step_done', $at + 60_000, ticket: $ticket, step: $wave->steps[0]->id),
        Scene::tap('finished', $at + 90_000, ticket: $ticket),
    ]])->assertOk();

    return $day;
}

/** @return array<string, string> ids of that team's rows, by table */
function idsOf(EventDay $day): array
{
    $ids = ['event_days' => $day->id];
    foreach (['users', 'menus', 'designs', 'kit_items', 'acts'] as $table) {
        $ids[$table] = (string) DB::table($table)->where('team_id', $day->team_id)->value('id');
    }
    foreach (['tickets', 'chair_events', 'menu_items'] as $table) {
        $ids[$table] = (string) DB::table($table)->where('event_day_id', $day->id)->value('id');
    }
    $ids['steps'] = (string) DB::table('steps')->where('design_id', $ids['designs'])->value('id');
    $ids['face_plans'] = (string) DB::table('designs')->where('id', $ids['designs'])->value('plan_id');
    $ids['faces'] = (string) DB::table('faces')->where('event_day_id', $day->id)->value('ticket_id');

    return array_filter($ids);
}

const LEADS_TO = [
    'user_id' => 'users', 'painter_id' => 'users', 'owner_id' => 'users', 'owner_key' => 'users', 'home_id' => 'users',
    'menu_id' => 'menus',
    'design_id' => 'designs', 'plan_id' => 'face_plans', 'event_day_id' => 'event_days', 'ticket_id' => 'tickets', 'face_id' => 'faces',
    'before_ticket_id' => 'tickets', 'step_id' => 'steps', 'target_id' => 'chair_events',
];

/** @return list<string> ways to spell an id that a database may take for the same */
function spellings(string $id): array
{
    return [
        $id, strtoupper($id), ucfirst(substr($id, 0, 12)).strtoupper(substr($id, 12)), "{$id} ", " {$id}", "{$id}\n", "{$id}\0",
        str_replace('0', "\u{FF10}", $id),
    ];
}

/**
 * A file's table with that value in the first row of it, which is made up where there is none.
 *
 * @param  array<string, string>  $files
 * @return array<string, string>
 */
function withValue(array $files, AccountTable $table, string $column, string $value): array
{
    $shapes = json_decode((string) file_get_contents(base_path(AccountSchema::PATH)), true)['$defs'];
    $name = "tables/{$table->name}.jsonl";
    $lines = array_filter(explode("\n", $files[$name]));
    $row = $lines === []
        ? array_map(
            static fn (array $shape): mixed => ['integer' => 1, 'number' => 1, 'string' => ''][((array) $shape['type'])[0]],
            $shapes[$table->name]['properties'],
        )
        : json_decode((string) array_shift($lines), true);
    array_unshift($lines, json_encode([...$row, $column => $value], JSON_THROW_ON_ERROR));

    return [...$files, $name => implode("\n", $lines)."\n"];
}

/** @return iterable<array{AccountTable, string, string, string}> each table and column, with what to put there, and whose id that is */
function everyColumn(EventDay $theirs): iterable
{
    $ids = idsOf($theirs);
    foreach (AccountTable::all() as $table) {
        foreach ($table->columns() as $column) {
            $id = $column === 'id' ? $ids[$table->name] ?? null : $ids[LEADS_TO[$column] ?? ''] ?? null;
            foreach ($id === null ? [] : spellings($id) as $value) {
                yield [$table, $column, $value, $id];
            }
        }
    }
}

/** Of the file's bringing in either nothing came, or nothing that leads to the other team. */
function expectUnreached(string $teamId, Closure $bringIn, string $id, string $place): bool
{
    app('db')->beginTransaction();
    try {
        $bringIn();
        $rows = '';
        foreach (AccountTable::all() as $table) {
            $mine = $table->namesTeam() ? DB::table($table->name)->where('team_id', $teamId) : null;
            $mine ??= match ($table->scope) {
                'id' => DB::table($table->name)->where('id', $teamId),
                'event_day_id' => DB::table($table->name)->whereIn('event_day_id', EventDay::ofTeam($teamId)->withTrashed()->select('id')),
                'user_id' => DB::table($table->name)->whereIn('user_id', User::ofTeam($teamId)->withTrashed()->select('id')),
                'menu_id' => DB::table($table->name)->whereIn('menu_id', Menu::ofTeam($teamId)->select('id')),
                default => DB::table($table->name)->whereIn('design_id', DB::table('designs')->where('team_id', $teamId)->select('id')),
            };
            $rows .= json_encode($mine->get());
        }
        expect(stripos($rows, trim($id)))->toBeFalse($place);

        return true;
    } catch (InvalidAccountFile) {
        return false;
    } finally {
        app('db')->rollBack();
    }
}

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->theirs = fullTeam('Theirs');
    $this->mine = fullTeam('Dune Faces');
    $this->untouched = fn (): array => array_diff_key(
        AccountZips::given(Team::query()->findOrFail($this->theirs->team_id)),
        ['events.ics' => ''],
    );
    $this->before = ($this->untouched)();
});

afterEach(function (): void {
    expect(($this->untouched)())->toBe($this->before);
    // It opens as it did.
    $owner = User::ofTeam($this->theirs->team_id)->firstOrFail();
    $this->actingAs($owner)->getJson("/api/days/{$this->theirs->id}/line")->assertOk();
});

it('knows what each column with an id leads to', function (): void {
    foreach (AccountTable::all() as $table) {
        $letters = array_column(app('db')->select(
            "select column_name c from information_schema.columns where table_schema = database()
                and table_name = ? and collation_name = 'ascii_bin'",
            [$table->name],
        ), 'c');
        $unknown = array_diff(array_intersect($letters, $table->columns()), ['id', ...array_keys(LEADS_TO)]);
        expect($unknown)->toBe([], $table->name);
    }
});

it('compares all ids exactly', function (): void {
    expect(app('db')->select("select table_name, column_name from information_schema.columns where table_schema = database()
        and column_type in ('char(26)', 'char(64)') and collation_name <> 'ascii_bin'"))->toBe([]);
});

it('takes no id of another team out of an account, in whichever table, column or spelling', function (): void {
    $files = AccountZips::given(Team::query()->findOrFail($this->mine->team_id));
    $owner = Scene::team('Anew')->painter;
    [$refused, $came] = [0, 0];
    foreach (everyColumn($this->theirs) as [$table, $column, $value, $id]) {
        $path = AccountZips::zipped(withValue($files, $table, $column, $value));
        $bringIn = fn () => app(BringInAccount::class)($owner->refresh(), $path);
        expectUnreached($owner->team_id, $bringIn, $id, "{$table->name}.{$column}: {$value}") ? $came++ : $refused++;
        unlink($path);
    }
    // Whoever a loose id leads to may be gone: those come in, and lead nowhere.
    expect($refused)->toBeGreaterThan(300)->and($came)->toBeGreaterThan(2)->toBeLessThan(80);
});

it('takes no id of another team out of an event, even where one knows by how far its ids are moved', function (): void {
    $files = AccountZips::ofEvent($this->mine);
    $owner = Scene::team('Anew')->painter;
    [$refused, $came] = [0, 0];
    foreach (everyColumn($this->theirs) as [$table, $column, $value, $id]) {
        $path = AccountZips::zipped(withValue($files, $table, $column, $value));
        $bringIn = fn () => app(BringInEvent::class)($owner, $path);
        expectUnreached($owner->team_id, $bringIn, $id, "{$table->name}.{$column}: {$value}") ? $came++ : $refused++;
        unlink($path);
    }
    expect($refused)->toBeGreaterThan(300)->and($came)->toBeGreaterThan(2)->toBeLessThan(200);
});

it('moves the ids of two files by different ways, so that none can be aimed', function (): void {
    $files = AccountZips::ofEvent($this->mine);
    $came = [];
    foreach (['', "\n"] as $more) {
        $owner = Scene::team('Anew')->painter;
        $path = AccountZips::zipped([...$files, 'read-me.txt' => $files['read-me.txt'].$more]);
        app('db')->beginTransaction();
        $day = app(BringInEvent::class)($owner, $path);
        $came[] = DB::table('tickets')->where('event_day_id', $day->id)->orderBy('number')->pluck('id')->all();
        app('db')->rollBack();
        unlink($path);
    }
    expect(array_intersect(...$came))->toBe([])->and($came[0])->toHaveCount(2);
});

it('gives away no id of its own in the file of an event', function (): void {
    $text = implode("\n", AccountZips::ofEvent($this->mine));
    foreach (array_diff_key(idsOf($this->mine), ['face_plans' => '']) as $table => $id) {
        expect(stripos($text, $id))->toBeFalse($table);
    }
});
