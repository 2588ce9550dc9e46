<?php

declare(strict_types=1);

use Core\Design\Place\Side;
use Tests\Core\Design\Wording\Reads;

it('reads a time however it is written, and drops no word for it', function (string $typed, float $seconds): void {
    $step = Reads::step("white petals on the chin, {$typed}");

    expect($step->time?->seconds())->toBe($seconds)->and($step->note)->toBe('')->and($step->name)->toBe('White petals');
})->with([
    ['40s', 40.0],
    ['40 s', 40.0],
    ['40sec', 40.0],
    ['40 sec', 40.0],
    ['40 secs', 40.0],
    ['40 seconds', 40.0],
    ['40"', 40.0],
    ['40 "', 40.0],
    ['40″', 40.0],
    ['0:40', 40.0],
    ['00:40', 40.0],
    ['1:20', 80.0],
    ['1:20 min', 80.0],
    ['12:05', 725.0],
    ['1m20', 80.0],
    ['1m20s', 80.0],
    ['1 m 20 s', 80.0],
    ['1 min 20', 80.0],
    ['1 min 20 s', 80.0],
    ['1min20sec', 80.0],
    ["1'20\"", 80.0],
    ["2'", 120.0],
    ['1 min', 60.0],
    ['1min', 60.0],
    ['1.5 min', 90.0],
    ['1,5 min', 90.0],
    ['0.5 min', 30.0],
    ['2 minutes', 120.0],
    ['a minute', 60.0],
    ['one minute', 60.0],
    ['a min', 60.0],
    ['half a minute', 30.0],
    ['half a min', 30.0],
    ['half minute', 30.0],
    ['a minute and a half', 90.0],
    ['one and a half minutes', 90.0],
    ['quarter of a minute', 15.0],
    ['a couple of minutes', 120.0],
    ['a few seconds', 5.0],
    ['ten seconds', 10.0],
    ['fifteen sec', 15.0],
    ['twenty seconds', 20.0],
    ['forty-five seconds', 45.0],
    ['two minutes', 120.0],
    ['about 30 seconds', 30.0],
    ['ca. 30 s', 30.0],
    ['~30s', 30.0],
    ['approx 30s', 30.0],
    ['maybe 30s', 30.0],
    ['10-15s', 15.0],
    ['10 to 15 seconds', 15.0],
    ['10 - 15 sec', 15.0],
    ['(30s)', 30.0],
    ['[30s]', 30.0],
    ['- 30s', 30.0],
    ['— 30s', 30.0],
    ['in 30s', 30.0],
    ['30 S', 30.0],
    ['30 SEC', 30.0],
]);

it('doubles what is said of each side', function (string $typed, float $seconds, Side $side): void {
    $step = Reads::step("black flicks at the temples, {$typed}");

    expect([$step->time?->seconds(), $step->side])->toBe([$seconds, $side]);
})->with([
    ['5s each side', 10.0, Side::Both],
    ['5s a side', 10.0, Side::Both],
    ['5s per side', 10.0, Side::Both],
    ['5 sec on each side', 10.0, Side::Both],
    ['5s each', 10.0, Side::Both],
    ['5s each eye', 10.0, Side::Both],
    ['5s both sides', 5.0, Side::Both],
    ['5s', 5.0, Side::Both],
    ['half a minute each side', 60.0, Side::Both],
    ['left, 5s', 5.0, Side::Left],
]);

it('takes "each" for each of those counted', function (): void {
    expect(Reads::step('3 white dots on the chin, 2s each')->time?->seconds())->toBe(6.0);
});

it('keeps an upper limit as a note', function (string $typed): void {
    $step = Reads::step("white petals on the chin, {$typed}");

    expect($step->time)->toBeNull()->and($step->note)->toBe($typed);
})->with([
    ['up to 5 min'],
    ['at most 40s'],
    ['no more than a minute'],
    ['max 1:30'],
    ['less than 20 seconds'],
    ['within 2 minutes'],
]);

it('takes a bare number for seconds from ten on, and asks below', function (string $typed, ?float $seconds, ?string $asks): void {
    $line = Reads::line("sponge white chin {$typed}");

    expect($line->steps[0]->step->time?->seconds())->toBe($seconds)->and($line->question()?->asks)->toBe($asks);
})->with([
    ['10', 10.0, null],
    ['45', 45.0, null],
    ['90', 90.0, null],
    ['600', 600.0, null],
    ['9', 540.0, '9 what?'],
    ['1', 60.0, '1 what?'],
    ['0', null, null],
    ['99999', null, null],
]);

it('asks which of two times is meant, and takes one said twice for one', function (): void {
    expect(Reads::line('sponge white chin 40s 0:40')->question())->toBeNull()
        ->and(Reads::line('sponge white chin 40s 1:00')->question()?->asks)->toBe('40s or 1:00?')
        ->and(Reads::line('sponge white chin 40s 1:00')->steps[0]->step->time?->seconds())->toBe(40.0);
});
