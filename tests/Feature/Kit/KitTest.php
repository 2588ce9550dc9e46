<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Account\Ways\BenchOfPainter;
use App\Kit\Things\KitFile;
use App\Models\Bench\BenchTime;
use App\Models\Bench\Design;
use App\Models\Bench\PainterPlan;
use App\Models\Kit\KitItem;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Team\Role;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
});

/**
 * A thing as the kit room sends it.
 *
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function thing(array $change = []): array
{
    return [
        'kind' => 'brush', 'name' => 'round 2', 'howMany' => 1, 'colours' => [], 'paintKind' => null, 'finish' => null, 'gramsLeft' => null,
        'lengthMm' => null, 'widthMm' => null, 'reservedFor' => '', 'skinSafe' => true, 'latex' => false, 'gel' => false,
        'selfStick' => false, 'ownerId' => null, 'homeId' => null, ...$change,
    ];
}

/** @param  array<string, mixed>  $change */
function owned(Scene $scene, array $change = []): KitItem
{
    test()->actingAs($scene->painter)->postJson('/api/kit', thing($change))->assertOk();

    return KitItem::query()->where('team_id', $scene->painter->team_id)->where('name', $change['name'] ?? 'round 2')->firstOrFail();
}

/** A design whose brush is loaded with black and then with white, on the bench of its team. */
function blackThenWhite(Scene $scene): Design
{
    return $scene->design(
        'Puffin mask',
        Paint::step(id: Scene::ulid(), seconds: 20, medium: Medium::Brush, tool: 'round 2', colours: ['#1c1c22'], name: 'Beak line'),
        Paint::step(id: Scene::ulid(), seconds: 10, medium: Medium::Brush, tool: 'round 2', colours: ['#fafaf7'], name: 'Sparkle'),
    );
}

it('keeps a thing with its flags', function (): void {
    $this->postJson('/api/kit', thing(['kind' => 'sponge', 'name' => 'half sponge', 'howMany' => 12, 'widthMm' => 60]))->assertOk();

    $cake = [
        'kind' => 'paint', 'name' => ' tide cake ', 'paintKind' => 'split', 'lengthMm' => 80, 'gramsLeft' => 3,
        'colours' => [['name' => 'deep blue', 'hex' => '#1D4E89'], ['name' => null, 'hex' => '3f8fc6']],
    ];
    $this->postJson('/api/kit', thing($cake))->assertOk()
        ->assertJsonPath('things.*.name', ['half sponge', 'tide cake'])
        ->assertJsonPath('things.1.colours', [['name' => 'deep blue', 'hex' => '#1d4e89'], ['name' => '', 'hex' => '#3f8fc6']])
        ->assertJsonPath('things.1.flags', ['running_out', 'longer_than_sponges'])
        ->assertJsonPath('hands.0', ['action' => 'pick_up', 'timeMs' => 2000, 'startingMs' => 2000, 'repetitions' => 0]);
});

it('refuses a thing that makes no sense, and keeps nothing', function (array $change, string $field, string $says): void {
    $this->postJson('/api/kit', thing($change))->assertUnprocessable()->assertJsonValidationErrors([$field => $says]);
    expect(KitItem::query()->exists())->toBeFalse();
})->with([
    [['name' => ''], 'name', 'has no name'],
    [['name' => str_repeat('x', 41)], 'name', '40'],
    [['kind' => 'ladder'], 'kind', 'kind'],
    [['howMany' => -1], 'howMany', 'Say 0 to 999'],
    [['howMany' => 'many'], 'howMany', 'integer'],
    [['kind' => 'paint'], 'colours', 'without a colour'],
    [['kind' => 'paint', 'colours' => [['name' => '', 'hex' => 'blue']]], 'colours.0.hex', 'not a colour'],
    [['kind' => 'paint', 'colours' => array_fill(0, 13, ['name' => '', 'hex' => '#000000'])], 'colours', '12'],
    [['gramsLeft' => -3], 'gramsLeft', '0 to 5000'],
    [['lengthMm' => 9000], 'lengthMm', '1 to 400'],
    [['skinSafe' => 'perhaps'], 'skinSafe', 'true or false'],
    [['ownerId' => 'Zoë'], 'ownerId', 'not one of yours'],
]);

