import { expect, it } from 'vitest';
import { Layered } from '../../../resources/js/line/layered';

it('finds what is below it, and changes nothing there', () => {
  const below = new Layered<string, string | null>();
  below.set('one', 'first');
  below.set('two', null);
  const above = new Layered(below);
  above.set('one', null);
  above.set('three', 'third');

  expect(['one', 'two', 'three', 'four'].map((key) => above.get(key))).toEqual([
    null,
    null,
    'third',
    undefined,
  ]);
  expect(['one', 'two', 'three', 'four'].map((key) => above.has(key))).toEqual([true, true, true, false]);
  expect([below.get('one'), below.has('three')]).toEqual(['first', false]);
});
