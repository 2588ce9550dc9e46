<?php

declare(strict_types=1);

use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
});

it('reads a list as one text, with its tape', function (): void {
    $answer = $this->postJson(
        '/api/step-lists',
        [
            'list' => "Crab nose\n- sponge pearl white muzzle both sides, 2 coats, 40s, optional\n\n- frilly red spots, when "
                ."dry, 10s\n- eyes shut",
            'placement' => 'full_face',
        ],
    )->assertSuccessful();

    $answer->assertJsonPath('title', 'Crab nose')->assertJsonPath('steps', 2)->assertJsonPath('placement', 'full_face')
        ->assertJsonPath('saysPlacement', false)
        ->assertJsonPath('lines.*.kind', ['heading', 'steps', 'steps', 'note'])->assertJsonPath('lines.*.number', [1, 2, 4, 5])
        ->assertJsonPath('lines.1.steps.0.step.line', 'sponge pearl white muzzle both sides, 2 coats, 0:40, optional')
        ->assertJsonPath(
            'lines.1.parts.0',
            ['kind' => 'medium', 'start' => 2, 'length' => 6],
        )->assertJsonPath('lines.1.steps.0.assumed', [])
        ->assertJsonPath('lines.2.steps.0.step.name', 'frilly spots')->assertJsonPath('lines.2.steps.0.step.note', 'eyes shut')
        ->assertJsonPath(
            'lines.2.steps.0.assumed.0',
            fn (array $assumed): bool => $assumed['of'] === 'medium' && $assumed['because'] === 'as dots are painted',
        );
    $spans = $answer->json('spans');
    expect(array_column(
        array_filter($spans, static fn (array $span): bool => $span['kind'] === 'painting'),
        'lengthMs',
    ))->toBe([40_000, 6_000])
        ->and($answer->json('totalMs'))->toBe(array_sum(array_column($spans, 'lengthMs')));
});

it('asks with answers to tap, each of which is the line that says it', function (): void {
    $line = 'sponge white nose 2';
    $question = $this->postJson(
        '/api/step-lists',
        ['list' => $line, 'placement' => 'full_face'],
    )->assertSuccessful()->json('lines.0.question');

    expect($question['asks'])->toBe('2 what?')->and($question['choices'][2])->toBe([
        'label' => '2 coats',
        'text' => 'sponge white nose 2 coats',
    ]);
    $this->postJson(
        '/api/step-lists',
        ['list' => $question['choices'][2]['text'], 'placement' => 'full_face'],
    )->assertJsonPath('lines.0.question', null)->assertJsonPath('lines.0.steps.0.step.coats', 2);
});

it('asks the same in two lines', function (): void {
    $this->postJson(
        '/api/step-lists',
        ['list' => "sponge white nose 2\nsponge white nose 2"],
    )->assertSuccessful()->assertJsonPath('lines.*.question.asks', ['2 what?', '2 what?']);
});

it('reads a line below others: what it leaves open is as above', function (): void {
    $above = ['Boat: round 4 fill boat shape brown cheek left side, 0:12', 'Sea: half sponge deep blue lower cheek left side, 0:10'];

    $this->postJson('/api/step-lists', ['list' => 'outline the boat, 8s', 'placement' => 'cheek', 'above' => $above])->assertSuccessful()
        ->assertJsonPath('lines.0.steps.0.step.shape', 'boat')->assertJsonPath(
            'lines.0.steps.0.step.zones',
            ['cheek'],
        )->assertJsonPath('lines.0.steps.0.step.side', 'left')
        ->assertJsonPath('lines.0.steps.0.step.technique', 'outline');
});

it('answers whatever is pasted', function (string $list, int $steps): void {
    $this->postJson(
        '/api/step-lists',
        ['list' => $list],
    )->assertSuccessful()->assertJsonPath('steps', $steps)->assertJsonPath('mostSteps', 120);
})->with([
    'nothing' => ['', 0], 'blanks' => [" \n\t\n ", 0], 'emoji' => ['🌊🐙', 0], 'NUL' => ["white dots\0 10s", 1],
    '500 lines' => [str_repeat("white dots 5s\n", 500), 500],
    'a line as long as a book' => [str_repeat('wave ', 1000), 1], 'HTML' => ['<script>alert("white dots")</script>', 1],
]);

it('refuses what is no list', function (array $body, string $says): void {
    expect((string) $this->postJson('/api/step-lists', $body)->assertUnprocessable()->json('message'))->toContain($says);
})->with([
    'nothing' => [[], 'no list'], 'a list of lists' => [['list' => ['a']], 'string'],
    'a whole book' => [['list' => str_repeat('x', 100_001)], 'Paste it in parts'],
    'a place that nobody has' => [['list' => 'dots', 'placement' => 'tail'], 'placement'],
    'lines above that are none' => [['list' => 'dots', 'above' => [1]], 'string'],
]);

it('shows each step of a design as the line that says it', function (): void {
    $design = $this->scene->design('Wave band', Paint::step(Scene::ulid(), 40, name: 'Blue wave', coats: 2));

    $this->getJson("/api/designs/{$design->id}")->assertOk()
        ->assertJsonPath('steps.0.line', 'Blue wave: half sponge #8593a0 cheek both sides, 2 coats, 0:40');
});

it('knows the things of the kit by their names', function (): void {
    $kit = fn (array $thing) => $this->postJson('/api/kit', [
        'howMany' => 1, 'colours' => [], 'paintKind' => null, 'finish' => null, 'gramsLeft' => null, 'lengthMm' => null,
        'widthMm' => null, 'reservedFor' => '',
        'skinSafe' => true, 'latex' => false, 'gel' => false, 'selfStick' => false, ...$thing,
    ])->assertOk();
    $kit(['kind' => 'brush', 'name' => 'Grandmother liner']);
    $kit(['kind' => 'paint', 'name' => 'harbour mist', 'colours' => [['name' => '', 'hex' => '#9fb3b8']]]);
    $kit([
        'kind' => 'paint', 'name' => 'pier cake', 'paintKind' => 'split', 'lengthMm' => 40,
        'colours' => [['name' => 'plank', 'hex' => '#775533'], ['name' => 'mist', 'hex' => '#9fb3b8']],
    ]);

    $this->postJson(
        '/api/step-lists',
        ['list' => "grandmother liner harbour mist temple 20s\ngrandmother linre harbour mist temple 20s\npier cake on a sponge, cheek"],
    )->assertOk()
        ->assertJsonPath('lines.0.steps.0.step.tool', 'Grandmother liner')->assertJsonPath('lines.0.steps.0.step.medium', 'brush')
        ->assertJsonPath(
            'lines.0.steps.0.step.colours',
            [['name' => 'harbour mist', 'hex' => '#9fb3b8']],
        )->assertJsonPath('lines.1.steps.0.step.tool', 'Grandmother liner')
        ->assertJsonPath('lines.2.steps.0.step.colours.*.name', ['plank', 'mist']);
});
