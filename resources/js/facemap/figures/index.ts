import type { FigurePart } from '../../api/tables.gen';
import type { Shape } from '../../api/types.gen';
import { animals } from './animals';
import { type Figure, partOf } from './figure';
import { heads } from './heads';
import { things } from './things';

/** What is drawn with parts of its own. */
export const figures = { ...heads, ...animals, ...things } satisfies Partial<Record<Shape, Figure>>;

export const figureOf = (shape: Shape): Figure | undefined =>
  (figures as Partial<Record<Shape, Figure>>)[shape];

/** The form of some parts of a figure together; undefined for what has none. */
export function partsOf(shape: Shape, parts: readonly string[]): string | undefined {
  const figure = figureOf(shape);

  return figure === undefined || parts.length === 0
    ? undefined
    : parts.map((part) => partOf(figure, part as FigurePart)).join('');
}
