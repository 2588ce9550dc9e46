import { beforeEach, expect, it, vi } from 'vitest';
import { Refusal, Unreachable } from '../../../resources/js/api/client';
import type { UnsavedDesign } from '../../../resources/js/api/kept';
import type { DesignSheet } from '../../../resources/js/api/types.gen';
import { Bench } from '../../../resources/js/rooms/bench/bench.svelte';
import type { Draft } from '../../../resources/js/rooms/bench/draft';
import { sendUnsaved, unsavedOf } from '../../../resources/js/rooms/bench/unsaved';

const server = vi.hoisted(() => ({ get: vi.fn(), put: vi.fn() }));
const browser = vi.hoisted(() => new Map<string, unknown>());

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: { ...(await original()).api, get: server.get, put: server.put },
}));
vi.mock(import('../../../resources/js/api/kept'), async (original) => ({
  ...(await original()),
  kept: {
    ...(await original()).kept,
    unsaved: () => Promise.resolve([...browser.values()] as UnsavedDesign<unknown>[]),
    keepUnsaved: (design: UnsavedDesign<unknown>) => {
      browser.set(design.designId, structuredClone(design));

      return Promise.resolve();
    },
    dropUnsaved: (id: string) => {
      browser.delete(id);

      return Promise.resolve();
    },
  },
}));

let held: DesignSheet;

const sheet = (id = 'd1', name = 'Wave', revision = 1) =>
  ({
    id,
    name,
    revision,
    placement: 'cheek',
    promise: null,
    tags: [],
    stillFor: '',
    gentle: false,
    fromAge: null,
    pins: [],
    silences: [],
    rungs: [],
    steps: [],
    spans: [],
  }) as unknown as DesignSheet;

const settled = () => new Promise((then) => setTimeout(then));
const bench = () => new Bench(held, () => undefined);
const away = () => server.put.mockImplementation(() => Promise.reject(new Unreachable()));
const there = () =>
  server.put.mockImplementation((_path: string, sent: { name: string; revision: number }) => {
    if (sent.revision !== held.revision) {
      return Promise.reject(new Refusal(409, 'Changed on another screen.'));
    }
    held = sheet(held.id, sent.name, held.revision + 1);

    return Promise.resolve(held);
  });

beforeEach(() => {
  browser.clear();
  held = sheet();
  server.get.mockReset().mockImplementation(() => Promise.resolve(held));
  there();
});

it('keeps in the browser what the server has not taken, and lets it go when it has', async () => {
  away();
  const open = bench();
  open.rename('Big wave');
  await settled();
  expect(open.saving).toBe('away');
  expect((await unsavedOf('d1'))?.draft.name).toBe('Big wave');

  there();
  await open.save();
  expect([open.saving, held.name]).toEqual(['saved', 'Big wave']);
  expect(await unsavedOf('d1')).toBeUndefined();
});

it('goes on after a reload with what was edited, and it can be undone', async () => {
  away();
  bench().rename('Big wave');
  await settled();
  there();
  const again = bench();
  await again.takeUp((await unsavedOf('d1')) as UnsavedDesign<Draft>);

  expect([again.draft.name, held.name, again.saving]).toEqual(['Big wave', 'Big wave', 'saved']);
  again.undo();
  await settled();
  expect(held.name).toBe('Wave');
});

it('does not write over what another screen saved meanwhile, and loses nothing', async () => {
  away();
  bench().rename('Mine');
  await settled();
  there();
  held = sheet('d1', 'Theirs', 4);
  await sendUnsaved();
  expect(held.name).toBe('Theirs');

  const again = bench();
  await again.takeUp((await unsavedOf('d1')) as UnsavedDesign<Draft>);
  expect([again.saving, again.draft.name, held.name]).toEqual(['changed elsewhere', 'Mine', 'Theirs']);
  await again.keepMine();
  expect(held.name).toBe('Mine');
  expect(browser.size).toBe(0);
});

it('takes theirs where the painter says so', async () => {
  browser.set('d1', { designId: 'd1', revision: 1, draft: { ...bench().draft, name: 'Mine' } });
  held = sheet('d1', 'Theirs', 4);
  const open = bench();
  await open.takeUp((await unsavedOf('d1')) as UnsavedDesign<Draft>);
  await open.loadTheirs();

  expect([open.draft.name, open.saving, browser.size]).toEqual(['Theirs', 'saved', 0]);
});

it('sends what earlier pages left, but not what is open or another team’s', async () => {
  const draft = bench().draft;
  browser.set('d1', { designId: 'd1', revision: 1, draft: { ...draft, name: 'Left' } });
  browser.set('d2', { designId: 'd2', revision: 1, draft });
  browser.set('d3', { designId: 'd3', revision: 1, draft });
  history.replaceState(null, '', '/designs/d3');
  server.get.mockImplementation((path: string) =>
    path === 'designs/d1' ? Promise.resolve(held) : Promise.reject(new Refusal(404, 'Not here.')),
  );
  await sendUnsaved();

  expect(held.name).toBe('Left');
  expect([...browser.keys()]).toEqual(['d2', 'd3']);
  history.replaceState(null, '', '/');
});
