import { beforeEach, expect, it } from 'vitest';
import type { PackedThing } from '../../../resources/js/api/types.gen';
import { amountOf, grouped, keyOf, Ticked } from '../../../resources/js/rooms/plan/packing.svelte';

const thing = (kind: string, name: string): PackedThing => ({
  kind,
  name,
  amount: 4,
  unit: 'pieces',
  have: null,
  isInKit: true,
  short: 0,
  hex: null,
});

beforeEach(() => {
  localStorage.clear();
});

it('remembers what is in the bag, of each event by itself', () => {
  const fair = new Ticked('fair');
  fair.turn(thing('paint', 'white'));
  fair.turn(thing('sponge', 'half sponge'));
  expect(new Ticked('fair').has(thing('paint', 'white'))).toBe(true);
  expect(new Ticked('party').has(thing('paint', 'white'))).toBe(false);
  fair.turn(thing('paint', 'white'));
  expect(new Ticked('fair').names).toEqual([keyOf(thing('sponge', 'half sponge'))]);
});

it('begins anew with what it cannot read', () => {
  localStorage.setItem('inch-timer.packed.fair', '{broken');
  expect(new Ticked('fair').names).toEqual([]);
  localStorage.setItem('inch-timer.packed.fair', '{"a":1}');
  expect(new Ticked('fair').names).toEqual([]);
});

it('speaks of grams, pieces and times', () => {
  expect(amountOf(8.43, { unit: 'grams' })).toBe('8.4 g');
  expect(amountOf(84.3, { unit: 'grams' })).toBe('84 g');
  expect(amountOf(39.2, { unit: 'pieces' })).toBe('40');
  expect(amountOf(3, { unit: 'times' })).toBe('3 times');
});

it('puts things under their headings, in the order of the bag', () => {
  const groups = grouped([
    thing('paint', 'white'),
    thing('sponge', 'half sponge'),
    thing('wipe', 'wipes'),
    thing('water', 'water changes'),
    thing('paint', 'black'),
  ]);

  expect(groups.map(({ heading, things }) => [heading, things.length])).toEqual([
    ['Paint', 2],
    ['Sponges', 1],
    ['Wipes and water', 2],
  ]);
});
