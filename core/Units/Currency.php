<?php

declare(strict_types=1);

namespace Core\Units;

use NumberFormatter;
use ResourceBundle;

/** A currency in which painters are paid today, by its ISO 4217 code. Source: the ICU library's tables, through ext-intl. */
final readonly class Currency
{
    private function __construct(public string $code, public int $digits) {}

    /** @throws UnknownCurrency when nobody is paid in it today */
    public static function of(string $code): self
    {
        $upper = strtoupper(trim($code));

        return in_array($upper, self::codes(), true) ? new self($upper, self::digitsOf($upper)) : throw UnknownCurrency::of($code);
    }

    /** @return list<string> every code in use today, in the order of the alphabet */
    public static function codes(): array
    {
        $codes = [];
        $table = new ResourceBundle('supplementalData', 'ICUDATA-curr', false);
        foreach (self::rows($table->get('CurrencyMap', false)) as $region) {
            foreach (self::rows($region) as $currency) {
                // What has an end is no longer paid with; bonds and units of account never were.
                $isTender = self::text($currency, 'to') === null && self::text($currency, 'tender') !== 'false';
                $codes[] = $isTender ? self::text($currency, 'id') : null;
            }
        }
        $codes = array_values(array_unique(array_filter($codes, is_string(...))));
        sort($codes);

        return $codes;
    }

    /** One whole unit in the smallest one. */
    public function unit(): int
    {
        return 10 ** $this->digits;
    }

    private static function digitsOf(string $code): int
    {
        $format = new NumberFormatter("en@currency={$code}", NumberFormatter::CURRENCY);

        return $format->getAttribute(NumberFormatter::FRACTION_DIGITS);
    }

    /** @return list<ResourceBundle> */
    private static function rows(mixed $table): array
    {
        return $table instanceof ResourceBundle
            ? array_values(array_filter(iterator_to_array($table, false), static fn (mixed $row): bool => $row instanceof ResourceBundle))
            : [];
    }

    private static function text(ResourceBundle $row, string $key): ?string
    {
        $value = $row->get($key, false);

        return is_string($value) ? $value : ($value === null ? null : '');
    }
}
