<?php

declare(strict_types=1);

use App\Models\Bench\Design;
use App\Models\Bench\FacePlan;
use App\Models\Bench\Step;
use Core\Design\Defaults;
use Illuminate\Support\Str;
use Tests\Scene;

beforeEach(function (): void {
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
});

/**
 * What the bench sends for a design of one step.
 *
 * @param  array<string, mixed>  $step
 * @param  array<string, mixed>  $design
 * @return array<string, mixed>
 */
function sheet(array $step = [], array $design = []): array
{
    $step = [
        'id' => Scene::ulid(), 'name' => 'Grey base', 'medium' => 'sponge', 'tool' => 'half sponge',
        'colours' => [['name' => 'sea grey', 'hex' => '#8593a0']],
        'zones' => ['cheek'], 'side' => 'both', 'coats' => 1, 'time' => '0:40', 'dryFor' => '', 'optional' => false, 'note' => '', ...$step,
    ];

    return ['revision' => 1, 'name' => 'Seal pup', 'placement' => 'full_face', 'promise' => '4:10', 'steps' => [$step], ...$design];
}

it('lists the designs of the team by name, with their tapes', function (): void {
    $this->scene->design('Wave band');
    $this->scene->design('Crab nose');
    Scene::team('Others')->design('Not ours');

    $this->getJson('/api/designs')->assertOk()
        ->assertJsonPath('*.name', ['Crab nose', 'Wave band'])
        ->assertJsonPath('0.totalMs', 60_000)
        ->assertJsonPath(
            '0.spans.0',
            [
                'kind' => 'painting',
                'stepId' => Design::query()->where('name', 'Crab nose')->firstOrFail()->steps->firstOrFail()->id,
                'startMs' => 0,
                'lengthMs' => 40_000,
            ],
        );
});

it('makes a blank design', function (): void {
    $this->postJson('/api/designs', ['name' => ' Whale tail ', 'placement' => 'cheek'])->assertSuccessful()
        ->assertJson(['name' => 'Whale tail', 'steps' => [], 'totalMs' => 0, 'revision' => 1]);
});

it('refuses a new design that makes no sense', function (array $typed): void {
    $this->postJson('/api/designs', $typed)->assertUnprocessable();
    expect(Design::query()->exists())->toBeFalse();
})->with([
    [[]], [['name' => '', 'placement' => 'cheek']], [['name' => str_repeat('x', 81), 'placement' => 'cheek']],
    [['name' => 'Crab', 'placement' => 'knee']],
    [['name' => ['a'], 'placement' => 'cheek']], [['name' => '   ', 'placement' => 'cheek']],
]);

it('saves what was typed and answers with its timeline', function (): void {
    $design = $this->scene->design();

    $this->putJson("/api/designs/{$design->id}", sheet(['time' => '4m30']))->assertOk()
        ->assertJson(['name' => 'Seal pup', 'promise' => '4:10', 'revision' => 2, 'totalMs' => 270_000])
        ->assertJsonPath('steps.0.time', '4:30')->assertJsonPath('steps.0.timeMs', 270_000);
    expect(Step::query()->count())->toBe(1);
});

it('reads times as painters type them', function (string $typed, int $milliseconds): void {
    $design = $this->scene->design();

    $this->putJson("/api/designs/{$design->id}", sheet(['time' => $typed]))->assertOk()->assertJsonPath('steps.0.timeMs', $milliseconds);
})->with([['4', 240_000], ['4:30', 270_000], ['4m30', 270_000], ['270s', 270_000], ['0:40', 40_000]]);