it('refuses a second thing of the same name in one kit, whatever its capitals', function (): void {
    owned($this->scene);
    $this->postJson(
        '/api/kit',
        thing(['name' => 'Round 2']),
    )->assertUnprocessable()->assertJsonValidationErrors(['name' => 'in that bag already']);

    $other = Scene::team('Others');
    expect(owned($other)->team_id)->toBe($other->painter->team_id);
});

it('knows whose bag a thing is in, and who takes the team’s home', function (): void {
    $tobi = app(Members::class)->add($this->scene->painter->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist);
    $helper = app(Members::class)->add($this->scene->painter->team->name, 'Wren', 'wren@example.org', 'a long password', Role::Helper);
    owned($this->scene);
    $sheet = $this->postJson('/api/kit', thing(['ownerId' => $tobi->id, 'homeId' => $this->scene->painter->id]))->assertOk()->json();
    // The team's, and one of Tobi's own, which nobody else takes home.
    expect(array_map(static fn (array $one): array => [$one['name'], $one['ownerId'], $one['homeId']], $sheet['things']))
        ->toEqualCanonicalizing([['round 2', null, null], ['round 2', $tobi->id, null]])
        ->and(array_column($sheet['painters'], 'name'))->toBe(['Ines', 'Tobi']);
    $this->postJson('/api/kit', thing(['ownerId' => $tobi->id]))->assertJsonValidationErrors(['name' => 'in that bag already']);
    foreach ([$helper->id, Scene::team('Others')->painter->id, 'nobody'] as $stranger) {
        $this->postJson('/api/kit', thing(['name' => 'x', 'ownerId' => $stranger]))
            ->assertJsonValidationErrors(['ownerId' => 'not one of yours']);
    }
    $this->putJson("/api/kit/{$sheet['things'][0]['id']}", thing(['homeId' => $tobi->id]))->assertOk();

    // The bench of each has the own bag beside the team's things; whoever leaves takes the own bag along.
    $bench = app(BenchOfPainter::class);
    expect(count($bench($tobi)->kit->items))->toBe(2)->and(count($bench($this->scene->painter)->kit->items))->toBe(1);
    app(Members::class)->remove($this->scene->painter, $tobi, keepsName: true);
    expect(KitItem::query()->pluck('owner_id')->all())->toBe([null])->and(KitItem::query()->value('home_id'))->toBeNull();
});

it('times a design by the bag of who paints it', function (): void {
    $tobi = app(Members::class)->add($this->scene->painter->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist);
    $black = Colour::of('black', '#1c1c22');
    $brush = static fn (string $name, int $seconds, Colour $colour): Step => StepValues::read(Scene::ulid(), [
        ...StepValues::of(Paint::step('b', $seconds, Medium::Brush, 'round 2', name: $name)),
        'colours' => [['name' => $colour->name, 'hex' => $colour->hex]],
    ]);
    owned($this->scene);
    $design = $this->scene->design(
        'Puffin mask',
        $brush('Beak line', 40, $black),
        $brush('Sparkle', 40, Colour::of('white', '#fafaf7')),
        $brush('Outline', 40, $black),
    );
    // Without bags of their own both paint it as it was typed.
    expect($design->plan->total_ms)->toBe(120_000)->and(PainterPlan::query()->count())->toBe(0);

    $this->postJson('/api/kit', thing(['name' => 'marked black 2', 'reservedFor' => 'black', 'ownerId' => $tobi->id]))->assertOk();
    // A brush of his own that is kept for black saves Tobi the rinse back to black; Ines, who typed it, paints as before.
    $own = PainterPlan::query()->where('design_id', $design->id)->pluck('total_ms', 'painter_id');
    expect($design->refresh()->plan->total_ms)->toBe(120_000)->and($own->keys()->all())->toBe([$tobi->id])
        ->and($own[$tobi->id])->toBeLessThan(120_000);
    // And the other way round: with the only black brush hers, he rinses where she does not.
    $this->putJson('/api/kit/'.KitItem::query()->where('name', 'marked black 2')->value('id'), thing([
        'name' => 'marked black 2', 'reservedFor' => 'black', 'ownerId' => $this->scene->painter->id,
    ]))->assertOk();
    $own = PainterPlan::query()->where('design_id', $design->id)->pluck('total_ms', 'painter_id');
    expect($design->refresh()->plan->total_ms)->toBe(120_000)->and($own->keys()->all())->toBe([$tobi->id])
        ->and($own[$tobi->id])->toBeGreaterThan(120_000);
});

