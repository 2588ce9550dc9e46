import { currencies } from '../api/tables.gen';

/** Digits behind the point: two for most currencies, none or three for some. */
export function digitsOf(currency: string): number {
  return currencies[currency] ?? 2;
}

/** An amount as it is spoken of: €4, €4.50, ¥400. What is round is not written with zeros. */
export function money(cents: number, currency: string): string {
  const digits = digitsOf(currency);
  const amount = cents / 10 ** digits;

  return new Intl.NumberFormat('en-GB', {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol',
    minimumFractionDigits: Number.isInteger(amount) ? 0 : digits,
    maximumFractionDigits: digits,
  }).format(amount);
}

/** A price as it is typed: 4.00, or nothing for none. */
export function price(cents: number | null, currency: string): string {
  const digits = digitsOf(currency);

  return cents === null ? '' : (cents / 10 ** digits).toFixed(digits);
}

/** Reads a typed price: 4, 4.5, 4,50. Null for none; undefined when it is no price. */
export function centsOf(typed: string, currency: string): number | null | undefined {
  const text = typed.trim().replace(',', '.');
  if (text === '') {
    return null;
  }
  const digits = digitsOf(currency);
  const shape = digits === 0 ? /^\d{1,7}$/ : new RegExp(`^\\d{1,5}(\\.\\d{1,${digits}})?$`);

  return shape.test(text) ? Math.round(Number(text) * 10 ** digits) : undefined;
}
