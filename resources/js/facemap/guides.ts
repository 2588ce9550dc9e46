import { aimOf, brushworkOf, type PaintedStep, roomFor } from './layers';
import { at, ellipse, plus, type Point, polar } from './strokes';
import { type Half, halvesOf, isSided, type Place } from './zones';

/** A thin line that shows what a mark is placed by. */
export interface GuideLine {
  key: string;
  half: Half;
  d: string;
  /** The point that is aimed at or stood on. */
  dot: Point | null;
}

const line = (from: Point, to: Point): string => `M${at(from)}L${at(to)}`;

function drawn(step: PaintedStep, room: Place, half: Half): GuideLine[] {
  const { centre, rx, ry } = room;

  return step.guides.flatMap(({ by, value }, index): GuideLine[] => {
    const key = `${half} ${index}`;
    if (by === 'clock') {
      const hand = polar(0.66, Number(value) * 30 - 90);
      const end = plus(centre, [hand[0] * rx, hand[1] * ry]);

      return [{ key, half, d: ellipse(centre, rx * 0.66, ry * 0.66) + line(centre, end), dot: end }];
    }
    if (by === 'angle') {
      const from = brushworkOf(step, room).room.centre;

      return [{ key, half, d: line(from, plus(from, polar(Math.max(rx, 36), -Number(value)))), dot: null }];
    }
    if (by === 'aim') {
      const to = aimOf(step.guides);

      return to === null ? [] : [{ key, half, d: line(brushworkOf(step, room).room.centre, to), dot: to }];
    }
    if (by === 'figure' || by === 'part') {
      return [];
    }
    const sideways = value.startsWith('inner') || value.startsWith('outer');
    const cuts = value.endsWith('half') ? [0] : [-1 / 3, 1 / 3];
    const d = cuts
      .map((cut) =>
        sideways
          ? line([centre[0] + cut * rx, centre[1] - ry], [centre[0] + cut * rx, centre[1] + ry])
          : line([centre[0] - rx, centre[1] + cut * ry], [centre[0] + rx, centre[1] + cut * ry]),
      )
      .join('');

    return [{ key, half, d, dot: null }];
  });
}

/** The guides of a step, for each half that it is painted on. */
export function guideLines(step: PaintedStep): GuideLine[] {
  if (step.guides.length === 0 || step.zones.length === 0) {
    return [];
  }
  const halves = new Set(
    step.zones.flatMap((zone) =>
      step.side === 'centre' && isSided(zone) ? (['middle'] as const) : halvesOf(zone, step.side),
    ),
  );

  return [...halves].flatMap((half) => {
    const zones = step.zones.filter((zone) => half === 'middle' || isSided(zone));

    return drawn(step, roomFor(zones, half), half);
  });
}
