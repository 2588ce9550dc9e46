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

  const crowd = [
    { text: '1 Grey base', x: 0 },
    { text: '2 Eye flicks', x: 60 },
    { text: '3 Whisker dots', x: 110 },
    { text: '4 Glitter', x: 128 },
  ];

  it('lose their last words where there is no room, and all of them before their number', () => {
    expect(placeLabels(crowd, 8, 210).map(({ text, row }) => [text, row])).toEqual([
      ['1 Grey base', 1],
      ['2 Eye', 0],
      ['3', 0],
      ['4 Glitter', 0],
    ]);
  });

  it('say the chosen step in full, moved left at the end of the tape', () => {
    const chosen = crowd.map((one, at) => ({ ...one, isChosen: at === 3 }));
    const last = placeLabels(chosen, 8, 180).at(-1);
    expect(last).toEqual({ text: '4 Glitter', x: 108, row: 1 });
  });

  it('are never crossed by the lead of one above', () => {
    for (let gap = 12; gap < 130; gap += 7) {
      const labels = placeLabels(
        Array.from({ length: 12 }, (_, index) => ({ text: `${index + 1} Long step name`, x: index * gap })),
        8,
      );
      const below = labels.filter(({ row }) => row === 0);
      for (const { x } of labels.filter(({ row }) => row === 1)) {
        expect(below.filter((label) => label.x < x && x < label.x + label.text.length * 8)).toEqual([]);
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
