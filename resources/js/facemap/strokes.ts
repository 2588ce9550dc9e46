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

export const star = (points: number, outer: number, inner: number): string =>
  polygon(
    Array.from({ length: points * 2 }, (_, index) =>
      polar(index % 2 === 0 ? outer : inner, -90 + (index * 180) / points),
    ),
  );

/** Points at equal angles round the middle. */
export const around = (count: number, radius: number, from = -90): Point[] =>
  Array.from({ length: count }, (_, index) => polar(radius, from + (index * 360) / count));

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

/** A path's subpaths as points. Of the commands M, L, H, V, C, Q, A and Z with numbers counted from the sheet's corner. */
export function sampled(d: string): Point[][] {
  const paths: Point[][] = [];
  let from: Point = [0, 0];
  for (const [, command = '', rest = ''] of d.matchAll(/([MLHVCQAZ])([^MLHVCQAZ]*)/gu)) {
    const numbers = [...rest.matchAll(/-?[\d.]+/gu)].map(([number]) => Number(number));
    const size = { M: 2, L: 2, H: 1, V: 1, C: 6, Q: 4, A: 7 }[command] ?? 0;
    for (let first = 0; size > 0 && first + size <= numbers.length; first += size) {
      const stretch = reached(command, from, numbers.slice(first, first + size));
      if (command === 'M' && first === 0) {
        paths.push([]);
      }
      paths.at(-1)?.push(...stretch);
      from = stretch.at(-1) ?? from;
    }
  }

  return paths;
}

/** The points that one command of a path goes through. */
function reached(
  command: string,
  from: Point,
  [a = 0, b = 0, c = 0, e = 0, f = 0, g = 0, h = 0]: number[],
): Point[] {
  switch (command) {
    case 'H':
      return [[a, from[1]]];
    case 'V':
      return [[from[0], a]];
    case 'C':
      return cubic(from, [a, b], [c, e], [f, g]).slice(1);
    case 'Q': {
      const near = (end: Point): Point => plus(scaled(end, 1 / 3), scaled([a, b], 2 / 3));

      return cubic(from, near(from), near([c, e]), [c, e]).slice(1);
    }
    case 'A':
      return arc(from, [g, h], [a, b], f === 1, e === 1);
    default:
      return [[a, b]];
  }
}

/** Points of a level elliptic arc, by its ends as SVG 2 has it (appendix B.2.4). */
function arc(from: Point, to: Point, [rx, ry]: Point, isClockwise: boolean, isLarge: boolean): Point[] {
  // Stretched to a circle.
  const round = ([x, y]: Point): Point => [x, (y * rx) / ry];
  const [start, end] = [round(from), round(to)];
  const half = scaled(minus(end, start), 0.5);
  const chord = length(half) || 1;
  const away = Math.sqrt(Math.max(0, rx * rx - chord * chord)) * (isLarge === isClockwise ? -1 : 1);
  const centre = plus(plus(start, half), scaled([-half[1] / chord, half[0] / chord], away));
  const angleOf = (point: Point) => Math.atan2(point[1] - centre[1], point[0] - centre[0]);
  const turn = (angleOf(end) - angleOf(start)) / (2 * Math.PI);
  const sweep = isClockwise ? turn - Math.floor(turn) : turn - Math.ceil(turn);

  return steps(13).map((t) => {
    const [x, y] = plus(centre, turned(minus(start, centre), 360 * sweep * t));

    return [x, (y * ry) / rx];
  });
}

/** How far a path reaches: [left, top, right, bottom]. */
export function boundsOf(d: string): [number, number, number, number] {
  const points = sampled(d).flat();
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];

  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

/** Pieces as one path that is filled wherever any of them lies, whichever way round each is drawn. */
export const united = (...pieces: string[]): string =>
  sampled(pieces.join(''))
    .filter((points) => points.length > 2)
    .map((points) => {
      const area = points.reduce((sum, [x, y], index) => {
        const [nextX, nextY] = points[(index + 1) % points.length] ?? [x, y];

        return sum + x * nextY - nextX * y;
      }, 0);

      return polygon(area > 0 ? points : [...points].reverse());
    })
    .join('');
