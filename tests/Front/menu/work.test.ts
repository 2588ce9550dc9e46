import { beforeEach, expect, it, vi } from 'vitest';
import type { MenuSheet } from '../../../resources/js/api/types.gen';
import { MenuWork } from '../../../resources/js/rooms/menu/menu.svelte';

const server = vi.hoisted(() => ({ put: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const offer = (designId: string, promiseMs = 300_000, promises = false) => ({
  designId,
  rung: null,
  promiseMs,
  promises,
  priceCents: 400,
  group: null,
});
const sent = (designId: string, promiseMs: number | null = null) => ({
  designId,
  rung: null,
  promiseMs,
  priceCents: 400,
  group: null,
});

let sheet: MenuSheet;
let work: MenuWork;

beforeEach(() => {
  vi.clearAllMocks();
  sheet = { id: 'm', name: 'Fairs', offers: [offer('wave'), offer('crab', 240_000, true)] } as MenuSheet;
  server.put.mockImplementation(
    (_path: string, body: { name: string; offers: { promiseMs: number | null }[] }) =>
      Promise.resolve({
        id: 'm',
        name: body.name,
        offers: body.offers.map((one) => ({ ...one, promises: one.promiseMs !== null })),
      }),
  );
  work = new MenuWork(
    () => sheet,
    (kept) => (sheet = kept),
  );
});

it('sends what is the painter’s own, and leaves the rest to the faces', async () => {
  await work.change('Another price.', 'wave', { priceCents: 500 });
  expect(server.put).toHaveBeenCalledWith('menus/m', {
    name: 'Fairs',
    offers: [{ ...sent('wave'), priceCents: 500 }, sent('crab', 240_000)],
  });
});

it('changes the order, takes off and puts on', async () => {
  await work.move(1, 0);
  expect(sheet.offers.map(({ designId }) => designId)).toEqual(['crab', 'wave']);
  await work.takeOff('crab', 'Crab nose');
  expect(sheet.offers.map(({ designId }) => designId)).toEqual(['wave']);
  await work.add('puffin', 'Puffin mask');
  expect(sheet.offers.map(({ designId }) => designId)).toEqual(['wave', 'puffin']);
  expect(work.undoable?.text).toBe('Puffin mask is on the menu.');
});

it('takes the last change back, name and all', async () => {
  await work.rename('Parties');
  expect(sheet.name).toBe('Parties');
  await work.undo();
  expect(sheet.name).toBe('Fairs');
  expect(sheet.offers.map(({ designId }) => designId)).toEqual(['wave', 'crab']);
  expect(work.undoable).toBeNull();
  await work.undo();
  expect(server.put).toHaveBeenCalledTimes(2);
});

it('says what was refused, and shows what still stands', async () => {
  server.put.mockRejectedValueOnce(new Error('A design stands on the menu twice. Take one of them off.'));
  await work.add('wave', 'Wave band');
  expect(work.message).toContain('twice');
  expect(work.undoable).toBeNull();
  expect(sheet.offers).toHaveLength(2);
});

it('keeps another order of designs, and sends nothing where it is the same', async () => {
  await work.order(['wave', 'crab']);
  expect(server.put).not.toHaveBeenCalled();
  await work.order(['wave']);
  expect(server.put).not.toHaveBeenCalled();
  await work.order(['crab', 'wave']);
  expect(server.put).toHaveBeenCalledWith('menus/m', {
    name: 'Fairs',
    offers: [sent('crab', 240_000), sent('wave')],
  });
  expect(work.undoable?.text).toBe('Another order.');
});

it('builds each change on the one before, though no answer has come', async () => {
  const late: (() => void)[] = [];
  const answer = server.put.getMockImplementation();
  server.put.mockImplementation(
    (...sentSo: unknown[]) =>
      new Promise((resolve) =>
        late.push(() => resolve((answer as (...all: unknown[]) => unknown)(...sentSo))),
      ),
  );
  const changes = [
    work.change('Another price.', 'crab', { priceCents: 650 }),
    work.add('puffin', 'Puffin mask'),
    work.change('Another price.', 'puffin', { priceCents: 700 }),
  ];
  for (let at = 0; at < changes.length; at++) {
    await vi.waitFor(() => {
      expect(late).toHaveLength(at + 1);
    });
    late[at]?.();
    await changes[at];
  }
  expect(sheet.offers.map(({ designId, priceCents }) => [designId, priceCents])).toEqual([
    ['wave', 400],
    ['crab', 650],
    ['puffin', 700],
  ]);
});
