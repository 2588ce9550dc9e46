<?php

declare(strict_types=1);

use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Units\Duration;
use Illuminate\Support\Facades\Artisan;

/**
 * @param  array<string, mixed>  $options
 * @return array{int, string}
 */
function fromFile(string $command, string $content, array $options = []): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'inch');
    file_put_contents($file, $content);
    $exit = Artisan::call($command, ['file' => $file, ...$options]);
    unlink($file);

    return [$exit, Artisan::output()];
}

const HEADER = "painter,design,version,step,planned_seconds,at,spent_seconds,kind,interrupted\r\n";

it('prints the pace of everything in a log, by painter', function (): void {
    [$exit, $output] = fromFile('inch:pace', HEADER
        ."Ines,Seal pup,,Whiskers,14,2026-11-01T10:20:00Z,16,face,no\r\n"
        ."Ines,Seal pup,,Whiskers,14,2026-11-01T10:00:00Z,18,face,\r\n"
        ."Ines,\"Seal pup\",,\"Whiskers\",14,2026-11-02T10:00:00+02:00,15,practice,\r\n"
        ."Tobi,Seal pup,,Whiskers,14,2026-11-01T10:00:00Z,90,face,yes\r\n"
        ."Tobi,Seal pup,quick,,190,2026-11-01T10:00:00Z,200,face,\r\n", ['--promise' => '0:20']);
    $things = json_decode($output, true, flags: JSON_THROW_ON_ERROR)['things'];
    // The oldest first, whatever the order of the lines.
    $ines = Pace::of(Duration::ofSeconds(14), [new Run(18_000, 1), new Run(16_000, 2), new Run(15_000, 3, true)]);

    expect($exit)->toBe(0)->and($things)->toHaveCount(2)
        ->and($things[0]['painters'][0])->toMatchArray([
            'painter' => 'Ines', 'faces' => 2, 'practised' => 1, 'interrupted' => 0, 'known' => true,
            'halfBySeconds' => $ines->middle()->seconds(), 'eightOfTenBySeconds' => $ines->eightOfTen()->seconds(), 'readyAfter' => 0,
        ])
        ->and($things[0]['painters'][1])->toMatchArray(['painter' => 'Tobi', 'faces' => 0, 'interrupted' => 1, 'known' => false])
        ->and($things[1])->toMatchArray(['version' => 'quick', 'step' => '', 'plannedSeconds' => 190]);
});

it('reads quotes, commas, line ends and a byte order mark as RFC 4180 has them', function (): void {
    [$exit, $output] = fromFile(
        'inch:pace',
        "\xEF\xBB\xBFpainter,design,step,planned_seconds,at,spent_seconds\n\"Ines, \"\"the quick\"\"\",Wave "
            ."band,\"Foam\ndots\",9,2026-11-01,8\n",
    );
    $thing = json_decode($output, true, flags: JSON_THROW_ON_ERROR)['things'][0];

    expect($exit)->toBe(0)->and($thing['step'])->toBe("Foam\ndots")->and($thing['painters'][0]['painter'])->toBe('Ines, "the quick"');
});

it('names the line and what is wrong with it', function (string $csv, string $says): void {
    [$exit, $output] = fromFile('inch:pace', $csv);

    expect($exit)->toBe(2)->and($output)->toContain($says);
})->with([
    'no columns' => ["painter,design\nInes,Wave band\n", 'line 1: the columns planned_seconds, at, spent_seconds are missing'],
    'nothing' => ['', 'line 1: the columns'],
    'too few fields' => [HEADER."Ines,Wave band\r\n", 'line 2: has 2 fields, the first line names 9.'],
    'no painter' => [HEADER.",Wave band,,,70,2026-11-01,72,,\r\n", 'line 2: painter is empty.'],
    'no number' => [HEADER."Ines,Wave band,,,70,2026-11-01,1:12,,\r\n", 'spent_seconds is “1:12”. Write seconds'],
    'no moment' => [HEADER."Ines,Wave band,,,70,yesterweek,72,,\r\n", 'at is “yesterweek”'],
    'no kind' => [HEADER."Ines,Wave band,,,70,2026-11-01,72,game,\r\n", 'Write face or practice'],
    'neither yes nor no' => [HEADER."Ines,Wave band,,,70,2026-11-01,72,,maybe\r\n", 'Write yes or no'],
    'not UTF-8' => [HEADER."In\xE9s,Wave band,,,70,2026-11-01,72,,\r\n", 'not UTF-8'],
]);

it('refuses a file that is not there, and a promise that is none', function (): void {
    expect(Artisan::call('inch:pace', ['file' => '/nowhere.csv']))->toBe(2)
        ->and(fromFile('inch:pace', HEADER, ['--promise' => 'soon'])[0])->toBe(2);
});

/** @return array<string, mixed> */
function starWave(): array
{
    return ['name' => 'Wave band', 'placement' => 'cheek', 'steps' => [
        ['name' => 'Wave', 'medium' => 'sponge', 'tool' => 'half sponge', 'zones' => ['cheek'], 'side' => 'left', 'seconds' => 40],
        [
            'name' => 'Dots', 'medium' => 'brush', 'technique' => 'dots', 'tool' => 'round 2', 'zones' => ['jaw'], 'side' => 'left',
            'seconds' => 9, 'optional' => true, 'look' => 3,
        ],
    ]];
}

/** @param  array<string, mixed>  ...$designs */
function designFile(array ...$designs): string
{
    return json_encode(['format' => 'inch-timer/design', 'version' => 4, 'designs' => $designs], JSON_THROW_ON_ERROR);
}

it('prints the ladder of each design, with what fits and where one may stop', function (): void {
    [$exit, $output] = fromFile('inch:ladder', designFile(starWave()), ['--fit' => '0:45']);
    $design = json_decode($output, true, flags: JSON_THROW_ON_ERROR)['designs'][0];

    expect($exit)->toBe(0)->and($design['proven'])->toBeTrue()->and(array_column($design['rungs'], 'changes'))
        ->toBe([['“Dots” left out'], []])
        ->and($design['rungs'][0])->toMatchArray([
            'seconds' => 40, 'look' => 5, 'share' => 0.625, 'layOut' => ['half sponge'], 'steps' => ['Wave'],
        ])
        ->and($design['rungs'][1]['goesNext'][0])->toMatchArray(['drop' => '“Dots” left out', 'lookLost' => 3])
        ->and($design['fits'])->toBe(1)->and($design['named']['party']['changes'])->toBe([])
        ->and($design['stops'])->toBe([['afterStep' => 1, 'without' => ['Dots']]]);
});

it('ends with 1 when nothing fits, and with 2 on bad input', function (): void {
    $many = [
        ...starWave(),
        'steps' => array_map(static fn (int $at): array => [...starWave()['steps'][1], 'name' => "Dots {$at}"], range(1, 21)),
    ];

    expect(fromFile('inch:ladder', designFile(starWave()), ['--fit' => '0:30'])[0])->toBe(1)
        ->and(fromFile('inch:ladder', designFile(starWave()), ['--fit' => 'soon'])[0])->toBe(2)
        ->and(fromFile('inch:ladder', '{')[0])->toBe(2)
        ->and(fromFile('inch:ladder', designFile($many)))->toMatchArray([0 => 2]);
});