it('keeps names in any script', function (string $name): void {
    expect(owned($this->scene, ['name' => $name])->name)->toBe($name);
})->with(['✨ sparkle brush 🖌️', 'فرشاة ٢', 'מכחול 2', 'ब्रश']);

it('fills an empty bag with the starter kit, and leaves alone what is there', function (): void {
    owned($this->scene, ['howMany' => 7]);

    /** @var list<array{name: string, howMany: int, flags: list<string>}> $things */
    $things = $this->postJson('/api/kit/starter')->assertOk()->json('things');
    expect(count($things))->toBeGreaterThan(20)
        ->and(array_column($things, 'howMany', 'name')['round 2'])->toBe(7)
        ->and(array_merge(...array_column($things, 'flags')))->toBe([]);
    $this->postJson('/api/kit/starter')->assertOk()->assertJsonCount(count($things), 'things');
});

it('lets designs follow a new name and a new colour', function (): void {
    $brush = owned($this->scene);
    $black = owned($this->scene, ['kind' => 'paint', 'name' => 'black', 'colours' => [['name' => '', 'hex' => '#1c1c22']]]);
    $design = blackThenWhite($this->scene);

    $this->putJson("/api/kit/{$brush->id}", thing(['name' => 'thin round']))->assertOk();
    $this->putJson(
        "/api/kit/{$black->id}",
        thing(['kind' => 'paint', 'name' => 'night', 'colours' => [['name' => '', 'hex' => '#101018']]]),
    )->assertOk();

    $this->getJson("/api/designs/{$design->id}")->assertOk()
        ->assertJsonPath('steps.*.tool', ['thin round', 'thin round'])
        ->assertJsonPath('steps.0.colours', [['name' => 'night', 'hex' => '#101018']])
        ->assertJsonPath('revision', 3);
});

it('keeps a thing what it is', function (): void {
    $brush = owned($this->scene);
    $this->putJson(
        "/api/kit/{$brush->id}",
        thing(['kind' => 'sponge']),
    )->assertUnprocessable()->assertJsonValidationErrors(['kind' => 'stays what it is']);
});

it('times designs with the brush that keeps a colour, and says what one would save', function (): void {
    $this->putJson('/api/ways/timing', ['timing' => 'strokes_alone'])->assertOk();
    $design = blackThenWhite($this->scene);
    owned($this->scene);
    $total = fn (): int => $this->getJson('/api/designs')->json('0.totalMs');
    $before = $total();

    $saved = $this->getJson("/api/designs/{$design->id}")->json('brushesToKeep.0.savedMs');
    // Colours without a name cannot be marked on a handle.
    expect($saved)->toBeNull();

    $design->steps->each(function ($step, int $at): void {
        $colours = [['name' => 'black', 'hex' => '#1c1c22'], ['name' => 'white', 'hex' => '#fafaf7']];
        $step->update(['content' => [...$step->content, 'colours' => [$colours[$at]]]]);
    });
    $saved = $this->getJson("/api/designs/{$design->id}")->assertJsonPath(
        'brushesToKeep.0.colour',
        'white',
    )->json('brushesToKeep.0.savedMs');
    owned($this->scene, ['name' => 'marked round', 'reservedFor' => 'white']);

    expect($saved)->toBe(8000)
        ->and($total())->toBe($before - $saved);
});

