<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\DesignFile;
use Core\Design\InvalidDesignFile;
use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Units\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paint;

it('gives back every design that it writes', function (): void {
    $chance = new Randomizer(new Mt19937(31));
    foreach (range(1, 100) as $number) {
        $steps = array_map(
            static fn (Step $step, int $index): Step => $step->withId((string) ($index + 1)),
            Paint::anySteps($chance, $count = $chance->getInt(1, 9)),
            range(0, $count - 1),
        );
        $promise = $number % 3 === 0 ? null : Duration::ofMilliseconds($chance->getInt(1, 400_000));
        $design = new Design("Design {$number}", Placement::cases()[$number % 6], $promise, $steps);

        expect(DesignFile::read(DesignFile::write([$design])))->toEqual([$design]);
    }
});

it('fills in what a short file leaves out', function (): void {
    [$design] = DesignFile::read(['designs' => [[
        'name' => ' Anchor ', 'placement' => 'arm',
        'steps' => [['name' => 'Anchor', 'medium' => 'brush', 'zones' => ['arm'], 'seconds' => 40.5]],
    ]]]);

    expect($design->name)->toBe('Anchor')
        ->and($design->promise)->toBeNull()
        ->and($design->steps[0]->coats)->toBe(1)
        ->and($design->steps[0]->time)->toEqual(Duration::ofMilliseconds(40_500))
        ->and($design->steps[0]->optional)->toBeFalse();
});

it('names the path of what makes no sense', function (array $step, string $says): void {
    $step += ['name' => 'Base', 'medium' => 'sponge', 'zones' => ['cheek'], 'seconds' => 30];

    expect(fn () => DesignFile::read(['designs' => [['name' => 'Crab nose', 'placement' => 'nose', 'steps' => [$step]]]]))
        ->toThrow(InvalidDesignFile::class, $says);
})->with([
    [['seconds' => 0], '/designs/0/steps/0: “Base” takes no time'],
    [['seconds' => 99_999], '/designs/0/steps/0: “Base” is longer than'],
    [['zones' => ['nose'], 'side' => 'left'], '/designs/0/steps/0: “Base” lies on the nose'],
    [['colours' => [['hex' => 'pink']]], '/designs/0/steps/0: “pink” is not a colour'],
]);
