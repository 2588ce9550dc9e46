import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../../../resources/js/api/client';
import type { KitSheet, KitThing } from '../../../resources/js/api/types.gen';
import { blankThing, KitWork } from '../../../resources/js/rooms/kit/kit.svelte';

const server = vi.hoisted(() => ({
  get: vi.fn(),
  post: vi.fn(),
  put: vi.fn(),
  delete: vi.fn(),
  postFile: vi.fn(),
}));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const thing = (id: string, name: string): KitThing => ({ ...blankThing('brush'), id, name, flags: [] });
const sheetOf = (...things: KitThing[]): KitSheet => ({
  things,
  hands: [{ action: 'load', timeMs: 4000, startingMs: 4000, repetitions: 0 }],
  painters: [],
});

function workOn(...things: KitThing[]) {
  let shown = sheetOf(...things);
  const work = new KitWork(
    () => shown,
    (sheet) => {
      shown = sheet;

      return Promise.resolve();
    },
  );

  return { work, names: () => shown.things.map(({ name }) => name) };
}

beforeEach(() => {
  for (const call of Object.values(server)) call.mockReset();
});

describe('work on the kit', () => {
  it('adds a thing, and its way back takes out just that one', async () => {
    const { work, names } = workOn(thing('a', 'round 1'));
    server.post.mockResolvedValueOnce(sheetOf(thing('a', 'round 1'), thing('b', 'round 2')));
    work.editing = blankThing('brush');
    await work.save({ ...blankThing('brush'), name: 'round 2' });
    expect(names()).toEqual(['round 1', 'round 2']);
    expect(work.editing).toBeNull();
    server.delete.mockResolvedValueOnce({ removalId: 'r', kit: sheetOf(thing('a', 'round 1')) });
    await work.takeBack();
    expect(server.delete).toHaveBeenCalledWith('kit/b', { anyway: true });
    expect(names()).toEqual(['round 1']);
    expect(work.undo).toBeNull();
  });

  it('brings in a file, takes out again just what came with it, and says when that is nothing', async () => {
    const { work, names } = workOn(thing('a', 'round 1'));
    const file = { text: () => Promise.resolve('[]') } as File;
    const more = [thing('a', 'round 1'), thing('b', 'round 2'), thing('c', 'round 3')];
    server.postFile.mockResolvedValueOnce(sheetOf(...more));
    await work.bringIn(file);
    expect(server.postFile).toHaveBeenCalledWith('kit/file', '[]');
    expect(names()).toEqual(['round 1', 'round 2', 'round 3']);
    expect(work.undo?.text).toBe('2 things more, as that file has them.');
    server.delete
      .mockResolvedValueOnce({ removalId: 'r', kit: sheetOf(...more.filter(({ id }) => id !== 'b')) })
      .mockResolvedValueOnce({ removalId: 's', kit: sheetOf(thing('a', 'round 1')) });
    await work.takeBack();
    expect(server.delete.mock.calls.map(([path]) => path as string)).toEqual(['kit/b', 'kit/c']);
    expect(names()).toEqual(['round 1']);

    server.postFile.mockResolvedValueOnce(sheetOf(thing('a', 'round 1')));
    await work.bringIn(file);
    expect([work.nothingNew, work.undo]).toEqual([true, null]);
  });

  it('changes a thing, and its way back puts the old values again', async () => {
    const old = thing('a', 'round 1');
    const { work } = workOn(old);
    server.put.mockResolvedValue(sheetOf(thing('a', 'thin one')));
    await work.save({ ...old, name: 'thin one' });
    await work.takeBack();
    expect(server.put.mock.lastCall).toEqual(['kit/a', old]);
  });

  it('keeps the form open with what the server said against it', async () => {
    const { work } = workOn();
    server.post.mockRejectedValueOnce(new Refusal(422, 'No name.', { name: ['No name.'] }));
    work.editing = blankThing('brush');
    await work.save(blankThing('brush'));
    expect(work.editing).not.toBeNull();
    expect(work.form.of('name')).toBe('No name.');
    expect(work.undo).toBeNull();
  });

  it('takes out at once what nothing uses, and asks about what designs use', async () => {
    const round = thing('a', 'round 1');
    const { work, names } = workOn(round);
    server.get.mockResolvedValueOnce({ designs: [{ id: 'd', name: 'Wave', steps: ['Foam'] }], instead: [] });
    await work.takeOut(round);
    expect(work.leaving?.uses.designs).toHaveLength(1);
    expect(server.delete).not.toHaveBeenCalled();
    server.delete.mockResolvedValueOnce({ removalId: 'r', kit: sheetOf() });
    await work.takeOutFor(round, { id: 'b', name: 'round 2' });
    expect(server.delete).toHaveBeenCalledWith('kit/a', { instead: 'b' });
    expect(work.leaving).toBeNull();
    expect(names()).toEqual([]);
    server.post.mockResolvedValueOnce(sheetOf(round));
    await work.takeBack();
    expect(server.post).toHaveBeenCalledWith('kit/removals/r/undo');
  });

  it('keeps a timed hand, and goes back to what it rested on', async () => {
    const { work } = workOn();
    server.put.mockResolvedValue(sheetOf());
    await work.keepHand('load', [5000, 6000]);
    expect(server.put.mock.lastCall).toEqual(['kit/hands/load', { repetitions: [5000, 6000] }]);
    await work.takeBack();
    expect(server.put.mock.lastCall).toEqual(['kit/hands/load', { repetitions: [] }]);
  });
});