it('says what one more brush saves over the newest day', function (): void {
    $this->putJson('/api/ways/timing', ['timing' => 'strokes_alone'])->assertOk();
    $this->travelTo('2026-11-07 11:00:00');
    owned($this->scene);
    $design = $this->scene->design(
        'Puffin mask',
        Core\Design\StepValues::read(
            Scene::ulid(),
            [
                'name' => 'Beak line', 'medium' => 'brush', 'tool' => 'round 2', 'zones' => ['nose'], 'seconds' => 20,
                'colours' => [['name' => 'black', 'hex' => '#1c1c22']],
            ],
        ),
        Core\Design\StepValues::read(
            Scene::ulid(),
            [
                'name' => 'Sparkle', 'medium' => 'brush', 'tool' => 'round 2', 'zones' => ['nose'], 'seconds' => 10,
                'colours' => [['name' => 'white', 'hex' => '#fafaf7']],
            ],
        ),
    );
    $day = $this->scene->day(1, $design);
    $this->getJson('/api/kit/brushes')->assertOk()->assertExactJson([
        [
            'colour' => 'white', 'hex' => '#fafaf7', 'designs' => 1, 'mostMs' => 8000, 'mostDesign' => 'Puffin mask', 'day' => '',
            'daySavedMs' => 0,
        ],
    ]);

    $opened = now()->getTimestampMs();
    $this->travel(10)->minutes();
    $taps = [Scene::tap('opened', $opened)];
    foreach ([1, 2] as $number) {
        $ticket = Scene::ulid();
        $at = $opened + $number * 60_000;
        $taps[] = Scene::tap('joined', $at, ticket: $ticket, firstName: 'Mila', design: $design->id);
        $taps[] = Scene::tap('seated', $at + 1000, ticket: $ticket, chair: 1, plan: $design->plan_id);
        array_push(
            $taps,
            ...$design->steps->map(static fn ($step): array => Scene::tap(
                'step_done',
                $at + 20_000,
                ticket: $ticket,
                step: $step->id,
            ))->all(),
        );
        $taps[] = Scene::tap('finished', $at + 40_000, ticket: $ticket);
    }
    $this->postJson(
        "/api/days/{$day->id}/taps",
        ['taps' => $taps],
    )->assertOk()->assertJsonPath('outcomes.*.fate', array_fill(0, 11, 'kept'));
    $this->getJson('/api/kit/brushes')->assertOk()->assertJsonPath('0.day', 'Harbour lantern fair')->assertJsonPath('0.daySavedMs', 16_000);
});

it('takes out what no design uses, and puts it back', function (): void {
    $brush = owned($this->scene);

    $removal = $this->deleteJson("/api/kit/{$brush->id}")->assertOk()->assertJsonPath('kit.things', [])->json('removalId');
    $this->postJson("/api/kit/removals/{$removal}/undo")->assertOk()->assertJsonPath('things.0.id', $brush->id);
    $this->postJson("/api/kit/removals/{$removal}/undo")->assertNotFound();
});

it('says where a thing is used before it goes', function (): void {
    $design = blackThenWhite($this->scene);
    $brush = owned($this->scene);
    $thin = owned($this->scene, ['name' => 'round 1']);
    owned($this->scene, ['name' => 'round 9', 'howMany' => 0]);

    $this->deleteJson("/api/kit/{$brush->id}")->assertConflict()
        ->assertJsonPath('message', '“round 2” is used by Puffin mask. Choose what takes its place, or take it out all the same.');
    $this->getJson("/api/kit/{$brush->id}/uses")->assertOk()->assertExactJson([
        'designs' => [['id' => $design->id, 'name' => 'Puffin mask', 'steps' => ['Beak line', 'Sparkle']]],
        'instead' => [['id' => $thin->id, 'name' => 'round 1']],
    ]);
    expect(KitItem::query()->where('name', 'round 2')->exists())->toBeTrue();
});

it('lets another thing take its place, and takes that back but for what was changed since', function (): void {
    $design = blackThenWhite($this->scene);
    $brush = owned($this->scene);
    $thin = owned($this->scene, ['name' => 'round 1']);
    $removal = $this->deleteJson("/api/kit/{$brush->id}", ['instead' => $thin->id])->assertOk()->json('removalId');
    $sheet = $this->getJson("/api/designs/{$design->id}")->assertJsonPath('steps.*.tool', ['round 1', 'round 1'])->json();

    $sheet['steps'][1]['name'] = 'Sparkle dots';
    $sheet['steps'] = array_map(
        static fn (array $step): array => array_diff_key(
            $step,
            array_flip(['line', 'timeMs', 'timeSource', 'timeFaces', 'timePractised', 'eightOfTenMs', 'plannedMs', 'dryForMs', 'seen']),
        ),
        $sheet['steps'],
    );
    $this->putJson("/api/designs/{$design->id}", $sheet)->assertOk();

    $this->postJson("/api/kit/removals/{$removal}/undo")->assertOk();
    $this->getJson("/api/designs/{$design->id}")->assertJsonPath('steps.*.tool', ['round 2', 'round 1']);
});

