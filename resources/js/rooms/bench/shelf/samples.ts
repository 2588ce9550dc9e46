import type { Placement, Shape, Technique, Zone } from '../../../api/types.gen';
import type { PaintedStep } from '../../../facemap/layers';
import { isTexture } from '../../../facemap/marks';
import { isLimb, isSided } from '../../../facemap/zones';

const named = (...hexes: string[]) => hexes.map((hex) => ({ name: '', hex }));

const TWO = named('#1d4e89', '#55c3bd');

const COLOURS: Partial<Record<Technique, ReturnType<typeof named>>> = {
  stipple: named('#3f8fc6'),
  sweep: named('#1d4e89', '#3f8fc6', '#bfe3f2'),
  blend: named('#f08a24', '#d2402f'),
  fill: named('#2f6b4f'),
  petal: named('#eda2c0', '#ffffff'),
  leaf: named('#3a8f4a', '#a4cf4a'),
  powder: named('#a98bd6'),
  lift_off: [],
  loose_glitter: [],
  glitter_gel: named('#f5cf3d'),
  gem: named('#37b3ad'),
  flower: named('#eda2c0', '#f5cf3d'),
  heart: named('#c62f2f'),
  stencil: named('#1d4e89'),
  dots: named('#fafaf7'),
};

/** A step that shows one technique on one zone. */
export const markIn = (technique: Technique, zone: Zone): PaintedStep => ({
  id: technique,
  name: technique,
  technique,
  colours: COLOURS[technique] ?? TWO.slice(0, 1),
  zones: [zone],
  side: isSided(zone) ? 'left' : 'centre',
  coats: 1,
  load: 'normal',
  count: null,
  shape: null,
  sizePercent: 100,
  turnDegrees: 0,
  guides: [],
  seen: [],
});

/** A step that shows one shape on one zone: filled, or stencilled where it is a texture. */
export const shapeIn = (shape: Shape, zone: Zone): PaintedStep => ({
  ...markIn(isTexture(shape) ? 'stencil' : 'fill', zone),
  id: shape,
  name: shape,
  shape,
  colours: named('#d2402f'),
});

export const placementOf = (zone: Zone): Placement =>
  isLimb(zone)
    ? zone === 'hand' || zone === 'fingers'
      ? 'hand'
      : 'arm'
    : isSided(zone) && zone !== 'neck'
      ? 'cheek'
      : 'full_face';
