import { expect, it } from 'vitest';
import { teardrop } from '../../../resources/js/facemap/strokes';

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