it('takes out all the same when told so, and the design says what it lacks', function (): void {
    $design = blackThenWhite($this->scene);
    $brush = owned($this->scene);
    owned($this->scene, ['name' => 'round 1']);
    $this->deleteJson("/api/kit/{$brush->id}", ['anyway' => true])->assertOk();

    $this->getJson("/api/designs/{$design->id}")->assertJsonPath('missing.0.missing', 'round 2')->assertJsonPath(
        'missing.0.instead',
        'round 1 instead',
    );
});

it('takes nothing in its place that could not', function (): void {
    $brush = owned($this->scene);
    $sponge = owned($this->scene, ['kind' => 'sponge', 'name' => 'half sponge']);
    $foreign = owned(Scene::team('Others'), ['name' => 'round 8']);
    $this->actingAs($this->scene->painter);

    foreach ([$sponge->id, $brush->id, $foreign->id, Scene::ulid()] as $instead) {
        $this->deleteJson(
            "/api/kit/{$brush->id}",
            ['instead' => $instead],
        )->assertUnprocessable()->assertJsonValidationErrors(['instead' => 'cannot take its place']);
    }
    $this->deleteJson("/api/kit/{$brush->id}", ['instead' => 'x'])->assertUnprocessable();
});

it('keeps the middle of a drill, and times designs with it', function (): void {
    $this->putJson('/api/ways/timing', ['timing' => 'strokes_alone'])->assertOk();
    $this->scene->design(
        'Puffin mask',
        Paint::step(Scene::ulid(), 20, tool: 'half sponge'),
        Paint::step(Scene::ulid(), 10, tool: 'round sponge'),
    );
    $total = fn (): int => $this->getJson('/api/designs')->json('0.totalMs');
    expect($total())->toBe(34_000);

    $this->putJson('/api/kit/hands/load', ['repetitions' => [5000, 90_000, 6000]])->assertOk()
        ->assertJsonPath('hands.1', ['action' => 'load', 'timeMs' => 6000, 'startingMs' => 2000, 'repetitions' => 3]);
    expect($total())->toBe(38_000);

    $this->putJson('/api/kit/hands/load', ['repetitions' => []])->assertOk()->assertJsonPath('hands.1.repetitions', 0);
    expect($total())->toBe(34_000)
        ->and(BenchTime::query()->exists())->toBeFalse();
});

it('refuses a drill that makes no sense', function (string $action, array $sent, int $status): void {
    $this->putJson("/api/kit/hands/{$action}", $sent)->assertStatus($status);
    expect(BenchTime::query()->exists())->toBeFalse();
})->with([
    ['juggle', ['repetitions' => [4000]], 404],
    ['load', [], 422],
    ['load', ['repetitions' => [20]], 422],
    ['load', ['repetitions' => [200_000]], 422],
    ['load', ['repetitions' => ['long']], 422],
    ['load', ['repetitions' => array_fill(0, 31, 4000)], 422],
]);

/** @return TestResponse<Response> */
function kitFile(string $json): TestResponse
{
    return test()->call('POST', '/api/kit/file', server: ['HTTP_ACCEPT' => 'application/json'], content: $json);
}

