<?php

declare(strict_types=1);

use App\Models\Bench\Design;
use Tests\Scene;

beforeEach(function (): void {
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
});

/** @param  array<string, mixed>  $step */
function fileWith(array $step = [], mixed ...$design): string
{
    $step = ['name' => 'Grey base', 'medium' => 'sponge', 'zones' => ['cheek'], 'seconds' => 40, ...$step];
    $design = ['name' => 'Seal pup', 'placement' => 'full_face', 'steps' => [$step], ...$design];

    return json_encode(['format' => 'inch-timer/design', 'version' => 1, 'designs' => [$design]], JSON_THROW_ON_ERROR);
}

it('gives a design as a file, and takes the same file in', function (): void {
    $design = $this->scene->design();
    $file = $this->get("/api/designs/{$design->id}/file")->assertOk()->assertHeader('Content-Type', 'application/json')->getContent();

    $this->call(
        'POST',
        '/api/designs/file',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: (string) $file,
    )
        ->assertSuccessful()->assertJsonPath('designs.0.name', 'Wave band');

    $copy = Design::query()->where('id', '!=', $design->id)->firstOrFail();
    expect($this->get("/api/designs/{$copy->id}/file")->getContent())->toBe($file);
});

it('takes in all designs of a file or none, and names the path of what is wrong', function (Closure $content, string $says): void {
    $response = $this->call(
        'POST',
        '/api/designs/file',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: $content(),
    );

    expect($response->status())->toBe(422)->and((string) $response->json('message'))->toContain($says)
        ->and(Design::query()->count())->toBe(0);
})->with([
    'nothing' => [fn () => '', 'not JSON'],
    'broken JSON' => [fn () => '{"format": "inch-timer/design", ', 'not JSON'],
    'another kind of file' => [fn () => '{"hello": 1}', '/'],
    'a list' => [fn () => '[]', '/'],
    'another version' => [fn () => str_replace('"version":1', '"version":6', fileWith()), '/version'],
    'no design' => [fn () => '{"format":"inch-timer/design","version":1,"designs":[]}', '/designs'],
    'an unknown field' => [fn () => fileWith(['shade' => 1]), '/designs/0/steps/0'],
    'a time that is text' => [fn () => fileWith(['seconds' => 'long']), '/designs/0/steps/0/seconds'],
    'a negative time' => [fn () => fileWith(['seconds' => -4]), '/designs/0/steps/0/seconds'],
    'an unknown zone' => [fn () => fileWith(['zones' => ['tail']]), '/designs/0/steps/0/zones/0'],
    'left of the nose' => [fn () => fileWith(['zones' => ['nose'], 'side' => 'left']), '/designs/0/steps/0: “Grey base” lies on the nose'],
    'a good design before a bad one' => [
        fn () => str_replace(']}]}', ']},{"name":"","placement":"cheek","steps":[]}]}', fileWith()), '/designs/1/name',
    ],
    'a heap of brackets' => [fn () => str_repeat('[', 100_000), 'not JSON'],
    '50 MB' => [fn () => '{"format":"'.str_repeat('x', 50_000_000).'"}', 'larger than 5 MB'],
    'half a letter' => [fn () => "{\"format\": \"\xC3\"}", 'not JSON'],
]);

it('prints the timeline of a file as JSON', function (): void {
    $path = tempnam(sys_get_temp_dir(), 'inch');
    file_put_contents((string) $path, fileWith());

    $this->artisan('inch:timeline', ['file' => $path])->expectsOutputToContain('"totalSeconds": 40')->assertExitCode(0);
});

it('says what is wrong with a file, and ends with 2', function (string $command, array $options): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'inch');
    file_put_contents($path, '{');
    exec(sprintf('php artisan %s %s %s 2>&1 >/dev/null', $command, escapeshellarg($path), implode(' ', $options)), $lines, $exit);
    exec(sprintf('php artisan %s /no/such/file %s 2>&1 >/dev/null', $command, implode(' ', $options)), $missing, $exitMissing);

    expect($exit)->toBe(2)->and($lines)->toHaveCount(1)->and($lines[0])->toContain($path)
        ->and($exitMissing)->toBe(2)->and($missing)->toBe(['/no/such/file: no such file, or not readable.']);
})->with([['inch:timeline', []]]);

it('brings a file in and prints the same one, from the command line', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'inch');
    file_put_contents($path, fileWith());
    $this->artisan('inch:import', ['file' => $path, '--email' => $this->scene->painter->email])->assertExitCode(0);

    $this->artisan(
        'inch:export',
        ['--email' => $this->scene->painter->email],
    )->expectsOutputToContain('"name": "Seal pup"')->assertExitCode(0);
    $this->artisan('inch:export', ['--email' => $this->scene->painter->email, '--design' => 'None'])->assertExitCode(2);
    $this->artisan('inch:export', ['--email' => 'nobody@example.org'])->assertExitCode(2);
    $this->artisan('inch:import', ['file' => $path, '--email' => 'nobody@example.org'])->assertExitCode(2);
});

it('writes files that the published schema passes', function (): void {
    $this->scene->design('Crab nose');
    $this->scene->design('Whale tail');
    Illuminate\Support\Facades\Artisan::call('inch:export', ['--email' => $this->scene->painter->email]);
    $file = json_decode(Illuminate\Support\Facades\Artisan::output(), false, 32, JSON_THROW_ON_ERROR);
    $schema = json_decode((string) file_get_contents(base_path('schemas/design.v5.schema.json')), false, 32, JSON_THROW_ON_ERROR);

    expect((new Opis\JsonSchema\Validator)->validate($file, $schema)->isValid())->toBeTrue();
});
