<?php

declare(strict_types=1);

// Milliseconds to read a thousand typed steps, a quarter of them with slips of the keyboard, in a process just started.
use Core\Design\Wording\StepReader;
use Core\Design\Wording\Vocabulary;

require __DIR__.'/../../vendor/autoload.php';

$lines = [
    'sponge pearl white muzzle both sides, 2 coats, 40s, optional',
    'Ear flicks: round 3 black temple, 0:24, extra, note "from the brow up"',
    'half sponge sea grey forehead temples cheeks 50s dry for 0:20',
    'spnoge perl white muzle, 40s, optionl',
];
$began = hrtime(true);
$reader = new StepReader(Vocabulary::plain());
for ($line = 0; $line < 1000; $line++) {
    $reader->read($lines[$line % count($lines)]);
}
echo round((hrtime(true) - $began) / 1e6, 1), "\n";
