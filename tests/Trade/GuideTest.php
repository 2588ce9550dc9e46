<?php

declare(strict_types=1);

use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\StepPrinter;
use Core\Design\Wording\Vocabulary;

it('reads what the guide says it reads', function (): void {
    preg_match_all(
        '/^\| (?!you type)(.+?) \| `(.+)` \|$/m',
        (string) file_get_contents(__DIR__.'/../../docs/guide/type-it-as-you-say-it.md'),
        $rows,
    );
    $reading = (new ListReader(Vocabulary::plain()))->read(implode("\n", $rows[1]), Placement::Mask);
    $printer = new StepPrinter(Vocabulary::plain());

    expect($rows[1])->toHaveCount(20)
        ->and(array_map(static fn (Step $step): string => $printer->print($step), $reading->steps()))->toBe($rows[2])
        ->and($reading->asks())->toBeFalse();
});
