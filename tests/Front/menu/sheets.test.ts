import { expect, it } from 'vitest';
import { moved, offeredOf } from '../../../resources/js/rooms/menu/menu.svelte';
import {
  boardLayout,
  MARGIN,
  pagesOf,
  sizeOf,
  strips,
  TWO_METRES_MM,
} from '../../../resources/js/rooms/menu/sheets';
import { readiness } from '../../../resources/js/rooms/menu/words';
import type { OfferSheet } from '../../../resources/js/api/types.gen';

it('has papers as they are sold', () => {
  // ISO 216, and ANSI/ASME Y14.1 for the other two: 8.5 x 11 and 11 x 17 inches.
  expect(sizeOf('A4', false)).toEqual({ width: 210, height: 297 });
  expect(sizeOf('A3', true)).toEqual({ width: 420, height: 297 });
  expect(sizeOf('Letter', false).width / 25.4).toBeCloseTo(8.5, 6);
  expect(sizeOf('Tabloid', true)).toEqual({ width: 431.8, height: 279.4 });
});

it.each([1, 2, 3, 5, 8, 12, 20])('fits %i designs on every paper', (count) => {
  for (const paper of ['A4', 'A3', 'Letter', 'Tabloid'] as const) {
    for (const lies of [false, true]) {
      for (const pages of [1, 2]) {
        const size = sizeOf(paper, lies);
        const layout = boardLayout(size, count, pages, 10);

        expect(layout.columns * layout.rows).toBeGreaterThanOrEqual(layout.perPage);
        expect(layout.perPage * pages).toBeGreaterThanOrEqual(count);
        expect(layout.columns * layout.cellWidth).toBeCloseTo(size.width - 2 * MARGIN, 6);
        expect(layout.rows * layout.cellHeight).toBeLessThanOrEqual(size.height - 2 * MARGIN);
        // The longest word stands in its cell.
        expect(layout.nameMm * 0.56 * 10).toBeLessThanOrEqual(layout.cellWidth);
      }
    }
  }
});

it('can be read at two metres with twelve designs on A4, and larger on larger paper', () => {
  const small = boardLayout(sizeOf('A4', false), 12, 1, 10);
  const large = boardLayout(sizeOf('A3', false), 12, 1, 10);

  expect(small.capitalMm).toBeGreaterThanOrEqual(TWO_METRES_MM);
  expect(large.capitalMm).toBeGreaterThan(small.capitalMm);
  expect(boardLayout(sizeOf('A4', false), 12, 2, 10).cellHeight).toBeGreaterThan(small.cellHeight);
});

it('cuts a long tape at whole minutes', () => {
  // 194 mm are seven inches and a bit.
  expect(strips(4 * 60_000, 194)).toEqual([{ from: 0, until: 240_000 }]);
  expect(strips(9 * 60_000, 194)).toEqual([
    { from: 0, until: 420_000 },
    { from: 420_000, until: 540_000 },
  ]);
  expect(strips(0, 194)).toEqual([{ from: 0, until: 0 }]);
  expect(pagesOf([1, 2, 3], 2)).toEqual([[1, 2], [3]]);
});

it('moves a design without losing any', () => {
  expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c']);
  expect(moved(['a', 'b', 'c'], 2, 0)).toEqual(['c', 'a', 'b']);
  expect(moved(['a', 'b'], 5, 0)).toEqual(['a', 'b']);
});

it('leaves a promise to eight of ten faces where the painter made none', () => {
  const offer = {
    designId: 'a',
    rung: null,
    promiseMs: 300_000,
    priceCents: null,
    group: null,
  } as OfferSheet;

  expect(offeredOf({ ...offer, promises: false }).promiseMs).toBeNull();
  expect(offeredOf({ ...offer, promises: true }).promiseMs).toBe(300_000);
});

it('says how far a design is', () => {
  expect(readiness({ faces: 0, readyAfter: null })).toBe('not painted yet');
  expect(readiness({ faces: 9, readyAfter: 0 })).toBe('menu-ready after 9 faces');
  expect(readiness({ faces: 3, readyAfter: 5 })).toBe('ready after 5 more on the board');
  expect(readiness({ faces: 40, readyAfter: null })).toBe('not yet after 40 faces');
});
