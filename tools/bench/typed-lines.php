<?php

declare(strict_types=1);

// Milliseconds to read a thousand typed lines in their lists, as painters type them, in a process just started.
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;
use Tests\Reference\WordList;

require __DIR__.'/../../vendor/autoload.php';

$lists = array_map(static fn (WordList $list): string => $list->text(), WordList::all('tuned'));
$began = hrtime(true);
$reader = new ListReader(Vocabulary::plain());
for ($lines = 0; $lines < 1000;) {
    foreach ($lists as $list) {
        $lines += count($reader->read($list, null)->lines);
    }
}
echo round((hrtime(true) - $began) / 1e6 * 1000 / $lines, 1), "\n";