it('refuses a design that makes no sense, names the field, and changes nothing', function (
    array $step,
    array $more,
    string $field,
    string $says,
): void {
    $design = $this->scene->design();

    $response = $this->putJson("/api/designs/{$design->id}", sheet($step, $more))->assertUnprocessable();
    expect($response->json("errors.{$field}") ?? $response->json('errors')[$field][0] ?? '')->not->toBe('')
        ->and(json_encode($response->json('errors'), JSON_UNESCAPED_UNICODE))->toContain($says)
        ->and($design->refresh()->name)->toBe('Wave band')->and($design->revision)->toBe(1)
        ->and(Step::query()->count())->toBe(2);
})->with([
    'no name' => [[], ['name' => ' '], 'name', 'no name'],
    'a name too long' => [[], ['name' => str_repeat('x', 81)], 'name', '80'],
    'a promise that is no time' => [[], ['promise' => 'soon'], 'promise', '4, 4:30, 4m30 or 270s'],
    'an unknown placement' => [[], ['placement' => 'knee'], 'placement', 'placement'],
    'no revision' => [[], ['revision' => null], 'revision', 'revision'],
    'steps that are no list' => [[], ['steps' => 'all'], 'steps', 'steps'],
    '121 steps' => [[], ['steps' => array_fill(0, 121, ['id' => 'x'])], 'steps', '120 steps at most'],
    'a negative time' => [['time' => '-4'], [], 'steps.0.time', 'is not a time'],
    'an absurd time' => [['time' => '400:00'], [], 'steps.0.time', 'longer than 60:00'],
    'nothing of a time' => [['time' => '0'], [], 'steps.0.time', 'at least a second'],
    'a step without a name' => [['name' => ''], [], 'steps.0.name', 'Step 1 has no name'],
    'no zone' => [['zones' => []], [], 'steps.0.time', 'Choose at least one zone'],
    'a zone of the arm on a cheek' => [['zones' => ['wrist']], [], 'placement', 'which a design for the full face does not have'],
    'a technique of another medium' => [['technique' => 'gem'], [], 'steps.0.time', '“gem” is not done with sponge'],
    'a count of what is not counted' => [['count' => 3], [], 'steps.0.time', 'has none to count'],
    'no stroke at all' => [['medium' => 'brush', 'technique' => 'petal', 'count' => 0], [], 'steps.0.count', 'strokes a side'],
    'thirteen o\'clock' => [['guides' => [['by' => 'clock', 'value' => '13']]], [], 'steps.0.time', 'Choose 1 to 12'],
    'a place to go by that is none' => [['guides' => [['by' => 'aim', 'value' => 'moon']]], [], 'steps.0.time', 'no place to go by'],
    'as big as a house' => [['sizePercent' => 4000], [], 'steps.0.sizePercent', '10 to 400 percent'],
    'another way that cannot be' => [
        ['alternatives' => [['medium' => 'gem', 'technique' => 'dots', 'tool' => '', 'time' => '']]],
        [],
        'steps.0.time',
        '“dots” is not done with gem',
    ],
    'thirteen tags' => [[], ['tags' => array_map(strval(...), range(1, 13))], 'tags', '12 tags at most'],
    'an unknown zone' => [['zones' => ['tail']], [], 'steps.0.zones.0', 'zones'],
    'no coat' => [['coats' => 0], [], 'steps.0.coats', 'Choose 1 to 6'],
    'a coat and a half' => [['coats' => 1.5], [], 'steps.0.coats', 'integer'],
    'a colour that is none' => [['colours' => [['name' => 'red', 'hex' => 'red']]], [], 'steps.0.time', 'six hex digits'],
    'an id that is none' => [['id' => 'one'], [], 'steps.0.id', 'ULID'],
    'an unknown medium' => [['medium' => 'oil'], [], 'steps.0.medium', 'medium'],
    'left of the nose' => [['zones' => ['nose'], 'side' => 'left'], [], 'steps.0.time', 'Choose “centre”'],
    'a field that nobody knows' => [['price' => 3], [], 'steps.0', 'steps'],
]);

it('refuses a save over a newer one, and says so', function (): void {
    $design = $this->scene->design();
    $this->putJson("/api/designs/{$design->id}", sheet([], ['name' => 'First']))->assertOk();

    $this->putJson("/api/designs/{$design->id}", sheet([], ['name' => 'Second']))->assertConflict()->assertJsonStructure(['message']);
    expect($design->refresh()->name)->toBe('First');
});

it('copies a design under a name of its own', function (): void {
    $design = $this->scene->design(str_repeat('x', 80));

    $copy = $this->postJson("/api/designs/{$design->id}/copy")->assertSuccessful();
    expect($copy->json('name'))->toBe(str_repeat('x', 75).' copy')->and($copy->json('totalMs'))->toBe(60_000)
        ->and(Design::query()->count())->toBe(2);
});