it('gives the kit out in its published shape, and takes it in again whole, in another team', function (): void {
    $tobi = app(Members::class)->add($this->scene->painter->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist);
    app(KitFile::class)->shipped($this->scene->painter, 'demo/kit.json');
    owned($this->scene, ['name' => 'wave cake', 'kind' => 'paint', 'paintKind' => 'split', 'lengthMm' => 50, 'howMany' => 2,
        'colours' => [['name' => 'deep', 'hex' => '#102030'], ['name' => null, 'hex' => '#a0b0c0']]]);
    owned($this->scene, ['name' => 'own round 4', 'ownerId' => $tobi->id, 'reservedFor' => 'white']);
    $said = static fn (array $thing): array => array_diff_key($thing, ['id' => 0, 'ownerId' => 0, 'homeId' => 0]);
    $things = array_column($this->getJson('/api/kit')->json('things'), null, 'name');
    $json = (string) $this->get('/api/team/file/kit.json')->assertOk()->streamedContent();
    $schema = json_decode((string) file_get_contents(base_path('schemas/kit.v1.schema.json')), false, 32, JSON_THROW_ON_ERROR);
    expect((new Validator)->validate(json_decode($json), $schema)->isValid())->toBeTrue()
        ->and(array_column(json_decode($json, true), 'bag', 'name'))->toBe(['own round 4' => 'Tobi']);

    $other = Scene::team('Others');
    $odo = app(Members::class)->add($other->painter->team->name, 'tobi', 'odo@example.org', 'a long password', Role::Artist);
    $this->actingAs($other->painter);
    owned($other, ['name' => 'Wáve cake', 'kind' => 'sponge']);
    $taken = array_column(kitFile($json)->assertOk()->json('things'), null, 'name');
    expect($taken['own round 4']['ownerId'])->toBe($odo->id)
        // What is there by its name stays as it is.
        ->and($taken['Wáve cake']['kind'])->toBe('sponge')->and(isset($taken['wave cake']))->toBeFalse()
        ->and(count($taken))->toBe(count($things));
    $mine = array_diff_key($things, ['wave cake' => 0]);
    expect(array_map($said, array_intersect_key($taken, $mine)))->toEqualCanonicalizing(array_map($said, $mine));
    $this->deleteJson("/api/kit/{$taken['Wáve cake']['id']}", ['anyway' => true])->assertOk();
    $again = array_column(kitFile($json)->assertOk()->json('things'), null, 'name');
    expect($said($again['wave cake']))->toEqual($said($things['wave cake']))->and(count($again))->toBe(count($things));
});

it('refuses a kit file with the place in it, and takes nothing of it', function (string $json, string $says): void {
    kitFile($json)->assertUnprocessable()->assertJsonPath('message', static fn (string $message): bool => str_contains($message, $says));
    expect(KitItem::ofTeam($this->scene->painter->team_id)->exists())->toBeFalse();
})->with([
    'no JSON' => ['white, black', 'not JSON'],
    'no list' => ['{"kind": "brush", "name": "round 2"}', 'must match the type: array'],
    'no name' => ['[{"kind": "brush", "name": "round 2"}, {"kind": "brush"}]', '/1'],
    'a kind that is none' => ['[{"kind": "bucket", "name": "blue"}]', '/0/kind'],
    'a paint without a colour' => ['[{"kind": "wipe", "name": "wipes"}, {"kind": "paint", "name": "blue"}]', '/1'],
    'more than anybody has' => ['[{"kind": "brush", "name": "round 2", "howMany": 100000}]', '/0/howMany'],
    'two that the kit cannot tell apart' => ['[{"kind": "brush", "name": "①"}, {"kind": "brush", "name": "1"}]', 'same name'],
    'what is not known' => ['[{"kind": "brush", "name": "round 2", "bristles": 4}]', 'bristles'],
]);

it('ships kits of the published shape', function (string $file): void {
    expect(app(KitFile::class)->read((string) file_get_contents(database_path($file)))->items)->not->toBe([]);
})->with(['starter/kit.json', 'demo/kit.json']);

it('keeps the kits of teams apart', function (): void {
    $foreign = owned(Scene::team('Others'));
    $this->actingAs($this->scene->painter);
    $removal = Scene::ulid();

    $this->getJson('/api/kit')->assertOk()->assertJsonPath('things', []);
    $this->putJson("/api/kit/{$foreign->id}", thing())->assertNotFound();
    $this->getJson("/api/kit/{$foreign->id}/uses")->assertNotFound();
    $this->deleteJson("/api/kit/{$foreign->id}")->assertNotFound();
    $this->postJson("/api/kit/removals/{$removal}/undo")->assertNotFound();
});
