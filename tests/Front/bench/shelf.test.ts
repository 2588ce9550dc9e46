import { describe, expect, it } from 'vitest';
import type { DesignTape } from '../../../resources/js/api/types.gen';
import { type Order, Shelf } from '../../../resources/js/rooms/bench/shelf.svelte';
import { planStep } from '../steps';

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
