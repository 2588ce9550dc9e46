import { beforeEach, expect, it, vi } from 'vitest';
import type { PackedThing, PackingSheet, UsedThing } from '../../../resources/js/api/types.gen';
import { amountOf, grouped, keyOf, Packing } from '../../../resources/js/rooms/plan/packing/packing.svelte';

const server = vi.hoisted(() => ({ get: vi.fn(), put: vi.fn(), delete: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const thing = (kind: string, name: string): PackedThing => ({
  kind,
  name,
  amount: 4,
  unit: 'pieces',
  have: null,
  isInKit: true,
  short: 0,
  hex: null,
  bags: [],
});
const used = (itemId: string, left: number | null): UsedThing => ({
  itemId,
  name: itemId,
  unit: 'grams',
  used: 3,
  before: left === null ? null : left + 3,
  left,
  isWeighed: false,
});
const sheetOf = (changed: Partial<PackingSheet> = {}) =>
  ({ day: { id: 'fair' }, ticked: ['paint white'], extras: [], stock: null, ...changed }) as PackingSheet;
let kept: PackingSheet[] = [];

function packingOf(changed: Partial<PackingSheet> = {}): Packing {
  kept = [];

  return new Packing(sheetOf(changed), (sheet) => kept.push(sheet));
}

/** What the server keeps: asked for again after each change. */
let there: PackingSheet;

beforeEach(() => {
  vi.clearAllMocks();
  there = sheetOf();
  server.get.mockImplementation(() => Promise.resolve(there));
  server.put.mockImplementation((_path: string, body: object) => {
    there = { ...there, ...body };

    return Promise.resolve(null);
  });
  server.delete.mockResolvedValue(null);
});

it('ticks at once, for whoever packs', async () => {
  const packing = packingOf();
  const done = packing.turn(keyOf(thing('sponge', 'half sponge')));
  expect(packing.has('sponge half sponge')).toBe(true);
  await done;
  expect(server.put).toHaveBeenCalledWith('days/fair/packing/ticks', {
    thing: 'sponge half sponge',
    isPacked: true,
  });
  await packing.turn('paint white');
  expect(server.put).toHaveBeenLastCalledWith('days/fair/packing/ticks', {
    thing: 'paint white',
    isPacked: false,
  });
  expect(kept.at(-1)?.ticked).toEqual(['sponge half sponge']);
});

it('takes a tick back that the server did not hear of, and says why', async () => {
  const packing = packingOf();
  server.put.mockRejectedValueOnce(new Error('no'));
  await packing.turn('gem stars').catch(() => undefined);
  expect(packing.has('gem stars')).toBe(false);
  expect(packing.has('paint white')).toBe(true);
});

it('adds to the list of every event, and takes it back', async () => {
  const packing = packingOf({ extras: [{ name: 'lamp', howMany: 2 }] });
  expect(await packing.add('chair', 4)).toBe(true);
  expect(packing.sheet.extras).toEqual([
    { name: 'lamp', howMany: 2 },
    { name: 'chair', howMany: 4 },
  ]);
  await packing.takeBack();
  expect(packing.sheet.extras).toEqual([{ name: 'lamp', howMany: 2 }]);
  expect(packing.undo).toBeNull();
  await packing.drop({ name: 'lamp', howMany: 2 });
  expect(packing.sheet.extras).toEqual([]);
  expect(packing.undo?.text).toBe('lamp is off the list.');
});

it('takes off the stock what is known, weighed or estimated', async () => {
  const things = [used('white', 40), used('black', 20), used('gold', null), used('lamp oil', null)];
  const packing = packingOf({ stock: { faces: 12, isTaken: false, things } });
  packing.weigh(used('black', 20), 14);
  packing.weigh(used('gold', null), 9);
  packing.weigh(used('white', 40), 31);
  packing.weigh(used('white', 40), null);
  await packing.takeOff();
  expect(server.put).toHaveBeenCalledWith('days/fair/stock', {
    left: [
      { itemId: 'white', left: 40, isWeighed: false },
      { itemId: 'black', left: 14, isWeighed: true },
      { itemId: 'gold', left: 9, isWeighed: true },
    ],
  });
  await packing.takeBack();
  expect(server.delete).toHaveBeenCalledWith('days/fair/stock');
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
