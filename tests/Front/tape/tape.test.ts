import { describe, expect, it } from 'vitest';
import type { PlanStep, TapeSpan } from '../../../resources/js/api/types.gen';
import { piecesOf, placeLabels, tickMinutes } from '../../../resources/js/tape/tape';

describe('pieces', () => {
  const steps: Pick<PlanStep, 'id' | 'name' | 'medium'>[] = [
    { id: 'a', name: 'Grey base', medium: 'sponge' },
    { id: 'b', name: 'Nose', medium: 'brush' },
  ];
  const spans: TapeSpan[] = [
    { kind: 'painting', stepId: 'a', startMs: 0, lengthMs: 30_000 },
    { kind: 'changeover', stepId: 'b', startMs: 30_000, lengthMs: 6_000 },
    { kind: 'drying', stepId: 'b', startMs: 36_000, lengthMs: 9_000 },
    { kind: 'painting', stepId: 'b', startMs: 45_000, lengthMs: 20_000 },
  ];

  it('take the pattern of their medium, and only painting bears a name', () => {
    expect(piecesOf(spans, steps).map(({ kind, label }) => [kind, label])).toEqual([
      ['sponge', '1 Grey base'],
      ['changeover', undefined],
      ['drying', undefined],
      ['brush', '2 Nose'],
    ]);
  });

  it('lie where their spans lie', () => {
    expect(piecesOf(spans, steps).map(({ start, length }) => start + length)).toEqual([
      30_000, 36_000, 45_000, 65_000,
    ]);
  });
});

describe('labels', () => {
  it('stay in one row while they fit', () => {
    const labels = placeLabels(
      [
        { text: '1 Base', x: 0 },
        { text: '2 Line', x: 100 },
      ],
      8,
    );
    expect(labels.map(({ text, row }) => [text, row])).toEqual([
      ['1 Base', 0],
      ['2 Line', 0],
    ]);
  });

  it('never lie over each other, however close the pieces are', () => {
    for (let gap = 2; gap < 60; gap += 3) {
      const wanted = Array.from({ length: 14 }, (_, index) => ({
        text: `${index + 1} Some step`,
        x: index * gap,
      }));
      const labels = placeLabels(wanted, 8);
      for (const row of [0, 1]) {
        const inRow = labels.filter((label) => label.row === row);
        inRow.slice(1).forEach((label, index) => {
          const before = inRow[index];
          expect(label.x).toBeGreaterThanOrEqual((before?.x ?? 0) + (before?.text.length ?? 0) * 8);
        });
      }
    }
  });
});

it.each([
  [288, 1],
  [96, 1],
  [40, 2],
  [28, 5],
  [20, 5],
  [4, 30],
])('prints numbers well apart at %d pixels a minute', (scale, every) =>
  expect(tickMinutes(scale)).toBe(every),
);