it('deletes a design and brings it back', function (): void {
    $design = $this->scene->design();

    $this->deleteJson("/api/designs/{$design->id}")->assertNoContent();
    $this->getJson('/api/designs')->assertExactJson([]);
    $this->getJson("/api/designs/{$design->id}")->assertNotFound();

    $this->postJson("/api/designs/{$design->id}/restore")->assertOk()->assertJsonPath('name', 'Wave band');
    $this->getJson('/api/designs')->assertJsonCount(1);
});

it('is nowhere for another team', function (string $method, string $path): void {
    $design = Scene::team('Others')->design();
    if (str_ends_with($path, 'restore')) {
        $design->delete();
    }

    $this->json($method, "/api/designs/{$design->id}{$path}", sheet())->assertNotFound()->assertJsonPath(
        'message',
        'That is not here, or not yours. It may have been removed on another screen.',
    );
    expect(Design::withTrashed()->findOrFail($design->id)->name)->toBe('Wave band');
})->with([['GET', ''], ['PUT', ''], ['DELETE', ''], ['POST', '/copy'], ['POST', '/restore'], ['GET', '/file']]);

it('keeps a plan for every way a design was saved', function (): void {
    $design = $this->scene->design();
    $first = $design->plan_id;
    $this->putJson("/api/designs/{$design->id}", $sheet = sheet())->assertOk();
    $second = $design->refresh()->plan_id;
    $this->putJson("/api/designs/{$design->id}", [...$sheet, 'revision' => 2, 'promise' => '5'])->assertOk();

    expect($second)->not->toBe($first)->and($design->refresh()->plan_id)->toBe($second)
        ->and(FacePlan::query()->whereIn('id', [(string) $first, (string) $second])->count())->toBe(2);
});

it('keeps words in any script as they were typed', function (string $name): void {
    $design = $this->scene->design();

    $this->putJson(
        "/api/designs/{$design->id}",
        sheet(['name' => $name, 'note' => $name], ['name' => $name]),
    )->assertOk()->assertJsonPath('name', $name);
    $this->getJson("/api/designs/{$design->id}")->assertJsonPath('steps.0.name', $name)->assertJsonPath('steps.0.note', $name);
})->with(['موجة البحر', '海の波', 'Welle 🌊🐚', 'Ørsted’s “crab”', '<script>alert(1)</script>']);

it('puts designs away together and takes them out again', function (): void {
    [$one, $other] = [$this->scene->design(), $this->scene->design()];
    $put = fn (mixed $archived) => $this->putJson('/api/shelf', ['designIds' => [$one->id, $other->id], 'archived' => $archived]);

    $put(true)->assertNoContent();
    $this->getJson('/api/designs')->assertJsonPath('*.archived', [true, true]);
    $put(false)->assertNoContent();
    $this->getJson('/api/designs')->assertJsonPath('*.archived', [false, false]);
    $put('perhaps')->assertUnprocessable();
});

it('tags designs together, each tag once, and takes tags off again', function (): void {
    [$one, $other] = [$this->scene->design(), $this->scene->design()];
    $one->update(['tags' => ['Sea']]);
    $sort = fn (array $change) => $this->putJson('/api/shelf', ['designIds' => [$one->id, $other->id], ...$change]);

    $sort(['addTag' => ' sea '])->assertNoContent();
    expect([$one->refresh()->tags, $other->refresh()->tags])->toBe([['Sea'], ['sea']])
        ->and([$one->revision, $other->revision])->toBe([1, 2]);
    // A bench that was open meanwhile learns of it.
    $this->putJson("/api/designs/{$other->id}", [...sheet(['name' => 'Base']), 'revision' => 1])->assertConflict();
    $sort(['removeTag' => 'SEA'])->assertNoContent();
    expect([$one->refresh()->tags, $other->refresh()->tags])->toBe([[], []]);
});

it('changes all of several designs or none', function (): void {
    [$one, $full] = [$this->scene->design(), $this->scene->design()];
    $full->update(['tags' => array_map(fn (int $at): string => "tag {$at}", range(1, Defaults::MOST_TAGS))]);
    $sort = fn (array $ids, array $change) => $this->putJson('/api/shelf', ['designIds' => $ids, ...$change]);

    $sort([$one->id, $full->id], ['addTag' => 'sea', 'archived' => true])->assertUnprocessable()
        ->assertJsonPath('errors.addTag.0', "“{$full->name}” bears 12 tags already. Take one off it first, or leave it out.");
    $sort([$one->id, Scene::team('Others')->design()->id], ['archived' => true])->assertUnprocessable();
    $sort([$one->id, strtolower((string) Str::ulid())], ['archived' => true])->assertUnprocessable();
    $sort([], ['archived' => true])->assertUnprocessable();
    $sort([$one->id], ['addTag' => str_repeat('a', Defaults::LONGEST_TAG + 1)])->assertUnprocessable();
    expect([$one->refresh()->tags, $one->archived_at])->toBe([[], null]);
});

