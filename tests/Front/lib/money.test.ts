import { expect, it } from 'vitest';
import { currencies } from '../../../resources/js/api/tables.gen';
import { centsOf, digitsOf, money, price } from '../../../resources/js/lib/money';

it.each([
  ['4', 400],
  ['4.5', 450],
  ['4,50', 450],
  [' 12.99 ', 1299],
  ['0', 0],
  ['', null],
  ['free', undefined],
  ['-4', undefined],
  ['4.999', undefined],
  ['1234567', undefined],
])('reads “%s” as %s', (typed, cents) => expect(centsOf(typed, 'EUR')).toBe(cents));

it('writes a price, and nothing for none', () => {
  expect(price(450, 'EUR')).toBe('4.50');
  expect(price(null, 'EUR')).toBe('');
});

it.each([
  // ISO 4217: the yen has no smaller unit, the Kuwaiti dinar a thousandth.
  ['JPY', 0, '400', 400, '¥400'],
  ['EUR', 2, '4.5', 450, '€4.50'],
  ['GBP', 2, '7', 700, '£7'],
  ['KWD', 3, '1.25', 1250, 'KWD 1.250'],
])('knows the digits of %s', (currency, digits, typed, smallest, written) => {
  expect(digitsOf(currency)).toBe(digits);
  expect(centsOf(typed, currency)).toBe(smallest);
  expect(money(smallest, currency).replace(/\s/, ' ')).toBe(written);
  expect(centsOf(price(smallest, currency), currency)).toBe(smallest);
});

it('takes no part of what cannot be parted', () => {
  expect(centsOf('4.5', 'JPY')).toBeUndefined();
  expect(price(400, 'JPY')).toBe('400');
});

it('can write every currency that a team may choose', () => {
  for (const [code, digits] of Object.entries(currencies)) {
    expect(money(5 * 10 ** digits, code)).toMatch(/5$/);
    expect(centsOf(price(12 * 10 ** digits, code), code)).toBe(12 * 10 ** digits);
  }
});
