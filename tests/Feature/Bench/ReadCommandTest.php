<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

/** @return array{int, list<array<string, mixed>>} exit code and a line of JSON each */
function readSteps(string $list, string ...$options): array
{
    $path = tempnam(sys_get_temp_dir(), 'steps');
    file_put_contents($path, $list);
    $exit = Artisan::call('inch:read', ['file' => $path, ...$options]);
    unlink($path);
    $lines = array_filter(explode("\n", Artisan::output()), static fn (string $line): bool => $line !== '');

    return [
        $exit,
        array_values(array_map(static fn (string $line): array => (array) json_decode($line, true, 32, JSON_THROW_ON_ERROR), $lines)),
    ];
}

it('prints each line with what was read, assumed and asked, and its step in the design format', function (): void {
    [$exit, $lines] = readSteps(
        "placement: cheek\nthin red stripes on the sails, round 1, when dry, 30s\nflip the sponge\nwhite dots 5s; black dots 6s",
    );

    expect($exit)->toBe(0)->and(array_column($lines, 'kind'))->toBe(['placement', 'steps', 'note', 'steps'])
        ->and($lines[1]['step'])->toBe(['name' => 'stripes on the sails', 'medium' => 'brush', 'technique' => 'stripe', 'tool' => 'round 1',
            'colours' => [[
                'name' => 'red',
                'hex' => '#c62f2f',
            ]], 'zones' => ['cheek'],
            'side' => 'left', 'seconds' => 30, 'drySeconds' => 30, 'note' => 'thin', 'shape' => 'sail'])
        ->and($lines[1]['read'][0])->toBe(['kind' => 'quality', 'text' => 'thin'])
        ->and($lines[1]['assumed'][0])->toBe(['what' => 'zone', 'value' => 'cheek', 'because' => 'where this design is painted'])
        ->and($lines[1]['question'])->toBeNull()->and($lines[2]['step'])->toBeNull()->and(array_column(
            $lines[3]['steps'],
            'seconds',
        ))->toBe([5, 6]);
});

it('begins a design of its own where a line says where it is painted', function (): void {
    [, $lines] = readSteps("placement: cheek\nred boat on the right cheek\n\nplacement: hand\noutline it\nwhite dots");

    expect(array_column($lines, 'line'))->toBe([1, 2, 4, 5, 6])->and(array_column(
        array_column($lines, 'step'),
        'zones',
    ))->toBe([['cheek'], ['hand'], ['hand']]);
});

it('exits with 1 where something is asked, and takes the place and the kit it is told', function (): void {
    [$exit, $lines] = readSteps('sponge white 2', ...['--placement' => 'nose']);
    expect($exit)->toBe(1)->and($lines[0]['question'])->toBe([
        'asks' => '2 what?',
        'choices' => ['2 min', '2s', '2 coats'],
    ])->and($lines[0]['step']['zones'])->toBe(['nose']);

    [$exit, $lines] = readSteps(
        'tide cake on a half sponge',
        ...['--placement' => 'cheek', '--kit' => base_path('database/demo/kit.json')],
    );
    expect($exit)->toBe(0)->and(array_column($lines[0]['step']['colours'], 'name'))->toBe(['deep blue', 'tide blue', 'foam blue']);
});

it('exits with 2 on bad input, with one message that says what to give', function (array $options, string $says): void {
    $path = tempnam(sys_get_temp_dir(), 'kit');
    file_put_contents($path, '[{"kind": "paint", "name": "white", "colours": [{"hex": "nothing"}]}]');
    $exit = $this->artisan(
        'inch:read',
        [
            'file' => base_path('README.md'),
            ...array_map(static fn (string $value): string => str_replace('BROKEN', $path, $value), $options),
        ],
    )
        ->expectsOutputToContain($says)->run();

    expect($exit)->toBe(2);
})->with([
    [['file' => '/no/such/list'], 'no such file'], [['--placement' => 'tail'], 'one of full_face, mask'],
    [['--kit' => '/no/such/kit.json'], 'a file that can be read'],
    [['--kit' => 'BROKEN'], 'hex'], [['--kit' => 'composer.json'], 'must match the type: array'], [['--kit' => 'README.md'], 'not JSON'],
]);
