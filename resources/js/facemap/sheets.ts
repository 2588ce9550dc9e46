import type { Placement, Side } from '../api/types.gen';
import { sampled } from './strokes';

export const FACE =
  'M200 66C282 66 336 128 336 214C336 268 324 316 298 356C272 398 238 428 200 428C162 428 128 398 102 356C76 316 64 268 64 214C64 128 118 66 200 66Z';

const rim = sampled(FACE).flat();

/** How far out the face reaches at a height, on the child's left. */
export function rimAt(y: number): number {
  const at = rim.findIndex(([, below], index) => index > 0 && below >= y && (rim[index - 1]?.[1] ?? y) <= y);
  const [from, to] = [rim[at - 1], rim[at]];
  if (from === undefined || to === undefined) {
    return 200;
  }

  return from[0] + ((to[0] - from[0]) * (y - from[1])) / (to[1] - from[1] || 1);
}

export const EAR = 'M330 222C346 202 368 216 366 246C364 276 346 294 330 284Z';

export const NECK = 'M148 392C148 420 142 438 120 452V480H280V452C258 438 252 420 252 392Z';

export const LIMB =
  'M144 -10C134 70 138 130 146 170C150 220 160 262 166 300C167 316 166 326 164 334C148 348 140 368 134 384C126 404 112 420 116 432C122 442 138 428 150 404C148 430 154 450 166 452C174 454 178 438 180 424C180 448 184 468 194 468C204 468 206 448 206 424C208 446 214 462 223 460C232 458 233 438 231 420C236 432 242 442 248 438C256 432 254 410 250 392C254 366 250 346 236 334C234 326 233 316 234 300C240 262 250 220 254 170C262 130 266 70 256 -10Z';

export const EYE = 'M218 242C232 219 286 219 304 242C288 262 234 262 218 242Z';

export const MOUTH =
  'M163 342C178 334 192 333 200 337C208 333 222 334 237 342C228 364 213 372 200 372C187 372 172 364 163 342Z';

/** What of the sheet is shown: [x, y, width, height]. */
export type Window = [number, number, number, number];

const WHOLE: Window = [36, 10, 328, 430];

const WINDOWS: Record<Placement, Window> = {
  full_face: WHOLE,
  mask: WHOLE,
  cheek: [176, 158, 196, 257],
  brow: [58, 42, 284, 300],
  eye: [176, 120, 190, 220],
  nose: [78, 126, 244, 280],
  arm: [104, -6, 192, 472],
  hand: [100, 250, 200, 226],
};

/** A design for one cheek or eye shows that side; one for both shows the whole face. */
export function windowOf(placement: Placement, sides: readonly Side[]): Window {
  const [x, y, width, height] = WINDOWS[placement];
  if (placement !== 'cheek' && placement !== 'eye') {
    return [x, y, width, height];
  }
  const shown = new Set(sides);
  if (shown.has('both') || shown.has('centre') || (shown.has('left') && shown.has('right'))) {
    return WHOLE;
  }

  return shown.has('right') ? [400 - x - width, y, width, height] : [x, y, width, height];
}

/** As near as still shows all of what lies in a box, [left, top, right, bottom], and something round it. */
export function closeTo(box: [number, number, number, number], whole: Window): Window {
  const [left, top, right, bottom] = box;
  const [x, y, width, height] = whole;
  const share = Math.min(
    1,
    Math.max(NEAREST, ((right - left) * 1.5) / width, ((bottom - top) * 1.5) / height),
  );
  const within = (middle: number, from: number, long: number) =>
    Math.min(from + long * (1 - share), Math.max(from, middle - (long * share) / 2));

  return [
    within((left + right) / 2, x, width),
    within((top + bottom) / 2, y, height),
    width * share,
    height * share,
  ];
}

/** Nearer than this, against the whole, nobody sees where on the face they are. */
const NEAREST = 0.36;
