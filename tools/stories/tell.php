<?php

declare(strict_types=1);

// Prints stories of the line as JSON, with what each comes to by the server's fold. Usage: tell.php [STORIES]

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tools\stories\StoryTeller;

require __DIR__.'/../../vendor/autoload.php';

$chance = new Randomizer(new Mt19937(2026));
$teller = new StoryTeller($chance);
$stories = [];
for ($left = (int) ($argv[1] ?? 1000); $left > 0; $left--) {
    // Most are short; some are long enough to forget those who went first.
    $stories[] = $teller->tell($left % 100 === 0 ? 300 : $chance->getInt(3, 40));
}
echo json_encode(
    ['blank' => $teller->blank(), 'plans' => $teller->plans(), 'stories' => $stories],
    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
), "\n";