it('fits a design to the person, and changes nothing of it', function (): void {
    $petals = Core\Design\StepValues::read(
        Scene::ulid(),
        ['name' => 'Petals', 'medium' => 'brush', 'technique' => 'petal', 'count' => 5, 'zones' => ['cheek'], 'seconds' => 50],
    );
    $beard = Core\Design\StepValues::read(Scene::ulid(), ['name' => 'Jaw', 'medium' => 'sponge', 'zones' => ['chin'], 'seconds' => 20]);
    $design = $this->scene->design('Starfish', $petals, $beard);
    $fit = fn (string $query) => $this->getJson("/api/designs/{$design->id}/fitted?{$query}");

    $fit('size=small&beard=0&dislikesTouch=0&leftHanded=0')->assertOk()
        ->assertJsonPath('steps.0.count', 4)->assertJsonPath('steps.0.timeMs', 40_000)
        ->assertJsonPath('changes', ['Petals: 4 instead of 5 a side. Fewer, not smaller.']);
    $fit('size=adult&beard=1&dislikesTouch=0&leftHanded=0')->assertOk()
        ->assertJsonPath('steps.*.name', ['Petals'])->assertJsonPath('changes', ['Jaw is left out: it lies in the beard.']);
    $fit('size=giant&beard=1&dislikesTouch=0&leftHanded=0')->assertUnprocessable();
    $fit('size=small')->assertUnprocessable();
    expect($design->refresh()->toCore()->steps[0]->count)->toBe(5);
});

it('begins a design with a typed list, in its own words, with what it wants of the order', function (): void {
    $list = "  sponge sea grey cheeks 40s\n\nthree whiskers each side, 12s\nwhite dots last";
    $made = $this->postJson('/api/designs', ['name' => 'Seal pup', 'placement' => 'full_face', 'list' => $list])->assertSuccessful()
        ->assertJsonPath('steps.0.timeMs', 40_000)->assertJsonPath(
            'steps.1.technique',
            'whisker',
        )->assertJsonPath('steps.1.count', 3)->json();

    expect($made['pins'])->toBe([['kind' => 'last', 'steps' => [$made['steps'][2]['id']]]])->and($made['steps'][0]['id'])->toHaveLength(26);
    $this->postJson(
        '/api/designs',
        ['name' => 'Arm band', 'list' => "placement: arm\nblue sponge wrist 10s"],
    )->assertSuccessful()->assertJsonPath('placement', 'arm');
});

it('begins a design with another one, or with a worked one', function (): void {
    $wave = $this->scene->design('Wave band');
    $this->postJson('/api/designs', ['name' => 'Big wave', 'placement' => 'full_face', 'like' => $wave->id])->assertSuccessful()
        ->assertJson([
            'name' => 'Big wave',
            'placement' => 'cheek',
            'promise' => '1:15',
        ])->assertJsonPath('steps.*.name', ['Blue wave', 'Foam']);

    $points = $this->getJson('/api/designs/starting-points')->assertOk()->assertJsonCount(12)->json();
    $made = $this->postJson(
        '/api/designs',
        ['name' => 'My seal', 'placement' => 'cheek', 'startingPoint' => 'Seal pup'],
    )->assertSuccessful()->json();
    expect($made['placement'])->toBe('full_face')
        ->and($made['totalMs'])->toBe($points[0]['totalMs'])
        ->and(array_column($made['steps'], 'name'))->toBe(array_column($points[0]['steps'], 'name'));
});

