import type { FigurePart } from '../../api/tables.gen';
import type { Form } from '../shapes';
import { bowed, circle, ellipse, type Point, polygon, sampled, stroke, united } from '../strokes';

/** A part of a figure, in the figure's box from -50 to 50. */
export interface PartForm {
  part: FigurePart;
  d: string;
  /** How it is seen where all of the figure is painted in one colour: as its silhouette, by its edge, in ink, or only where it is named. */
  as: 'base' | 'edge' | 'ink' | 'spare';
}

/** What a figure is made of, from back to front. */
export type Figure = readonly PartForm[];

export const base = (part: FigurePart, ...d: string[]): PartForm => ({ part, d: d.join(''), as: 'base' });
export const edge = (part: FigurePart, ...d: string[]): PartForm => ({ part, d: d.join(''), as: 'edge' });
export const ink = (part: FigurePart, ...d: string[]): PartForm => ({ part, d: d.join(''), as: 'ink' });

export const spare = (part: FigurePart, ...d: string[]): PartForm => ({ part, d: d.join(''), as: 'spare' });

export const mirrored = (d: string): string =>
  sampled(d)
    .map((points) => polygon(points.map(([x, y]): Point => [-x, y])))
    .join('');

/** The same on both sides. */
export const pair = (d: string): string => d + mirrored(d);

export const disc = (x: number, y: number, r: number): string => circle([x, y], r);
export const oval = (x: number, y: number, rx: number, ry: number): string => ellipse([x, y], rx, ry);

/** A level or leaning oval. */
export const leaning = (x: number, y: number, rx: number, ry: number, degrees: number): string => {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];

  return polygon(
    sampled(ellipse([0, 0], rx, ry))
      .flat()
      .map(([px, py]): Point => [x + px * cos - py * sin, y + px * sin + py * cos]),
  );
};

/** A line of one width along a path, which may have several pieces. */
export const drawn = (d: string, width = 3): string =>
  sampled(d)
    .map((points) => stroke(points, () => width))
    .join('');

/** A straight or bowed line. */
export const line = (from: Point, to: Point, width = 3, bow = 0): string =>
  stroke(bowed(from, to, bow), () => width);

export const box = (x: number, y: number, width: number, height: number): string =>
  `M${x} ${y}H${x + width}V${y + height}H${x}Z`;

/** With rounded corners. */
export const card = (x: number, y: number, w: number, h: number, r: number): string =>
  `M${x + r} ${y}H${x + w - r}A${r} ${r} 0 0 1 ${x + w} ${y + r}V${y + h - r}A${r} ${r} 0 0 1 ${x + w - r} ${y + h}H${x + r}A${r} ${r} 0 0 1 ${x} ${y + h - r}V${y + r}A${r} ${r} 0 0 1 ${x + r} ${y}Z`;

/** All of a figure as one form: its silhouette, and its pieces as they lie on each other. */
export function formOf(figure: Figure): Form {
  const shown = figure.filter(({ as }) => as !== 'spare');

  return { d: united(...shown.filter(({ as }) => as === 'base').map(({ d }) => d)), pieces: shown };
}

/** Where a part stands that the figure is not drawn with: a small mark where it would be looked for. */
const USUAL_PLACES: Partial<Record<FigurePart, string>> = {
  eye: disc(-8, -14, 4) + disc(10, -14, 4),
  pupil: disc(-8, -14, 2) + disc(10, -14, 2),
  nose: disc(1, -4, 4),
  mouth: line([-9, 4], [11, 4], 3, 0.2),
  tongue: oval(1, 10, 4, 6),
  teeth: box(-4, 4, 4, 5) + box(2, 4, 4, 5),
  ear: disc(-24, -34, 9) + disc(24, -34, 9),
  inner_ear: disc(-24, -34, 5) + disc(24, -34, 5),
  head: disc(0, -18, 20),
  body: oval(0, 14, 26, 24),
  belly: oval(0, 18, 15, 15),
  tail: line([28, 24], [46, 4], 6, 0.3),
  leg: box(-16, 34, 8, 14) + box(10, 34, 8, 14),
  foot: oval(-12, 46, 9, 4) + oval(14, 46, 9, 4),
  arm: line([-24, 8], [-42, 22], 6) + line([24, 8], [42, 22], 6),
  wing: leaning(-30, 2, 8, 20, 30) + leaning(30, 2, 8, 20, -30),
  horn: 'M-14 -34L-20 -50L-6 -40ZM14 -34L20 -50L6 -40Z',
  spikes: 'M-20 -30L-14 -46L-8 -32ZM-4 -34L2 -50L8 -34ZM12 -32L18 -46L24 -28Z',
  hair: line([-12, -36], [-6, -48], 3) + line([0, -38], [0, -50], 3) + line([12, -36], [6, -48], 3),
};

/** The form of a part; a small mark where the figure has none. */
export const partOf = (figure: Figure, part: FigurePart): string =>
  figure
    .filter((one) => one.part === part)
    .map(({ d }) => d)
    .join('') ||
  (USUAL_PLACES[part] ?? disc(0, 0, 7));
