<?php

declare(strict_types=1);

use App\Kit\Things\KitFile;
use App\Models\Bench\Design;
use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Technique;
use Core\Order\Schools\School;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    [$this->night, $this->stars, $this->waves] = [Scene::ulid(), Scene::ulid(), Scene::ulid()];
    $this->design = $this->scene->design(
        'Starry night',
        Paint::step(
            id: $this->night,
            seconds: 20,
            medium: Medium::Brush,
            tool: 'wash brush',
            colours: ['#1b2a52'],
            zones: [Zone::Cheek, Zone::Cheekbone],
            name: 'Night',
            technique: Technique::Fill,
        ),
        Paint::step(
            id: $this->stars,
            seconds: 10,
            medium: Medium::Brush,
            tool: 'round 2',
            colours: ['#fafaf7'],
            zones: [Zone::Cheek],
            name: 'Stars',
            technique: Technique::Starburst,
        ),
        Paint::step(
            id: $this->waves,
            seconds: 30,
            medium: Medium::Brush,
            tool: 'round 4',
            colours: ['#3f8fc6'],
            zones: [Zone::Jaw],
            name: 'Waves',
            technique: Technique::Stripe,
        ),
    );
});

/**
 * What the bench sends when only these fields change.
 *
 * @param  array<string, mixed>  $changes
 * @return array<string, mixed>
 */
function unchanged(Design $design, array $changes = []): array
{
    return [
        'revision' => $design->refresh()->revision, 'name' => $design->name, 'placement' => $design->placement->value, 'promise' => '',
        'steps' => $design->steps->map(static fn ($step): array => ['id' => $step->id])->values()->all(), ...$changes,
    ];
}

/** @return list<array<string, mixed>> the lines of a stream */
function streamed(string $content): array
{
    return array_map(
        static fn (string $line): array => (array) json_decode($line, true, flags: JSON_THROW_ON_ERROR),
        array_values(array_filter(explode("\n", $content))),
    );
}

it('tells what happens on the skin and what the craft says of it', function (): void {
    $sheet = $this->getJson("/api/designs/{$this->design->id}")->assertOk()
        ->assertJsonPath('craft.films.0', ['stepId' => $this->night, 'laidMs' => 20_000, 'tackyMs' => 50_000, 'dryMs' => 58_000])
        ->assertJsonPath('craft.colours.0.stepId', $this->night)->assertJsonPath('craft.colours.0.meant', '#1b2a52')
        ->json('craft.findings');

    expect(array_column($sheet, 'rule'))->toContain('sparkle-on-dry');
    $bleeds = $sheet[array_search('sparkle-on-dry', array_column($sheet, 'rule'), true)];
    expect($bleeds['steps'])->toBe([$this->night, $this->stars])->and($bleeds['severity'])->toBe('warn')
        ->and($bleeds['fix']['order'])->toBe([$this->night, $this->stars, $this->waves])
        ->and(array_column($bleeds['fix']['changed'], 'dryFor'))->toBe(['0:28']);
});

it('finds the best order, line by line, and says when it is done', function (): void {
    $answer = $this->getJson("/api/designs/{$this->design->id}/best-order?seconds=2")->assertOk();
    $lines = streamed($answer->getContent());
    $last = $lines[count($lines) - 1];

    expect($last)->toMatchArray(['isDone' => true, 'isProven' => true, 'clash' => []])->and((float) $last['gapPercent'])->toBe(0.0)
        ->and($last['fix']['order'])->toBe([$this->night, $this->waves, $this->stars])
        ->and($last['savedMs'])->toBe($last['lawfulMs'] - $last['totalMs'])
        ->and(array_sum(array_column($last['spans'], 'lengthMs')))->toBe($last['totalMs'])
        ->and($last['moves'])->toHaveCount(1)->and($last['moves'][0]['why'])->toContain('“Night”');
});

it('applies what it proposed as the bench does, and the tape is as long as it said', function (): void {
    $last = streamed($this->getJson("/api/designs/{$this->design->id}/best-order?seconds=2")->getContent());
    $best = $last[count($last) - 1];
    $changed = array_column($best['fix']['changed'], null, 'id');
    $fields = array_flip([
        'id', 'name', 'medium', 'technique', 'tool', 'colours', 'zones', 'side', 'coats', 'load', 'time', 'dryFor', 'optional',
        'note',
    ]);
    $steps = array_map(
        static fn (string $id): array => isset($changed[$id]) ? array_intersect_key($changed[$id], $fields) : ['id' => $id],
        $best['fix']['order'],
    );

    $this->putJson(
        "/api/designs/{$this->design->id}",
        unchanged($this->design, ['steps' => $steps]),
    )->assertOk()->assertJsonPath('totalMs', $best['totalMs']);
});

it('says what clashes', function (): void {
    $pins = [
        ['kind' => 'before', 'steps' => [$this->stars, $this->waves]],
        ['kind' => 'before', 'steps' => [$this->waves, $this->night]],
        ['kind' => 'before', 'steps' => [$this->night, $this->stars]],
    ];
    $this->putJson(
        "/api/designs/{$this->design->id}",
        unchanged($this->design, ['pins' => $pins]),
    )->assertOk()->assertJsonPath('pins', $pins);

    $lines = streamed($this->getJson("/api/designs/{$this->design->id}/best-order")->getContent());
    expect($lines[count($lines) - 1])->toMatchArray(['isDone' => true, 'isProven' => true, 'totalMs' => null, 'fix' => null])
        ->and($lines[count($lines) - 1]['clash'])->toHaveCount(3);
});

