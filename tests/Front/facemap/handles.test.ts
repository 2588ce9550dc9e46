import { describe, expect, it } from 'vitest';
import {
  aimedAt,
  aimHandleOf,
  boxOf,
  handlesOf,
  movedTo,
  sizedTo,
  turnedTo,
} from '../../../resources/js/facemap/handles';
import { closeTo, type Window } from '../../../resources/js/facemap/sheets';
import { guided, type PaintedStep } from '../../../resources/js/facemap/layers';
import { polar, plus } from '../../../resources/js/facemap/strokes';
import { landmarks, MIDDLE, roomOf } from '../../../resources/js/facemap/zones';
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

describe('the grip of the aim', () => {
  const tears = (more: Partial<PaintedStep> = {}): PaintedStep =>
    planStep({ technique: 'teardrop', zones: ['cheek'], side: 'left', ...more });
  const guide = (by: 'aim' | 'angle', value: string) => [{ by, value, words: '' }];

  it('stands at the point that is aimed at, on the side that is painted', () => {
    const aimed = tears({ guides: guide('aim', 'nose_top') });
    expect(aimHandleOf(aimed)).toEqual(landmarks['nose_top']);
    const [x = 0, y = 0] = landmarks['ear_lobe'] ?? [];
    expect(aimHandleOf(tears({ guides: guide('aim', 'ear_lobe'), side: 'right' }))).toEqual([
      2 * MIDDLE - x,
      y,
    ]);
    expect(aimHandleOf(star())).toBeUndefined();
    expect(aimHandleOf(tears({ technique: 'dots' }))).toBeUndefined();
  });

  it('pulled near a point of the face aims at it, and says so again where it is put down', () => {
    for (const [value, point] of Object.entries(landmarks)) {
      const guides = aimedAt(tears({ guides: guide('angle', '30') }), plus(point, [3, -3]));
      expect(guides).toEqual([{ by: 'aim', value }]);
    }
  });

  it.each([-165, -90, 0, 45, 180])('pulled elsewhere lies at an angle: %d', (degrees) => {
    const { centre } = roomOf('cheek', 'left');
    const far = tears({ guides: guide('angle', String(degrees)) });
    const point = plus(centre, polar(400, -degrees));
    expect(aimedAt(tears(), point)).toEqual([{ by: 'angle', value: String(degrees) }]);
    // In the direction that it already has it stays.
    expect(aimedAt(far, plus(centre, polar(900, -degrees)))).toEqual([
      { by: 'angle', value: String(degrees) },
    ]);
  });
});

describe('close to the part', () => {
  const whole: Window = [36, 10, 328, 430];

  it.each(['cheek', 'nose_tip', 'forehead', 'chin'] as const)(
    'shows all of the %s, within the sheet',
    (zone) => {
      for (const side of ['left', 'right'] as const) {
        const box = boxOf(planStep({ zones: [zone], side })) ?? [0, 0, 0, 0];
        const [x, y, width, height] = closeTo(box, whole);
        expect(width / height).toBeCloseTo(whole[2] / whole[3], 5);
        expect([x <= box[0], y <= box[1], x + width >= box[2], y + height >= box[3]]).toEqual([
          true,
          true,
          true,
          true,
        ]);
        expect([x >= 35.9, y >= 9.9, x + width <= 364.1, y + height <= 440.1]).toEqual([
          true,
          true,
          true,
          true,
        ]);
        expect(width).toBeLessThan(whole[2]);
      }
    },
  );

  it('shows one side of what is painted on both, and the whole sheet for what fills it', () => {
    expect(boxOf(planStep({ zones: ['temple'], side: 'both' }))).toEqual(
      boxOf(planStep({ zones: ['temple'], side: 'left' })),
    );
    expect(boxOf(planStep({ technique: 'wait', zones: [] }))).toBeUndefined();
    expect(closeTo([40, 20, 360, 430], whole)).toEqual(whole);
  });
});
