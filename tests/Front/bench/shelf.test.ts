import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../../resources/js/api/client';
import type { DesignTape } from '../../../resources/js/api/types.gen';
import { ShelfWork } from '../../../resources/js/rooms/bench/shelf/designs.svelte';
import { type Order, Shelf } from '../../../resources/js/rooms/bench/shelf/shelf.svelte';
import { planStep } from '../steps';

vi.mock(import('../../../resources/js/router'), () => ({ navigate: vi.fn() }) as never);

const design = (id: string, more: Partial<DesignTape> = {}): DesignTape => ({
  id,
  name: id,
  placement: 'cheek',
  promiseMs: null,
  tags: [],
  stillMs: null,
  gentle: false,
  archived: false,
  totalMs: 120_000,
  spans: [],
  steps: [],
  lastPaintedAt: null,
  photo: null,
  ...more,
});
const all = [
  design('Wave band', { tags: ['sea', 'quick'], totalMs: 60_000 }),
  design('Seal pup', {
    placement: 'full_face',
    tags: ['sea', 'animal'],
    totalMs: 240_000,
    steps: [planStep({ name: 'Whiskers' })],
  }),
  design('Storm cloud', { gentle: true }),
  design('Old anchor', { archived: true }),
];
const shown = (change: Partial<Shelf>) => {
  const shelf = Object.assign(new Shelf(() => all), change);

  return shelf.shown.map(({ name }) => name);
};

describe('the shelf', () => {
  it('shows what is not put away', () => {
    expect(shown({})).toEqual(['Seal pup', 'Storm cloud', 'Wave band']);
    expect(shown({ archived: true })).toEqual(['Old anchor']);
  });

  it('lies by name, the quickest first, the richest first, or as it was painted last', () => {
    const look = (of: number) => [planStep({ look: of })];
    const some = [
      design('Crab', { totalMs: 90_000, steps: look(9), lastPaintedAt: 5 }),
      design('Anchor', { totalMs: 200_000, steps: look(2) }),
      design('Boat', { totalMs: 50_000, steps: [...look(5), ...look(6)], lastPaintedAt: 9 }),
    ];
    const by = (order: Order) =>
      Object.assign(new Shelf(() => some), { order }).shown.map(({ name }) => name);
    expect(by('name')).toEqual(['Anchor', 'Boat', 'Crab']);
    expect(by('minutes')).toEqual(['Boat', 'Crab', 'Anchor']);
    expect(by('look')).toEqual(['Boat', 'Crab', 'Anchor']);
    expect(by('last painted')).toEqual(['Boat', 'Crab', 'Anchor']);
  });

  it('finds by every word, in names, tags, places and steps', () => {
    expect(shown({ search: 'sea' })).toEqual(['Seal pup', 'Wave band']);
    expect(shown({ search: 'SEA  whisk' })).toEqual(['Seal pup']);
    expect(shown({ search: 'full face' })).toEqual(['Seal pup']);
    expect(shown({ search: 'whale' })).toEqual([]);
  });

  it('sifts by place, tag, minutes and gentleness, all at once', () => {
    expect(shown({ placement: 'cheek' })).toEqual(['Storm cloud', 'Wave band']);
    expect(shown({ tag: 'animal' })).toEqual(['Seal pup']);
    expect(shown({ within: 1 })).toEqual(['Wave band']);
    expect(shown({ gentle: true })).toEqual(['Storm cloud']);
    expect(shown({ placement: 'cheek', tag: 'animal' })).toEqual([]);
  });

  it('forgets the sieve at a word', () => {
    const shelf = Object.assign(new Shelf(() => all), { search: 'x', tag: 'sea', within: 2, gentle: true });
    expect(shelf.isSifted).toBe(true);
    shelf.showAll();
    expect(shelf.isSifted).toBe(false);
    expect(shelf.shown).toHaveLength(3);
  });

  it('compares two at most, and drops one that is chosen again', () => {
    const shelf = new Shelf(() => all);
    for (const id of ['Wave band', 'Seal pup', 'Storm cloud']) shelf.compare(id);
    expect(shelf.pair.map(({ name }) => name)).toEqual(['Seal pup', 'Storm cloud']);
    shelf.compare('Seal pup');
    expect(shelf.compared).toEqual(['Storm cloud']);
  });

  it('holds out for 500 designs', () => {
    const many = Array.from({ length: 500 }, (_, at) =>
      design(`Wave ${at}`, { tags: [at % 2 ? 'odd' : 'even'] }),
    );
    expect(Object.assign(new Shelf(() => many), { search: 'odd' }).shown).toHaveLength(250);
  });
});

