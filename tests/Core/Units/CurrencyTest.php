<?php

declare(strict_types=1);

use Core\Units\Currency;
use Core\Units\UnknownCurrency;

it('knows the digits behind the point of a currency', function (string $code, int $digits, int $unit): void {
    $currency = Currency::of(" {$code} ");
    expect([$currency->code, $currency->digits, $currency->unit()])->toBe([strtoupper($code), $digits, $unit]);
})->with([
    // ISO 4217, table A.1: minor units.
    ['eur', 2, 100], ['GBP', 2, 100], ['JPY', 0, 1], ['KRW', 0, 1], ['ISK', 0, 1], ['KWD', 3, 1000], ['TND', 3, 1000],
]);

it('refuses what nobody is paid in today', function (string $code): void {
    expect(fn () => Currency::of($code))->toThrow(UnknownCurrency::class, 'three letters, such as EUR');
})->with([
    'a mark, gone since 2002' => 'DEM', 'gold' => 'XAU', 'no code' => 'euro', 'nothing' => '',
]);

it('lists each currency once, in order', function (): void {
    $codes = Currency::codes();
    $sorted = $codes;
    sort($sorted);
    expect($codes)->toBe($sorted)->toBe(array_values(array_unique($codes)))
        ->and(count($codes))->toBeGreaterThan(140)->toBeLessThan(200);
});
