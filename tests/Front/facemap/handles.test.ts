import { describe, expect, it } from 'vitest';
import { handlesOf, movedTo, sizedTo, turnedTo } from '../../../resources/js/facemap/handles';
import { guided, type PaintedStep } from '../../../resources/js/facemap/layers';
import { polar, plus } from '../../../resources/js/facemap/strokes';
import { MIDDLE, roomOf } from '../../../resources/js/facemap/zones';
import { planStep } from '../steps';

const star = (more: Partial<PaintedStep> = {}): PaintedStep =>
  planStep({ technique: 'fill', zones: ['forehead'], side: 'left', shape: 'starfish', ...more });
const forehead = roomOf('forehead', 'left');

describe('the grips of a mark', () => {
  it('stand on the mark, wherever the clock has it', () => {
    expect(handlesOf(star())?.middle).toEqual(forehead.centre);
    const guides = [{ by: 'clock' as const, value: '4', words: '' }];
    expect(handlesOf(star({ guides }))?.middle).toEqual(guided(forehead, guides).centre);
    // Mirrored for the other forehead.
    expect(handlesOf(star({ side: 'right' }))?.middle).toEqual([
      2 * MIDDLE - forehead.centre[0],
      forehead.centre[1],
    ]);
  });

  it('are not there for marks that are strewn over several places', () => {
    expect(handlesOf(star({ technique: 'dots', shape: null, zones: ['cheek', 'temple'] }))).toBeUndefined();
    expect(handlesOf(star({ technique: 'dots', shape: null }))).toBeDefined();
    // What covers its place has no size of its own.
    expect(handlesOf(star({ technique: 'stipple', shape: null }))).toBeUndefined();
    expect(handlesOf(star({ technique: 'stencil', shape: 'scales' }))).toBeUndefined();
  });

  it('move it to each hour of its place, and back to the middle', () => {
    for (let hour = 1; hour <= 12; hour++) {
      const value = String(hour);
      const [x, y] = polar(0.8, hour * 30 - 90);
      const point = plus(forehead.centre, [x * forehead.rx, y * forehead.ry]);
      expect(movedTo(star(), point)).toEqual([{ by: 'clock', value }]);
      // Put down where it stands it stays.
      const there = star({ guides: [{ by: 'clock', value, words: '' }] });
      expect(movedTo(there, handlesOf(there)?.middle ?? [0, 0])).toEqual([{ by: 'clock', value }]);
      expect(movedTo(there, forehead.centre)).toEqual([]);
    }
  });

  it('keep what else places it', () => {
    const angle = { by: 'angle' as const, value: '45', words: '' };
    expect(movedTo(star({ guides: [angle] }), plus(forehead.centre, [0, forehead.ry]))).toEqual([
      angle,
      { by: 'clock', value: '6' },
    ]);
  });

  it.each([40, 100, 145, 200])('size it so that the corner lies under the pointer: %d %%', (sizePercent) => {
    const step = star({ sizePercent });
    expect(sizedTo(star(), handlesOf(step)?.corner ?? [0, 0])).toBe(sizePercent);
    expect(sizedTo(step, handlesOf(step)?.corner ?? [0, 0])).toBe(sizePercent);
  });

  it('size it within what a step may say', () => {
    expect(sizedTo(star(), forehead.centre)).toBe(10);
    expect(sizedTo(star(), [9000, 9000])).toBe(400);
  });

  it.each([-170, -45, 0, 30, 90, 180])('turn it so that its top points to the pointer: %d', (turnDegrees) => {
    for (const side of ['left', 'centre'] as const) {
      const step = star({ side, turnDegrees });
      expect(Math.abs(turnedTo(star({ side }), handlesOf(step)?.top ?? [0, 0]) - turnDegrees) % 360).toBe(0);
    }
  });
});
