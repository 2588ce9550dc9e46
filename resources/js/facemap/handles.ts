import type { PlacingGuide } from '../api/types.gen';
import { brushworkOf, groupsOf, guided, isMark, onSheet, type PaintedStep, roomFor } from './layers';
import { reachOf } from './marks';
import { length, minus, plus, type Point, polar } from './strokes';
import { type Half, landmarks } from './zones';

/** Where a mark can be taken: its middle, its corner for the size, and a point above it for the turn; points on the whole sheet. */
export interface Handles {
  middle: Point;
  corner: Point;
  top: Point;
}

/** Within this share of the room a mark stands in its middle, and by no hour. */
const IN_THE_MIDDLE = 0.33;
const SIZE_STEP = 5;
const TURN_STEP = 5;
const [LEAST_SIZE, MOST_SIZE] = [10, 400];
/** How far out the point for the turn stands, against the mark's own reach. */
const ABOVE = 1.5;

/** A mark that is moved as one: of a shape, or on a single place. */
const isOne = (step: PaintedStep) => isMark(step) && (step.shape !== null || step.zones.length === 1);

function halfOf(step: PaintedStep): Half | undefined {
  const halves = [...groupsOf(step).keys()];

  return halves.includes('left') ? 'left' : halves[0];
}

function worked(step: PaintedStep, half: Half) {
  const zones = groupsOf(step).get(half) ?? [];
  const whole = roomFor(zones, half);
  const work = brushworkOf(step, whole);

  return { whole, work, reach: Math.max(12, reachOf(work)) };
}

/** Where a step is painted, on one side where it is on both: [left, top, right, bottom] of the sheet; undefined where it is nowhere. */
export function boxOf(step: PaintedStep): [number, number, number, number] | undefined {
  const half = halfOf(step);
  if (half === undefined) {
    return undefined;
  }
  const { centre, rx, ry } = roomFor(groupsOf(step).get(half) ?? [], half);
  const [x, y] = onSheet(half, centre);

  return [x - rx, y - ry, x + rx, y + ry];
}

/** Strokes that run towards something, and can be pulled to it. */
const AIMED: readonly PaintedStep['technique'][] = ['teardrop', 'stripe', 'line'];
/** So near to a point to aim at it is meant. */
const AT_A_POINT = 22;
const ANGLE_STEP = 15;

/** Where strokes run to, as a point on the sheet; undefined for what has no direction. */
export function aimHandleOf(step: PaintedStep): Point | undefined {
  const half = halfOf(step);
  if (half === undefined || step.shape !== null || !AIMED.includes(step.technique)) {
    return undefined;
  }
  const { work } = worked(step, half);
  const far = Math.max(work.room.rx, work.room.ry, 20);

  return onSheet(
    half,
    work.aim ?? plus(work.room.centre, polar(far, work.angle === null ? 90 : -work.angle)),
  );
}

/** The guides by which strokes run to a point: a place of the face near it, else the angle it lies at. */
export function aimedAt(step: PaintedStep, point: Point): Pick<PlacingGuide, 'by' | 'value'>[] {
  const half = halfOf(step) ?? 'left';
  const others = step.guides.filter(({ by }) => by !== 'aim' && by !== 'angle');
  const to = onSheet(half, point);
  const [nearest] = Object.entries(landmarks)
    .map(([name, at]) => ({ name, far: length(minus(at, to)) }))
    .toSorted((one, other) => one.far - other.far);
  if (nearest !== undefined && nearest.far <= AT_A_POINT) {
    return [...others, { by: 'aim', value: nearest.name }];
  }
  const [x, y] = minus(to, worked(step, half).work.room.centre);
  const degrees = ANGLE_STEP * Math.round((Math.atan2(-y, x) * 180) / Math.PI / ANGLE_STEP);

  return [...others, { by: 'angle', value: String(degrees === -180 ? 180 : degrees) }];
}

/** undefined where there is no one mark to take. */
export function handlesOf(step: PaintedStep): Handles | undefined {
  const half = halfOf(step);
  if (half === undefined || !isOne(step)) {
    return undefined;
  }
  const { work, reach } = worked(step, half);
  const { centre } = work.room;
  const turned = (degrees: number, far: number) =>
    onSheet(half, plus(centre, polar(reach * far, degrees + step.turnDegrees)));

  return { middle: onSheet(half, centre), corner: turned(45, 1.15), top: turned(-90, ABOVE) };
}

/** The guides by which the mark stands nearest to a point: an hour of its place's clock, or none. */
export function movedTo(step: PaintedStep, point: Point): Pick<PlacingGuide, 'by' | 'value'>[] {
  const half = halfOf(step) ?? 'left';
  const others = step.guides.filter(({ by }) => by !== 'clock');
  const { centre, rx, ry } = guided(worked(step, half).whole, others);
  const [x, y] = minus(onSheet(half, point), centre);
  const [u, v] = [x / rx, y / ry];
  if (Math.hypot(u, v) < IN_THE_MIDDLE) {
    return others;
  }
  const hour = Math.round((Math.atan2(v, u) * 6) / Math.PI + 3);

  return [...others, { by: 'clock', value: String(((hour + 11) % 12) + 1) }];
}

/** The size, in hundredths, by which the corner lies nearest to a point. */
export function sizedTo(step: PaintedStep, point: Point): number {
  const sizes = Array.from(
    { length: (MOST_SIZE - LEAST_SIZE) / SIZE_STEP + 1 },
    (_, index) => LEAST_SIZE + index * SIZE_STEP,
  );
  const farOff = (sizePercent: number) => {
    const corner = handlesOf({ ...step, sizePercent })?.corner;

    return corner === undefined ? Infinity : length(minus(corner, point));
  };

  return sizes.reduce((best, size) => (farOff(size) < farOff(best) ? size : best), step.sizePercent);
}

/** The turn, in degrees, by which the point above the mark lies in the direction of a point. */
export function turnedTo(step: PaintedStep, point: Point): number {
  const half = halfOf(step) ?? 'left';
  const [x, y] = minus(onSheet(half, point), worked(step, half).work.room.centre);
  const turn = TURN_STEP * Math.round(((Math.atan2(y, x) * 180) / Math.PI + 90) / TURN_STEP);

  return turn > 180 ? turn - 360 : turn;
}