describe('designs chosen together', () => {
  const server = { put: vi.spyOn(api, 'put'), get: vi.spyOn(api, 'get') };
  const refresh = vi.fn(() => Promise.resolve());
  const [wave, seal] = [design('Wave band', { tags: ['Sea'] }), design('Seal pup')];

  beforeEach(() => {
    vi.clearAllMocks();
    server.put.mockResolvedValue(undefined);
  });

  it('are those of them that are shown', () => {
    const shelf = new Shelf(() => all);
    expect(shelf.isChoosing).toBe(false);
    shelf.choose('Wave band');
    shelf.choose('Seal pup');
    shelf.choose('Old anchor');
    expect(shelf.chosen.map(({ id }) => id)).toEqual(['Seal pup', 'Wave band']);
    shelf.choose('Seal pup');
    expect([shelf.isChosen('Seal pup'), shelf.isChosen('Wave band')]).toEqual([false, true]);
    shelf.search = 'storm';
    expect(shelf.chosen).toEqual([]);
    shelf.chooseShown();
    expect(shelf.chosen.map(({ id }) => id)).toEqual(['Storm cloud']);
    shelf.chooseNoMore();
    expect([shelf.isChoosing, shelf.chosen]).toEqual([false, []]);
  });

  it('are put away in one request, and taken out again by undo', async () => {
    const work = new ShelfWork(refresh);
    await work.putAway([wave, seal], true);
    expect(work.undo?.text).toBe('Wave band and Seal pup are put away.');
    await work.takeBack();
    expect(server.put.mock.calls).toEqual(
      [true, false].map((archived) => ['shelf', { designIds: ['Wave band', 'Seal pup'], archived }]),
    );
    expect(work.undo).toBeNull();
  });

  it('lose by undo only the tags that they did not bear before', async () => {
    const work = new ShelfWork(refresh);
    expect(await work.tag([wave, seal], 'sea')).toBe(true);
    await work.takeBack();
    expect(server.put.mock.calls).toEqual([
      ['shelf', { designIds: ['Wave band', 'Seal pup'], addTag: 'sea' }],
      ['shelf', { designIds: ['Seal pup'], removeTag: 'sea' }],
    ]);
  });

  it('stand at the end of a menu, once each', async () => {
    const offer = {
      designId: 'Wave band',
      rung: null,
      promises: true,
      promiseMs: 180_000,
      priceCents: 500,
      group: null,
    };
    server.get.mockResolvedValue({ offers: [offer] });
    const work = new ShelfWork(refresh);
    await work.putOn({ id: 'm', name: 'Fair', designs: 1 }, [wave, seal]);
    const kept = { designId: 'Wave band', rung: null, promiseMs: 180_000, priceCents: 500, group: null };
    expect(server.put).toHaveBeenLastCalledWith('menus/m', {
      name: 'Fair',
      offers: [kept, { designId: 'Seal pup', rung: null, promiseMs: null, priceCents: null, group: null }],
    });
    await work.takeBack();
    expect(server.put).toHaveBeenLastCalledWith('menus/m', { name: 'Fair', offers: [kept] });
  });

  it('stay as they were, and are told why, where the server refuses', async () => {
    server.put.mockRejectedValue(new Error('no'));
    const work = new ShelfWork(refresh);
    expect(await work.tag([seal], 'sea')).toBe(false);
    expect(work.undo).toBeNull();
    expect(work.message).not.toBe('');
    expect(refresh).not.toHaveBeenCalled();
  });
});
