import { expect, it } from 'vitest';
import { forms } from '../../../resources/js/facemap/shapes';
import { boundsOf, circle, sampled, stroke, teardrop, united } from '../../../resources/js/facemap/strokes';

it('gives a teardrop a round head away from its tail, and full sides', () => {
  const path = teardrop([0, 0], [0, 30], 10);
  // From the right edge of the head over its far side to the left one: against the clock on a sheet whose y runs down.
  expect(path).toMatch(/A5 5 0 0 0 -5 0Z$/);
  const [, ...curves] = path.split('C');
  const controls = curves.map((curve) => [...curve.matchAll(/-?[\d.]+/g)].map(([number]) => Number(number)));
  // Near the head the sides go straight on before they close in.
  expect(controls[0]?.slice(0, 2)).toEqual([-5, 12]);
  expect(controls[1]?.slice(2, 4)).toEqual([5, 12]);
});

it.each([
  ['a square by all straight commands', 'M-2 -1H4V3L-2 3Z', [-2, -1, 4, 3]],
  ['a curve by its own bulge, not by its grips', 'M0 0C0 -8 8 -8 8 0Z', [0, -6, 8, 0]],
  ['a curve with one grip', 'M0 0Q4 8 8 0Z', [0, 0, 8, 4]],
  ['a circle of two arcs', circle([3, 4], 10), [-7, -6, 13, 14]],
  ['the larger arc of a crescent', forms.crescent.d, [-41, -47, 16, 47]],
  ['the smaller arc', 'M-10 0A20 20 0 0 1 10 0Z', [-10, -2.7, 10, 0]],
])('knows how far a path reaches: %s', (_, d, box) => {
  boundsOf(d).forEach((end, side) => {
    expect(end).toBeCloseTo(box[side] ?? NaN, 0);
  });
});

it('unites pieces drawn either way round, so that none cuts a hole into another', () => {
  const area = (points: ReturnType<typeof sampled>[number]) =>
    points.reduce((sum, [x, y], index) => {
      const [nextX, nextY] = points[(index + 1) % points.length] ?? [x, y];

      return sum + x * nextY - nextX * y;
    }, 0);
  const pieces = sampled(
    united(
      circle([0, 0], 20),
      stroke(
        [
          [-30, 0],
          [30, 0],
        ],
        () => 6,
      ),
    ),
  );
  expect(pieces.map((points) => area(points) > 0)).toEqual([true, true]);
});

it('has every form in its box', () => {
  for (const [name, { d, line }] of Object.entries(forms)) {
    for (const end of [...boundsOf(d), ...(line === undefined ? [] : boundsOf(line))]) {
      expect(Math.abs(end), name).toBeLessThanOrEqual(60);
    }
  }
});
