<?php

declare(strict_types=1);

use Core\Order\Search\Sequencer;
use Core\Order\Search\WithinLabels;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Order\Search\RandomProblem;
use Tools\bench\GeneralSolver;

// The general solver of Debian's glpk-utils: the GNU Linear Programming Kit, a mixed-integer program that nobody here wrote.
it('agrees with a general solver on small problems of every kind', function (
    float $linked,
    float $lagged,
    float $closing,
    bool $classes,
): void {
    $chance = new Randomizer(new Mt19937(2026));
    $sure = 0;
    for ($case = 0; $case < 4; $case++) {
        $problem = RandomProblem::of(chance: $chance, steps: 5, linked: $linked, lagged: $lagged, closing: $closing, classes: $classes);
        [$theirs, $isSure] = (new GeneralSolver(20))->solve($problem);
        $ours = (new Sequencer)->solve($problem, new WithinLabels(1_000_000));

        expect($ours->isProven)->toBeTrue();
        if ($isSure) {
            $sure++;
            expect($ours->best?->makespan)->toBe($theirs);
        }
    }
    expect($sure)->toBeGreaterThan(2);
})->with([
    'linked' => [0.3, 0.0, 0.0, true],
    'drying' => [0.3, 0.7, 0.0, false],
    'wet windows' => [0.4, 0.5, 0.5, true],
]);