it('begins no design with what makes no sense, and makes none', function (array $with, string $says): void {
    $this->postJson(
        '/api/designs',
        ['name' => 'Seal pup', 'placement' => 'cheek', ...$with],
    )->assertUnprocessable()->assertJsonFragment(['message' => $says]);
    expect(Design::query()->exists())->toBeFalse();
})->with([
    [['list' => str_repeat("sponge white cheek 5s\n", 500)], '“Seal pup” has 500 steps. A design holds 120 at most: split it in two.'],
    [['list' => str_repeat('x', 100_001)], 'A list is read up to 100000 letters. Paste it in parts.'],
    [['placement' => null], 'The placement field is required when list is not present.'],
    [['startingPoint' => 'Sea monster'], 'There is no such starting point. Choose one of those shown.'],
    [['like' => '01hzzzzzzzzzzzzzzzzzzzzzzz'], 'That design is not here any more. Choose another one.'],
]);

it('begins no design with another team’s', function (): void {
    $foreign = Scene::team('Others')->design();
    $this->postJson('/api/designs', ['name' => 'Theirs', 'placement' => 'cheek', 'like' => $foreign->id])->assertUnprocessable();
});

it('keeps names in any script, and emoji', function (string $name): void {
    $design = $this->scene->design();
    $this->putJson(
        "/api/designs/{$design->id}",
        sheet(['name' => $name, 'note' => $name, 'group' => $name], ['name' => $name, 'tags' => [$name]]),
    )->assertOk()
        ->assertJson(['name' => $name, 'tags' => [$name]])->assertJsonPath('steps.0.name', $name)->assertJsonPath('steps.0.group', $name);
})->with(['🐙 octopus 🌊', 'فقمة صغيرة', 'כלב ים', '海獺']);

it('keeps a step of which nothing but the id is sent', function (): void {
    $design = $this->scene->design();
    [$wave, $foam] = $design->steps->all();
    $changed = sheet(['id' => $foam->id, 'name' => 'Foam line', 'time' => '10s'])['steps'][0];

    $this->putJson("/api/designs/{$design->id}", sheet(design: ['steps' => [$changed, ['id' => strtoupper($wave->id)]]]))->assertOk()
        ->assertJsonPath('steps.*.name', ['Foam line', 'Blue wave'])->assertJsonPath('steps.*.timeMs', [10_000, 40_000]);
    $this->putJson(
        "/api/designs/{$design->id}",
        sheet(design: ['revision' => 2, 'steps' => [['id' => Scene::ulid()]]]),
    )->assertUnprocessable()
        ->assertJsonValidationErrors(['steps.0.id' => 'Step 1 is not saved here yet']);
    $this->putJson(
        "/api/designs/{$design->id}",
        sheet(design: ['revision' => 2, 'steps' => [['id' => $wave->id, 'time' => '3s']]]),
    )->assertUnprocessable()
        ->assertJsonValidationErrors(['steps.0.name' => 'Step 1 has no name']);
});

it('says which place the body part does not have, and keeps nothing', function (): void {
    $design = $this->scene->design();

    $this->putJson(
        "/api/designs/{$design->id}",
        sheet(['zones' => ['forehead'], 'side' => 'centre'], ['placement' => 'arm']),
    )->assertUnprocessable()
        ->assertJsonValidationErrors(['placement' => '“Grey base” lies on the forehead, which a design for the arm does not have.']);
    expect($design->refresh()->revision)->toBe(1);
});

it('says when a design was painted last', function (): void {
    $design = $this->scene->design();
    $this->scene->design('Never painted');
    $day = $this->scene->day(1, $design);
    $at = now()->getTimestampMs();
    $child = static fn (): array => ['ticket' => Scene::ulid()];
    [$one, $two] = [$child(), $child()];
    $this->postJson("/api/days/{$day->id}/taps", ['taps' => [
        Scene::tap('opened', $at - 9_000),
        Scene::tap('joined', $at - 8_000, ...$one, design: $design->id),
        Scene::tap('joined', $at - 7_900, ...$two, design: $design->id),
        Scene::tap('seated', $at - 7_000, ...$one, chair: 1, plan: $design->plan_id),
        Scene::tap('finished', $at - 6_000, ...$one),
        Scene::tap('seated', $at - 5_000, ...$two, chair: 1, plan: $design->plan_id),
        Scene::tap('finished', $at - 4_000, ...$two),
    ]])->assertOk();

    $last = array_column($this->getJson('/api/designs')->assertOk()->json(), 'lastPaintedAt', 'name');
    expect($last)->toBe(['Never painted' => null, $design->name => $at - 5_000]);
});
