import { describe, expect, it } from 'vitest';
import { figureParts } from '../../../resources/js/api/tables.gen';
import { type Shape, ShapeValues } from '../../../resources/js/api/types.gen';
import { figures, partsOf } from '../../../resources/js/facemap/figures';
import { layerOf } from '../../../resources/js/facemap/layers';
import { forms } from '../../../resources/js/facemap/shapes';
import { boundsOf } from '../../../resources/js/facemap/strokes';
import { planStep } from '../steps';

const drawn = Object.entries(figures);
const withParts = ShapeValues.filter((shape) => figureParts[shape].length > 0);

describe('figures', () => {
  it('are drawn for every kind that has parts, with no part that the kind has not', () => {
    expect(withParts.filter((shape) => !(shape in figures))).toEqual([]);
    for (const [shape, parts] of drawn) {
      const own = figureParts[shape as Shape];
      const strange = parts
        .filter(({ part }) => own.length > 0 && !own.includes(part))
        .map(({ part }) => part);
      expect(strange, shape).toEqual([]);
    }
  });

  it('fill their box and do not leave it', () => {
    for (const [shape] of drawn) {
      const [left, top, right, bottom] = boundsOf(forms[shape as keyof typeof forms].d);
      expect(Math.min(left, top), shape).toBeGreaterThan(-56);
      expect(Math.max(right, bottom), shape).toBeLessThan(56);
      expect(Math.max(right - left, bottom - top), shape).toBeGreaterThan(60);
    }
  });

  it('have a small mark for a part that is not drawn', () => {
    expect(boundsOf(partsOf('car', ['mouth']) ?? '')[2]).toBeLessThan(20);
    expect(partsOf('star', ['eye'])).toBeUndefined();
  });
});

describe('a part of a figure', () => {
  const of = (part: string, more = {}) =>
    planStep({
      technique: 'fill',
      shape: 'bunny',
      zones: ['cheek'],
      side: 'left',
      guides: [{ by: 'part', value: part, words: part }],
      ...more,
    });
  const d = (step: ReturnType<typeof of>) => layerOf(step).copies[0]?.stains[0];

  it('lies where it is in the whole, however the figure is moved and sized', () => {
    for (const more of [{}, { sizePercent: 60 }, { turnDegrees: 30 }]) {
      expect(d(of('ear', more))?.transform).toBe(d(of('nose', more))?.transform);
    }
    expect(d(of('ear'))?.d).not.toBe(d(of('nose'))?.d);
  });

  it('holds the dots that are set on it within its edge', () => {
    const stains = layerOf(of('head', { technique: 'dots', count: 3 })).copies[0]?.stains ?? [];
    expect(stains).toHaveLength(3);
    expect(stains.every(({ within }) => within !== undefined)).toBe(true);
  });

  it('is named where nobody has drawn it', () => {
    const step = planStep({
      name: 'otter',
      technique: 'fill',
      shape: 'plain',
      zones: ['cheek'],
      side: 'left',
    });
    const words = layerOf(step).copies.flatMap(({ stains }) =>
      stains.flatMap(({ words: said }) => said?.[0] ?? []),
    );
    expect(words).toEqual(['otter']);
  });
});
