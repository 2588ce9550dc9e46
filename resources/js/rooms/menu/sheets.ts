/** Papers that boards and cards are printed on, in millimetres, upright. */
export const PAPERS = {
  A4: { width: 210, height: 297 },
  A3: { width: 297, height: 420 },
  Letter: { width: 215.9, height: 279.4 },
  Tabloid: { width: 279.4, height: 431.8 },
} as const;

export type Paper = keyof typeof PAPERS;

/** Most printers leave so much of every edge white. */
export const MARGIN = 8;

/** An inch of paper is a minute. */
export const INCH_MM = 25.4;

/** Capitals of this font stand so high against its size. */
const CAPITAL = 0.7;

/** A letter is so wide against its size, as a rule. */
const LETTER = 0.56;

/** Capitals so high are read at two metres without effort: common practice, no source. */
export const TWO_METRES_MM = 5;

export interface PaperSize {
  width: number;
  height: number;
}

export function sizeOf(paper: Paper, lies: boolean): PaperSize {
  const { width, height } = PAPERS[paper];

  return lies ? { width: height, height: width } : { width, height };
}

export interface BoardLayout extends PaperSize {
  columns: number;
  rows: number;
  /** Designs on each page. */
  perPage: number;
  /** Of a design, in millimetres. */
  cellWidth: number;
  cellHeight: number;
  /** Font size of a name, and how high its capitals stand. */
  nameMm: number;
  capitalMm: number;
}

/** Room for the board's own title. */
const TITLE_MM = 26;

/** Pictures stand upright: a design is best so much higher than wide. */
const UPRIGHT = 1.35;

/**
 * As large as so many designs can be on so many pages.
 *
 * @param longest letters of the longest word in a name, which must not be broken
 */
export function boardLayout(size: PaperSize, count: number, pages: number, longest: number): BoardLayout {
  const perPage = Math.max(1, Math.ceil(count / pages));
  const width = size.width - 2 * MARGIN;
  const height = size.height - 2 * MARGIN - TITLE_MM;
  const layouts = Array.from({ length: perPage }, (_, at) => {
    const columns = at + 1;
    const rows = Math.ceil(perPage / columns);

    return { columns, rows, cellWidth: width / columns, cellHeight: height / rows };
  });
  const worth = (one: (typeof layouts)[number]) => Math.min(one.cellWidth * UPRIGHT, one.cellHeight);
  const best = layouts.reduce((most, one) => (worth(one) > worth(most) ? one : most));
  const nameMm = Math.min((best.cellWidth - 4) / (LETTER * Math.max(4, longest)), best.cellHeight * 0.13, 16);

  return { ...size, ...best, perPage, nameMm, capitalMm: nameMm * CAPITAL };
}

/** A tape cut into strips that fit a page: from and until, in milliseconds. */
export function strips(lengthMs: number, widthMm: number): { from: number; until: number }[] {
  const each = Math.max(1, Math.floor(widthMm / INCH_MM)) * 60_000;

  return Array.from({ length: Math.max(1, Math.ceil(lengthMs / each)) }, (_, at) => ({
    from: at * each,
    until: Math.min(lengthMs, (at + 1) * each),
  }));
}

/** In groups of so many. */
export function pagesOf<T>(list: readonly T[], each: number): T[][] {
  return Array.from({ length: Math.ceil(list.length / each) }, (_, at) =>
    list.slice(at * each, (at + 1) * each),
  );
}
