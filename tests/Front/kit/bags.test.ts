import { expect, it } from 'vitest';
import type { KitThing } from '../../../resources/js/api/types.gen';
import { inBag, markOf, TEAMS } from '../../../resources/js/rooms/kit/bags';
import { blankThing } from '../../../resources/js/rooms/kit/kit.svelte';

const owned = (name: string, ownerId: string | null): KitThing => ({
  ...blankThing('brush'),
  name,
  ownerId,
  flags: [],
});
const things = [owned('round 4', null), owned('round 2', 'i'), owned('flat', 't')];

it.each([
  [null, ['round 4', 'round 2', 'flat']],
  [TEAMS, ['round 4']],
  ['t', ['flat']],
  ['nobody', []],
])('shows what is in the bag of %s', (bag, names) => {
  expect(inBag(things, bag).map(({ name }) => name)).toEqual(names);
});

const painters = [
  { id: 'i', name: 'Ines' },
  { id: 't', name: 'Tobi' },
  { id: 'o', name: 'Tomas' },
  { id: 'k', name: 'Tobi' },
];

it.each([
  ['i', 'I'],
  ['o', 'Tom'],
  ['t', 'Tobi'],
  [null, ''],
  ['gone', ''],
])('marks the handle of %s with as few letters as do', (owner, mark) => {
  expect(markOf(owner, painters)).toBe(mark);
});
