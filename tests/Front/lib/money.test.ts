import { expect, it } from 'vitest';
import { centsOf, price } from '../../../resources/js/lib/money';

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
])('reads “%s” as %s', (typed, cents) => expect(centsOf(typed)).toBe(cents));

it('writes a price, and nothing for none', () => {
  expect(price(450)).toBe('4.50');
  expect(price(null)).toBe('');
});
