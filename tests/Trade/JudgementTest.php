<?php

declare(strict_types=1);

use Tests\Trade\Judgement;

// What practised painters paint well is lawful, and what they would say of a mistake is said. Common practice, no source: each
// design was written down from the facts of the trade, before the rules were mended; a third of them was set aside until the end.

/** @return array{precision: float, recall: float, told: string} of what is said of all designs of a folder */
function shares(string $folder): array
{
    $count = ['right' => 0, 'wrong' => 0, 'missed' => 0];
    $told = '';
    foreach (Judgement::all($folder) as $name => $judgement) {
        foreach ($judgement->findings() as $kind => $lines) {
            $count[$kind] = ($count[$kind] ?? 0) + count($lines);
            $told .= in_array($kind, ['wrong', 'missed'], true) ? implode(
                '',
                array_map(static fn (string $line): string => "\n{$name} {$kind}: {$line}", $lines),
            ) : '';
        }
    }

    return [
        'precision' => $count['right'] / max(1, $count['right'] + $count['wrong']),
        'recall' => $count['right'] / max(1, $count['right'] + $count['missed']),
        'told' => $told,
    ];
}

it('says what must be said of real designs, and hardly anything else', function (string $folder, float $precision, float $recall): void {
    $shares = shares($folder);

    expect($shares['precision'])->toBeGreaterThanOrEqual($precision, $shares['told'])
        ->and($shares['recall'])->toBeGreaterThanOrEqual($recall, $shares['told']);
})->with([['tuned', 0.95, 0.95], ['aside', 0.9, 0.85]]);

it('has an order for each that no painter would laugh at, never longer than typed', function (Judgement $judgement): void {
    expect($judgement->absurdities($judgement->best()))->toBe([]);
})->with(static fn (): array => array_map(
    static fn (Judgement $one): array => [$one],
    [...Judgement::all('tuned'), ...Judgement::all('aside')],
));

it('has a ladder for each, the whole of it no longer than typed', function (Judgement $judgement): void {
    $rungs = $judgement->ladder()->rungs;
    $typed = array_sum(array_map(static fn ($step): float => $step->time?->seconds() ?? 0.0, $judgement->design->steps));

    expect($rungs)->not->toBe([])->and($rungs[count($rungs) - 1]->time->seconds())->toBeLessThanOrEqual(max(
        $typed,
        $judgement->best()->typedLawful?->seconds() ?? 0.0,
    ));
})->with(static fn (): array => array_map(
    static fn (Judgement $one): array => [$one],
    [...Judgement::all('tuned'), ...Judgement::all('aside')],
));

it('sums the typed seconds to the second', function (Judgement $judgement): void {
    $typed = array_sum(array_map(static fn ($step): float => $step->time?->seconds() ?? 0.0, $judgement->design->steps));

    expect($judgement->best()->typed->seconds())->toBe((float) $typed);
})->with(static fn (): array => array_map(static fn (Judgement $one): array => [$one], Judgement::all('tuned')));
