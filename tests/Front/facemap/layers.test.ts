import { describe, expect, it } from 'vitest';
import {
  type Shape,
  ShapeValues,
  type Technique,
  TechniqueValues,
  type Zone,
  ZoneValues,
} from '../../../resources/js/api/types.gen';
import { type Copy, guided, layerOf, type PaintedStep } from '../../../resources/js/facemap/layers';
import { isLimb, isSided, MIDDLE, placeOf, roomOf } from '../../../resources/js/facemap/zones';
import { markIn, shapeIn } from '../../../resources/js/rooms/bench/samples';
import { planStep } from '../steps';

const marked: readonly Technique[] = TechniqueValues.filter(
  (technique) => technique !== 'wait' && technique !== 'tidy',
);
const stainsOf = (step: PaintedStep) => layerOf(step).copies.flatMap(({ stains }) => stains);
const numbersIn = (value: unknown) => JSON.stringify(value);

describe.each(ZoneValues)('on the %s', (zone: Zone) => {
  it.each(marked)('%s leaves something to see, all of it drawable', (technique) => {
    const stains = stainsOf(markIn(technique, zone));
    expect(stains.length).toBeGreaterThan(0);
    expect(numbersIn(stains)).not.toMatch(/NaN|Infinity|undefined/);
  });

  it.each(ShapeValues)('a %s stands in its place', (shape: Shape) => {
    const stains = stainsOf(shapeIn(shape, zone));
    expect(stains.length).toBeGreaterThan(0);
    expect(numbersIn(stains)).not.toMatch(/NaN|Infinity|undefined/);
  });
});

describe('layers', () => {
  it('are the same for the same step, every time', () => {
    for (const technique of marked) {
      const step = markIn(technique, 'cheek');
      expect(layerOf(structuredClone(step))).toEqual(layerOf(step));
    }
  });

  it('paint both sides alike: the right copy holds the left one’s stains, to be mirrored', () => {
    const sided = ZoneValues.filter((zone) => isSided(zone) && !isLimb(zone));
    expect(sided.length).toBeGreaterThan(10);
    for (const zone of sided) {
      for (const technique of marked) {
        const copies = layerOf({ ...markIn(technique, zone), side: 'both' }).copies;
        const of = (half: Copy['half']) => copies.find((copy) => copy.half === half)?.stains;
        expect(of('right'), `${technique} on the ${zone}`).toEqual(of('left'));
      }
    }
  });

  it('stay on the side that the step says', () => {
    const halves = (side: PaintedStep['side']) =>
      layerOf(planStep({ zones: ['cheek'], side })).copies.map(({ half }) => half);
    expect(halves('left')).toEqual(['left']);
    expect(halves('right')).toEqual(['right']);
    expect(halves('both').toSorted((a, b) => a.localeCompare(b))).toEqual(['left', 'right']);
  });

  it('hide more of the skin with every coat', () => {
    const cover = (coats: number) => stainsOf(planStep({ technique: 'fill', coats }))[0]?.opacity ?? 1;
    expect(cover(2)).toBeGreaterThan(cover(1));
    expect(cover(3)).toBeGreaterThan(cover(2));
  });

  it('keep glitter out of open eyes', () => {
    const clear = (technique: Technique) => layerOf(markIn(technique, 'eye_socket')).staysClear;
    expect(
      ['loose_glitter', 'glitter_gel', 'stencil', 'stipple'].map((one) => clear(one as Technique)),
    ).toEqual([true, true, true, true]);
    expect(clear('teardrop')).toBe(false);
  });

  it('leave nothing where nothing is painted', () => {
    expect(stainsOf(planStep({ technique: 'wait', zones: [] }))).toEqual([]);
  });

  it('draw as many marks as are counted', () => {
    const dots = (count: number) => stainsOf(planStep({ technique: 'dots', side: 'left', count })).length;
    expect(dots(7) - dots(3)).toBe(4);
  });
});

describe('places', () => {
  it('on the middle line are symmetrical about it', () => {
    for (const zone of ZoneValues.filter((one) => !isSided(one) && !isLimb(one))) {
      expect(placeOf(zone).centre[0], zone).toBeCloseTo(MIDDLE, 5);
    }
  });

  it('are shared out by halves, thirds and the clock', () => {
    const room = roomOf('cheek', 'left');
    const upper = guided(room, [{ by: 'portion', value: 'upper_half', words: '' }]);
    expect(upper.ry).toBeCloseTo(room.ry / 2);
    expect(upper.centre[1]).toBeCloseTo(room.centre[1] - room.ry / 2);
    const outer = guided(room, [{ by: 'portion', value: 'outer_third', words: '' }]);
    expect(outer.rx).toBeCloseTo(room.rx / 3);
    expect(outer.centre[0]).toBeGreaterThan(room.centre[0]);
    const one = guided(room, [{ by: 'clock', value: '12', words: '' }]);
    expect(one.centre[0]).toBeCloseTo(room.centre[0]);
    expect(one.centre[1]).toBeLessThan(room.centre[1]);
  });
});
