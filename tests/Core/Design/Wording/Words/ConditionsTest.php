<?php

declare(strict_types=1);

use Core\Design\PinKind;
use Core\Design\Technique;
use Tests\Core\Design\Wording\Reads;

it('dries the paint below where a line says so', function (string $typed, float $seconds): void {
    $step = Reads::step("sponge white chin 9s\nred dots on the chin {$typed}");

    expect([$step->dryFor->seconds(), $step->technique, array_column($step->colours, 'name')])->toBe([$seconds, Technique::Dots, ['red']]);
})->with([
    ['when dry', 30.0],
    ['once dry', 30.0],
    ['when it is dry', 30.0],
    ['once it has dried', 30.0],
    ['once the white is dry', 30.0],
    ['when the white is completely dry', 30.0],
    ['after it dries', 30.0],
    ['as soon as it is dry', 30.0],
    ['on dry paint', 30.0],
    ['on the dry base', 30.0],
    ['over dry paint', 30.0],
    ['when the base has set', 30.0],
    [', wait until dry', 30.0],
    [', let the white dry', 30.0],
    ['dry for 20s', 20.0],
    ['dry 0:45', 45.0],
    ['dried for a minute', 60.0],
]);

it('dries nothing where a line speaks of something else', function (string $line): void {
    expect(Reads::step($line)->dryFor->isZero())->toBeTrue();
})->with([
    ['dry brush grey on the chin'],
    ['sponge white chin, almost dry'],
    ['white dots while wet'],
    ['white dots before it dries'],
    ['white dots, dry sponge'],
    ['hold a tissue on the lids till dry'],
]);

it('pins a step to wet paint below it', function (string $typed): void {
    $pins = Reads::list("sponge white chin 9s\nglitter on the chin {$typed}")->pins;

    expect($pins)->toHaveCount(1)->and([$pins[0]->kind, $pins[0]->steps])->toBe([PinKind::WhileWet, ['1', '2']]);
})->with([
    ['while wet'],
    ['while still wet'],
    ['while it is still wet'],
    ['before it dries'],
    ['while the white is wet'],
    ['while the base is tacky'],
    ['on the wet base'],
    ['when tacky'],
    [', still a little wet'],
]);

it('pins where a step comes in the order', function (string $line, PinKind $kind, array $steps): void {
    $pins = Reads::list("sponge white base, cheek 9s\n{$line}\nblack outline on the cheek\ngems on the temples")->pins;

    expect($pins)->toHaveCount(1)->and([$pins[0]->kind, $pins[0]->steps])->toBe([$kind, $steps]);
})->with([
    ['red dots on the chin last', PinKind::Last, ['2']],
    ['red dots on the chin at the very end', PinKind::Last, ['2']],
    ['red dots on the chin first', PinKind::First, ['2']],
    ['red dots on the chin, before anything else', PinKind::First, ['2']],
    ['red dots on the chin before the line work', PinKind::Before, ['2', '3']],
    ['red dots on the chin before the outline', PinKind::Before, ['2', '3']],
    ['red dots on the chin before the gems', PinKind::Before, ['2', '4']],
    ['red dots on the chin after the base', PinKind::Before, ['1', '2']],
    ['red dots on the chin, after the white base', PinKind::Before, ['1', '2']],
]);

it('pins nothing where a line tells a story', function (string $line): void {
    expect(Reads::list("sponge white base, cheek 9s\n{$line}")->pins)->toBe([]);
})->with([
    ['First red dots on the chin'],
    ['Last, red dots on the chin'],
    ['then red dots on the chin'],
    ['after that red dots on the chin'],
    ['finally red dots on the chin'],
    ['red dots on the chin before the party'],
]);

it('keeps what is spared and minded as a note', function (string $typed, string $note): void {
    $step = Reads::step("sponge grey whole face, {$typed}, 9s");

    expect($step->note)->toContain($note)->and($step->time?->seconds())->toBe(9.0)->and($step->name)->toBe('Grey all over');
})->with([
    ['leaving the muzzle bare', 'leaving the muzzle bare'],
    ['but not the lids', 'but not the lids'],
    ['except the lips', 'except the lips'],
    ["don't press", "don't press"],
    ['do not press too hard', 'do not press too hard'],
    ['so it does not smear', 'so it does not smear'],
    ['avoid the hairline', 'avoid the hairline'],
    ['keep clear of the eyes', 'keep clear of the eyes'],
]);

it('does not paint what is spared', function (string $typed, string $zone): void {
    expect(Reads::zones("sponge grey whole face, {$typed}"))->not->toContain($zone)->toContain('forehead');
})->with([
    ['leaving the muzzle bare', 'muzzle'],
    ['except the nose', 'nose'],
    ['but not the chin', 'chin'],
    ['not on the jaw', 'jaw'],
]);

it('reads what is kept shut', function (string $typed, ?string $shut): void {
    expect(Reads::step("white dots, {$typed}")->shut?->value)->toBe($shut);
})->with([
    ['eyes shut, temple', 'eyes'],
    ['eyes closed, temple', 'eyes'],
    ['close your eyes, temple', 'eyes'],
    ['mouth shut, chin', 'lips'],
    ['lips together, chin', 'lips'],
    ['chin', null],
    ['on the lids', 'eyes'],
    ['on the lids, eyes open', null],
    ['on the lips', 'lips'],
    ['on the lips and lids', 'both'],
]);