it('reads a typed pin, and says what to write instead', function (): void {
    $this->postJson("/api/designs/{$this->design->id}/pin-lines", ['line' => 'waves before stars'])->assertOk()
        ->assertExactJson(['kind' => 'before', 'steps' => [$this->waves, $this->stars]]);
    $this->postJson("/api/designs/{$this->design->id}/pin-lines", ['line' => 'moon before stars'])->assertUnprocessable()
        ->assertJsonPath('errors.line.0', fn (string $says): bool => str_contains($says, 'No step is called “moon”'));
    $this->postJson("/api/designs/{$this->design->id}/pin-lines", [])->assertUnprocessable();
});

it('keeps pins, silences and the age through a save, a copy and a file', function (): void {
    $changes = [
        'pins' => [['kind' => 'first', 'steps' => [$this->night]]],
        'silences' => [['rule' => 'sparkle-on-dry', 'reason' => 'Meant to bleed']], 'fromAge' => 4,
    ];
    $this->putJson("/api/designs/{$this->design->id}", unchanged($this->design, $changes))->assertOk()
        ->assertJsonPath('silences.0.title', 'Sparkle only on dry')->assertJsonPath('fromAge', 4);
    $findings = $this->putJson(
        "/api/designs/{$this->design->id}",
        unchanged($this->design, ['name' => 'Night sky', 'fromAge' => 4]),
    )->assertOk()
        ->assertJsonPath('pins', $changes['pins'])->assertJsonPath('silences.0.reason', 'Meant to bleed')->json('craft.findings');
    expect(array_column($findings, 'rule'))->not->toContain('sparkle-on-dry');

    $this->postJson("/api/designs/{$this->design->id}/copy")->assertSuccessful()->assertJsonPath('pins.0.kind', 'first')->assertJsonPath(
        'silences.0.rule',
        'sparkle-on-dry',
    );
    $file = $this->get("/api/designs/{$this->design->id}/file")->assertOk()->getContent();
    $this->call(
        'POST',
        '/api/designs/file',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: (string) $file,
    )->assertOk();
    $read = Design::query()->where('name', 'Night sky')->orderByDesc('id')->firstOrFail()->toCore();

    expect($read->pins[0]->steps)->toBe([$read->steps[0]->id])->and($read->silences[0]->reason)->toBe('Meant to bleed')
        ->and($read->audience->fromAge)->toBe(4);
});

it('lets pins go with their steps', function (): void {
    $this->putJson(
        "/api/designs/{$this->design->id}",
        unchanged($this->design, ['pins' => [['kind' => 'before', 'steps' => [$this->night, $this->stars]]]]),
    )->assertOk();
    $this->putJson(
        "/api/designs/{$this->design->id}",
        unchanged($this->design, ['steps' => [['id' => $this->night], ['id' => $this->waves]]]),
    )->assertOk()
        ->assertJsonPath('pins', []);
});

it('refuses pins and silences that make no sense', function (array $changes, string $field): void {
    $this->putJson(
        "/api/designs/{$this->design->id}",
        unchanged($this->design, $changes),
    )->assertUnprocessable()->assertJsonValidationErrorFor($field);
})->with([
    [['pins' => [['kind' => 'after', 'steps' => []]]], 'pins.0.kind'],
    [['pins' => [['kind' => 'first', 'steps' => ['01aaaaaaaaaaaaaaaaaaaaaaaa']]]], 'pins'],
    [['silences' => [['rule' => 'gems-last', 'reason' => '']]], 'silences.0.reason'],
    [['fromAge' => 40], 'fromAge'],
]);

it('shows the plan’s colours as they come out', function (): void {
    app(KitFile::class)->shipped($this->scene->painter);
    $this->putJson("/api/designs/{$this->design->id}", unchanged($this->design))->assertOk();

    $steps = $this->getJson('/api/designs')->assertOk()->json('0.steps');
    // White stars on wet night blue are no longer white.
    expect($steps[1]['seen'])->toHaveCount(1)->and($steps[1]['seen'][0])->not->toBe('#fafaf7');
});

it('says what each school costs on a design', function (): void {
    $times = $this->getJson("/api/designs/{$this->design->id}/schools")->assertOk()->json();
    $by = array_column($times, 'totalMs', 'school');

    expect($times)->toHaveCount(count(School::cases()))->and($by['line_on_dry'])->toBeGreaterThanOrEqual($by['line_on_tacky'])
        ->and($by['quickest'])->toBeLessThanOrEqual($by['top_to_bottom']);
});

it('keeps other teams out', function (): void {
    $this->actingAs(Scene::team('Others')->painter);

    $this->getJson("/api/designs/{$this->design->id}/best-order")->assertNotFound();
    $this->postJson("/api/designs/{$this->design->id}/pin-lines", ['line' => 'waves first'])->assertNotFound();
    $this->getJson("/api/designs/{$this->design->id}/schools")->assertNotFound();
});

it('refuses to look for ever', function (): void {
    $this->getJson("/api/designs/{$this->design->id}/best-order?seconds=900")->assertUnprocessable();
});

it('is read whole while somebody takes a pinned step out of it', function (): void {
    $pins = [['kind' => 'last', 'steps' => [$this->waves]], ['kind' => 'before', 'steps' => [$this->night, $this->stars]]];
    $this->putJson("/api/designs/{$this->design->id}", unchanged($this->design, ['pins' => $pins]))->assertOk();
    // As a reader finds it who read the row before the save, and the steps after it.
    $this->design->steps()->where('id', $this->waves)->delete();

    $this->getJson("/api/designs/{$this->design->id}")->assertOk()->assertJsonPath('steps.*.id', [$this->night, $this->stars])
        ->assertJsonPath('pins', [$pins[1]]);
});
