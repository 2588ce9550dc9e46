import { describe, expect, it } from 'vitest';
import {
  type Shape,
  ShapeValues,
  type Technique,
  TechniqueValues,
  type Zone,
  ZoneValues,
} from '../../../resources/js/api/types.gen';
import { type Copy, guided, layerOf, type PaintedStep, shares } from '../../../resources/js/facemap/layers';
import { offTheEyes } from '../../../resources/js/facemap/marks';
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

  it('keep out of open eyes, and films and glitter off lips that they are not for', () => {
    const clear = (technique: Technique, zone: Zone = 'eye_socket') =>
      layerOf(markIn(technique, zone)).staysClear;
    expect(
      (['loose_glitter', 'glitter_gel', 'stencil', 'stipple'] as const).map((one) => clear(one)),
    ).toEqual(Array.from({ length: 4 }, () => 'eyes and lips'));
    expect([clear('teardrop'), clear('line', 'eyelid'), clear('lash', 'eyelid'), clear('gem')]).toEqual([
      'eyes',
      'nothing',
      'nothing',
      'nothing',
    ]);
  });

  it('set no mark on an eye', () => {
    const dots = layerOf({ ...markIn('dots', 'eye_socket'), count: 9 }).copies[0]?.stains ?? [];
    expect(dots).toHaveLength(9);
    for (const { d } of dots) {
      // A circle's path begins at its left and is as wide as it says.
      const [x = 0, y = 0, r = 0] = [...d.matchAll(/-?[\d.]+/g)].map(([number]) => Number(number));
      expect(Math.hypot((x + r - 261) / 46, (y - 241) / 23)).toBeGreaterThanOrEqual(0.99);
    }
    expect(offTheEyes([261, 241], 2)).toEqual([261, 216]);
    expect(offTheEyes([139, 230], 0)).toEqual([139, 218]);
    expect(offTheEyes([200, 340], 5)).toEqual([200, 340]);
  });

  it('share marks out over the zones by their size, as many as asked for', () => {
    const room = (rx: number, ry: number) => ({ rx, ry });
    expect(shares([room(30, 30), room(15, 20)], 8)).toEqual([6, 2]);
    expect(shares([room(10, 10), room(10, 10), room(10, 10)], 2)).toEqual([1, 0, 1]);
    for (let count = 2; count < 20; count++) {
      const zones: Zone[] = ['temple', 'cheekbone', 'jaw'];
      const step = { ...markIn('dots', 'temple'), zones, count };
      expect(layerOf(step).copies[0]?.stains).toHaveLength(count);
    }
  });

  it('keep a bunch and a lone mark in one zone, the largest', () => {
    const step = { ...markIn('petal', 'cheek'), zones: ['nostril', 'cheek'] satisfies Zone[] };
    expect(layerOf(step).copies[0]?.stains).toEqual(layerOf(markIn('petal', 'cheek')).copies[0]?.stains);
  });

  it('go round what was painted there, and not round the zones, where something was', () => {
    const band = { ...markIn('fill', 'cheek'), id: 'band', shape: 'wave' as const };
    const line = markIn('outline', 'cheek');
    const round = layerOf(line, [band]);
    expect(round.outside).toHaveLength(
      layerOf(band).copies[0]?.stains.filter(({ fill }) => fill !== 'none').length ?? 0,
    );
    expect(round.copies[0]?.stains[0]).toMatchObject({
      d: layerOf(band).copies[0]?.stains[0]?.d,
      fill: 'none',
    });
    // Wider than the film's own edge, so that it is seen outside of it.
    const film = { ...markIn('stipple', 'cheek'), id: 'film' };
    expect(layerOf(line, [film]).copies[0]?.stains[0]?.width).toBeGreaterThan(
      layerOf(film).copies[0]?.stains[0]?.width ?? 0,
    );
    expect(layerOf(line, [{ ...film, zones: ['chin'] }]).copies).toEqual(layerOf(line).copies);
    expect(layerOf(line).outside).toEqual([]);
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
