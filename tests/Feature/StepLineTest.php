<?php

declare(strict_types=1);

use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
});

it('reads lines each on its own, and says what it understood', function (): void {
    $answer = $this->postJson('/api/step-lines', ['lines' => ['sponge pearl white muzzle both sides, 2 coats, 40s, optional', 'sponge wobbly nose 40s']])
        ->assertSuccessful();

    $answer->assertJsonPath('0.questions', [])->assertJsonPath('0.step.coats', 2)->assertJsonPath('0.step.zones', ['muzzle'])
        ->assertJsonPath('0.step.line', 'sponge pearl white muzzle, 2 coats, 0:40, optional')
        ->assertJsonPath('0.parts.0', ['kind' => 'medium', 'start' => 0, 'length' => 6])
        ->assertJsonPath('1.step', null);
    expect((string) $answer->json('1.questions.0'))->toContain('What is “wobbly”?');
});

it('says what makes no sense together as a question', function (): void {
    $this->postJson('/api/step-lines', ['lines' => ['sponge white nose left, 40s']])->assertSuccessful()
        ->assertJsonPath('0.step', null)->assertJsonPath('0.questions.0', '“White nose” lies on the nose, which has no left side. Choose “centre”.');
});

it('refuses what are no lines', function (mixed $lines, string $says): void {
    $response = $this->postJson('/api/step-lines', ['lines' => $lines])->assertUnprocessable();

    expect((string) $response->json('message'))->toContain($says);
})->with([
    'nothing' => [[], 'no line'], 'text' => ['sponge', 'lines'], 'numbers' => [[1], 'string'],
    '500 steps pasted' => [array_fill(0, 500, 'sponge white nose 40s'), '120 steps at most'],
    'a letter as long as a book' => [[str_repeat('x', 1001)], 'longer than 1000'],
]);

it('shows each step of a design as the line that says it', function (): void {
    $design = $this->scene->design('Wave band', Paint::step(Scene::ulid(), 40, name: 'Blue wave', coats: 2));

    $this->getJson("/api/designs/{$design->id}")->assertOk()
        ->assertJsonPath('steps.0.line', 'Blue wave: half sponge #8593a0 cheek, 2 coats, 0:40');
});

it('knows the things of the kit by their names', function (): void {
    $kit = fn (array $thing) => $this->postJson('/api/kit', [
        'howMany' => 1, 'colours' => [], 'paintKind' => null, 'finish' => null, 'gramsLeft' => null, 'lengthMm' => null, 'widthMm' => null, 'reservedFor' => '',
        'skinSafe' => true, 'latex' => false, 'gel' => false, 'selfStick' => false, ...$thing,
    ])->assertOk();
    $kit(['kind' => 'brush', 'name' => 'Grandmother liner']);
    $kit(['kind' => 'paint', 'name' => 'harbour mist', 'colours' => [['name' => '', 'hex' => '#9fb3b8']]]);

    $this->postJson('/api/step-lines', ['lines' => ['grandmother liner harbour mist temple 20s', 'grandmother linre harbour mist temple 20s', 'attic liner harbour mist temple 20s']])->assertOk()
        ->assertJsonPath('0.step.tool', 'Grandmother liner')
        ->assertJsonPath('0.step.medium', 'brush')
        ->assertJsonPath('0.step.colours', [['name' => 'harbour mist', 'hex' => '#9fb3b8']])
        ->assertJsonPath('1.step.tool', 'Grandmother liner')
        ->assertJsonPath('2.step', null);
});
