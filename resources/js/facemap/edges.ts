// Where a painter darkens or lights a figure: its inside edge, and its upper one (common practice, no source).
import type { Outline, Shades, Stain } from './marks';
import {
  boundsOf,
  length,
  minus,
  plus,
  type Point,
  polygon,
  sampled,
  scaled,
  stroke,
  thinThickThin,
} from './strokes';

/** A band along the inside of an edge; narrow where the figure is. */
export function shadedEdge(edge: Outline, fill: string | Shades): Stain {
  const pieces = sampled(edge.d);
  const area = pieces.reduce((sum, rim) => sum + enclosed(rim), 0);
  const round = pieces.reduce((sum, rim) => sum + travelled(rim), 0);

  return {
    ...edge,
    fill: 'none',
    stroke: typeof fill === 'string' ? fill : (fill.colours[0] ?? 'none'),
    // Half of the line lies outside, where the edge cuts it off before it is moved to its place.
    width: (1.5 * area) / Math.max(1, round),
    within: { d: edge.d },
  };
}

const travelled = (rim: readonly Point[]): number =>
  rim.reduce((sum, point, at) => sum + length(minus(point, rim[at - 1] ?? point)), 0);

/** By Gauss's formula for the area of a polygon. */
const enclosed = (rim: readonly Point[]): number =>
  Math.abs(
    rim.reduce((sum, [x, y], at) => {
      const [nextX, nextY] = rim[(at + 1) % rim.length] ?? [x, y];

      return sum + x * nextY - nextX * y;
    }, 0),
  ) / 2;

/** One stroke, thin, thick, thin, within the upper edge, on the side that the light comes from. */
export function litEdge(edge: Outline, colour: string): Stain[] {
  // Of several pieces the largest: a boat is lit on its hull, not on its mast.
  const pieces = sampled(edge.d).map((rim) => ({ rim, bounds: boundsOf(polygon(rim)) }));
  const { rim, bounds } = pieces.reduce((one, other) =>
    areaOf(other.bounds) > areaOf(one.bounds) ? other : one,
  );
  const [left, top, right, bottom] = bounds;
  const middle: Point = [(left + right) / 2, (top + bottom) / 2];
  const size = Math.min(right - left, bottom - top);
  const lowest = rim.reduce((low, [, y], at) => (y > (rim[low]?.[1] ?? -Infinity) ? at : low), 0);
  const isLit = ([x, y]: Point) => y < top + (bottom - top) * 0.38 && x < left + (right - left) * 0.62;
  const run = longestRun([...rim.slice(lowest), ...rim.slice(0, lowest)], isLit);
  const inner = run.map((point) => plus(middle, scaled(minus(point, middle), 0.76)));

  return travelled(inner) <= size * 0.15
    ? []
    : [{ ...edge, d: stroke(inner, thinThickThin(size * 0.075)), fill: colour, opacity: 0.92 }];
}

const areaOf = ([left, top, right, bottom]: ReturnType<typeof boundsOf>) => (right - left) * (bottom - top);

function longestRun(points: readonly Point[], isIn: (point: Point) => boolean): Point[] {
  let longest: Point[] = [];
  let run: Point[] = [];
  for (const point of points) {
    run = isIn(point) ? [...run, point] : [];
    longest = run.length > longest.length ? run : longest;
  }

  return longest;
}
