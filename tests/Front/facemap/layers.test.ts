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
import { offOpenings, type Stain } from '../../../resources/js/facemap/marks';
import { rimAt } from '../../../resources/js/facemap/sheets';
import { plus, sampled, scaled, turned } from '../../../resources/js/facemap/strokes';
import { isLimb, isSided, MIDDLE, placeOf, roomOf } from '../../../resources/js/facemap/zones';
import { markIn, shapeIn } from '../../../resources/js/rooms/bench/shelf/samples';
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

  it('are drawn once for as long as the step and what it goes by stay the same', () => {
    const step = markIn('fill', 'cheek');
    expect(layerOf(structuredClone(step))).toBe(layerOf(step));
    // The time, the name and the steps below are nothing to it.
    expect(layerOf({ ...step, name: 'Another' }, [markIn('stipple', 'chin')])).toBe(layerOf(step));
    expect(layerOf({ ...step, coats: 2 })).not.toEqual(layerOf(step));
    const line = markIn('outline', 'cheek');
    expect(layerOf(line, [step])).not.toEqual(layerOf(line));
    expect(layerOf(line, [{ ...step, sizePercent: 50, shape: 'star' }])).not.toEqual(
      layerOf(line, [{ ...step, sizePercent: 80, shape: 'star' }]),
    );
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
    const cover = (coats: number) => layerOf(planStep({ technique: 'fill', coats })).cover;
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
      'eyes and lips',
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
    expect(offOpenings([261, 241], 2)).toEqual([261, 216]);
    expect(offOpenings([139, 230], 0)).toEqual([139, 218]);
    expect(offOpenings([200, 290], 5)).toEqual([200, 290]);
    // A mouth is a mark's place only where it is painted itself.
    expect(offOpenings([200, 354], 5)).toEqual([200, 330]);
    expect(offOpenings([200, 354], 5, true)).toEqual([200, 354]);
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

/** Where the path of a form lies on the sheet, with how it is laid. */
function boxOf({ d, transform = '' }: Stain): [number, number, number, number] {
  const move = /translate\((-?[\d.]+) (-?[\d.]+)\) rotate\((-?[\d.]+)\) scale\(([\d.]+)\)/u.exec(transform);
  const [x = 0, y = 0, degrees = 0, scale = 1] = move?.slice(1).map(Number) ?? [];
  const points = sampled(d)
    .flat()
    .map((point) => plus([x, y], scaled(turned(point, degrees), scale)));
  const [xs, ys] = [points.map(([across]) => across), points.map(([, down]) => down)];

  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

describe('marks placed by a figure', () => {
  const by = (value: string) => [{ by: 'figure' as const, value, words: '' }];
  const figure = (more: Partial<PaintedStep> = {}) =>
    planStep({ id: 'f', technique: 'fill', zones: ['cheek'], side: 'left', shape: 'lighthouse', ...more });
  const star = (value: string, more: Partial<PaintedStep> = {}) =>
    planStep({
      id: 's',
      technique: 'fill',
      zones: ['cheek'],
      side: 'left',
      shape: 'star',
      guides: by(value),
      ...more,
    });
  const first = (step: PaintedStep, below: PaintedStep[] = []): Stain => {
    const stain = layerOf(step, below).copies[0]?.stains[0];
    expect(stain).toBeDefined();

    return stain ?? { d: '', fill: '' };
  };

  it.each([50, 100, 160])('stand inside, above and below it at any size: %d %%', (sizePercent) => {
    const tower = figure({ sizePercent });
    const [left, top, right, bottom] = boxOf(first(tower));
    const [, , , aboveEnds] = boxOf(first(star('above lighthouse', { sizePercent: 60 }), [tower]));
    const [, belowBegins] = boxOf(first(star('below lighthouse', { sizePercent: 60 }), [tower]));
    const [x, y, toX, toY] = boxOf(first(star('inside lighthouse', { sizePercent: 60 }), [tower]));
    expect([x, -toX]).toEqual([
      expect.closeTo(Math.max(x, left), 3),
      expect.closeTo(-Math.min(toX, right), 3),
    ]);
    expect(y).toBeGreaterThan(top);
    expect(toY).toBeLessThan(bottom);
    expect(aboveEnds).toBeLessThan(top + (bottom - top) * 0.2);
    expect(belowBegins).toBeGreaterThan(bottom - (bottom - top) * 0.2);
  });

  it('turn with it', () => {
    const tower = figure({ turnDegrees: 90 });
    expect(first(star('inside lighthouse'), [tower]).transform).toContain('rotate(90)');
    // Its top now points to the right.
    const [left] = boxOf(first(star('above lighthouse', { sizePercent: 60 }), [tower]));
    const [, , right] = boxOf(first(tower));
    expect(left).toBeGreaterThan(right - 18);
  });

  it('go by the last figure of that shape, and by their places where there is none', () => {
    const small = figure({ id: 'g', sizePercent: 40, zones: ['temple'] });
    const onTemple = boxOf(first(star('inside lighthouse'), [figure(), small]));
    expect(onTemple[1]).toBeLessThan(250);
    expect(layerOf(star('inside boat'), [figure()]).copies).toEqual(
      layerOf({ ...star('inside boat'), guides: [] }).copies,
    );
  });

  it('of strokes stay within its edge, and bands run straight across', () => {
    const bands = star('inside lighthouse', { technique: 'stripe', shape: null, count: 3 });
    const { stains } = layerOf(bands, [figure()]).copies[0] ?? { stains: [] };
    expect(stains).toHaveLength(3);
    for (const stain of stains) {
      expect(stain.within?.transform).toBe(first(figure()).transform);
      const [, top, , bottom] = boxOf(stain);
      expect(bottom - top).toBeLessThan(8);
    }
    expect(
      layerOf({ ...bands, guides: by('below lighthouse') }, [figure()]).copies[0]?.stains[0]?.within,
    ).toBeUndefined();
  });

  it('keep their places to a figure of a figure', () => {
    const boat = figure({ id: 'b', shape: 'boat' });
    const flag = star('top boat', { id: 'flag', shape: 'banner' });
    const dot = star('inside banner', { id: 'dot', sizePercent: 50 });
    const [, top, , bottom] = boxOf(first(flag, [boat]));
    const [, y, , toY] = boxOf(first(dot, [boat, flag]));
    expect(y).toBeGreaterThan(top - 3);
    expect(toY).toBeLessThan(bottom + 3);
  });
});

describe('forms on a cheek', () => {
  it.each(['lighthouse', 'boat', 'octopus', 'anchor', 'whale_tail', 'wheel'] as const)(
    'are seen whole from the front, clear of the eye: a %s',
    (shape) => {
      for (const sizePercent of [80, 120, 140]) {
        const step = planStep({ technique: 'fill', zones: ['cheek'], side: 'left', shape, sizePercent });
        const [left, top, right, bottom] = boxOf(layerOf(step).copies[0]?.stains[0] ?? { d: '', fill: '' });
        expect(top).toBeGreaterThan(255);
        expect(bottom).toBeLessThan(415);
        // As much as it sticks out on one side it does on the other.
        const out = right - rimAt((top + bottom) / 2);
        expect(out).toBeLessThan(Math.max(14, 242 - left + 14));
      }
    },
  );

  it('stand where the clock says, where it says so', () => {
    const guides = [{ by: 'clock' as const, value: '3', words: '' }];
    const step = planStep({ technique: 'fill', zones: ['cheek'], side: 'left', shape: 'boat', guides });
    expect(layerOf(step).copies[0]?.stains[0]?.transform).toContain(
      `translate(${guided(roomOf('cheek', 'left'), guides)
        .centre.map((one) => Math.round(one * 10) / 10)
        .join(' ')})`,
    );
  });
});

it('an outline carries its weight below: two strokes, the second lower', () => {
  const [upper, lower] =
    layerOf(planStep({ technique: 'outline', zones: ['chin'], shape: null })).copies[0]?.stains ?? [];
  expect([upper?.transform, upper?.fill]).toEqual([undefined, 'none']);
  expect(lower?.transform).toMatch(/^translate\([\d.]+ [\d.]+\)$/);
  expect(lower?.d).toBe(upper?.d);
});

it('an outline of a form goes round the form as it was painted, whatever its size', () => {
  const boat = planStep({
    id: 'b',
    technique: 'fill',
    zones: ['cheek'],
    side: 'left',
    shape: 'boat',
    sizePercent: 140,
  });
  const line = planStep({ id: 'o', technique: 'outline', zones: ['cheek'], side: 'left', shape: 'boat' });
  const painted = layerOf(boat).copies[0]?.stains[0];
  const round = layerOf(line, [boat]);
  expect(round.outside[0]).toMatchObject({ d: painted?.d, transform: painted?.transform });
  expect(layerOf(line, []).outside).toEqual([]);
});

it('one form over middle and sides is drawn once, and ears on both', () => {
  const halves = (shape: Shape, zones: Zone[]) =>
    layerOf(planStep({ technique: 'fill', zones, side: 'both', shape })).copies.map(({ half }) => half);
  expect(halves('mask', ['eye_socket', 'nose_bridge'])).toEqual(['middle']);
  expect(halves('round_ear', ['hairline'])).toEqual(['left', 'right']);
});

it('a form that is counted stands as often, and a row of strokes once', () => {
  const of = (shape: Shape, technique: Technique, count: number) =>
    layerOf(planStep({ technique, zones: ['cheek'], side: 'left', shape, count })).copies[0]?.stains.filter(
      ({ fill }) => fill !== 'none',
    );
  expect(of('feather', 'teardrop', 3)).toHaveLength(3);
  expect(of('fur_flicks', 'line', 5)).toHaveLength(1);
});
