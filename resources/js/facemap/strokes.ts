/** A point on the sheet. */
export type Point = readonly [x: number, y: number];

const round = (value: number) => Math.round(value * 10) / 10;

export const at = ([x, y]: Point): string => `${round(x)} ${round(y)}`;

export const plus = (a: Point, b: Point): Point => [a[0] + b[0], a[1] + b[1]];

export const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1]];

export const scaled = ([x, y]: Point, by: number): Point => [x * by, y * by];

export const length = ([x, y]: Point): number => Math.hypot(x, y);

/** A point at a distance and an angle in degrees, clockwise from the right as on a screen. */
export const polar = (radius: number, degrees: number): Point => [
  radius * Math.cos((degrees * Math.PI) / 180),
  radius * Math.sin((degrees * Math.PI) / 180),
];

export const turned = ([x, y]: Point, degrees: number): Point => {
  const [cos, sin] = polar(1, degrees);

  return [x * cos - y * sin, x * sin + y * cos];
};

/** Numbers from 0 to 1, both ends counted. */
export const steps = (count: number): number[] =>
  Array.from({ length: count }, (_, index) => (count === 1 ? 0.5 : index / (count - 1)));

/** Points along a cubic curve. */
export function cubic(a: Point, b: Point, c: Point, d: Point, count = 14): Point[] {
  return steps(count).map((t) => {
    const s = 1 - t;

    return [0, 1].map(
      (axis) =>
        s * s * s * (a[axis] ?? 0) +
        3 * s * s * t * (b[axis] ?? 0) +
        3 * s * t * t * (c[axis] ?? 0) +
        t * t * t * (d[axis] ?? 0),
    ) as unknown as Point;
  });
}

/** A gently bowed line between two points; `bow` is its height against its length. */
export function bowed(from: Point, to: Point, bow: number, count = 14): Point[] {
  const along = minus(to, from);
  const across: Point = [-along[1] * bow, along[0] * bow];
  const lifted = (share: number) => plus(plus(from, scaled(along, share)), across);

  return cubic(from, lifted(0.33), lifted(0.67), to, count);
}

/** Points along a spiral that winds inwards from its start. */
export function wound(centre: Point, radius: number, from: number, turns: number, count = 34): Point[] {
  return steps(count).map((t) => plus(centre, polar(radius * (1 - 0.86 * t), from + 360 * turns * t)));
}

/** The outline of a brush stroke along points; `width` gives its full width at 0 (start) to 1 (end). */
export function stroke(points: readonly Point[], width: (t: number) => number): string {
  const sides = points.map((point, index): [Point, Point] => {
    const before = points[Math.max(0, index - 1)] ?? point;
    const after = points[Math.min(points.length - 1, index + 1)] ?? point;
    const along = minus(after, before);
    const size = length(along) || 1;
    const half = width(points.length === 1 ? 0.5 : index / (points.length - 1)) / 2;
    const across: Point = [(-along[1] / size) * half, (along[0] / size) * half];

    return [plus(point, across), minus(point, across)];
  });
  const outline = [...sides.map(([one]) => one), ...sides.map(([, other]) => other).reverse()];

  return `M${outline.map(at).join('L')}Z`;
}

/** Thin, thick, thin: a brush set down, pressed and lifted. */
export const thinThickThin =
  (width: number) =>
  (t: number): number =>
    Math.max(0.6, width * Math.sin(Math.PI * t) ** 0.8);

/** Thick at the start, lifted to a point. */
export const liftedOff =
  (width: number) =>
  (t: number): number =>
    Math.max(0.5, width * (1 - t) ** 0.7);

export const circle = ([x, y]: Point, r: number): string =>
  `M${at([x - r, y])}A${round(r)} ${round(r)} 0 1 0 ${at([x + r, y])}A${round(r)} ${round(r)} 0 1 0 ${at([x - r, y])}Z`;

export const ellipse = ([x, y]: Point, rx: number, ry: number): string =>
  `M${at([x - rx, y])}A${round(rx)} ${round(ry)} 0 1 0 ${at([x + rx, y])}A${round(rx)} ${round(ry)} 0 1 0 ${at([x - rx, y])}Z`;

export const polygon = (points: readonly Point[]): string => `M${points.map(at).join('L')}Z`;

/** A press of a round brush dragged off: a round head at `head`, full sides, and a fine tail that ends at `tail`. */
export function teardrop(head: Point, tail: Point, width: number): string {
  const along = minus(tail, head);
  const size = length(along) || 1;
  const across: Point = [(-along[1] / size) * (width / 2), (along[0] / size) * (width / 2)];
  const side = (way: 1 | -1, share: number, full: number) =>
    plus(plus(head, scaled(along, share)), scaled(across, way * full));

  return (
    `M${at(side(1, 0, 1))}` +
    `C${at(side(1, 0.4, 1))} ${at(side(1, 0.78, 0.3))} ${at(tail)}` +
    `C${at(side(-1, 0.78, 0.3))} ${at(side(-1, 0.4, 1))} ${at(side(-1, 0, 1))}` +
    `A${round(width / 2)} ${round(width / 2)} 0 0 0 ${at(side(1, 0, 1))}Z`
  );
}

/** One side of a petal or leaf from its foot to its tip, so that two colours can lie side by side. */
export function petalHalf(foot: Point, tip: Point, width: number, side: 1 | -1, pointed: boolean): string {
  const along = minus(tip, foot);
  const size = length(along) || 1;
  const across: Point = [(-along[1] / size) * width * side * 0.5, (along[0] / size) * width * side * 0.5];
  const near = plus(plus(foot, scaled(along, 0.25)), scaled(across, pointed ? 1.2 : 0.8));
  const far = plus(plus(foot, scaled(along, pointed ? 0.7 : 1)), scaled(across, pointed ? 1 : 1.5));

  return `M${at(foot)}C${at(near)} ${at(far)} ${at(tip)}L${at(foot)}Z`;
}
