import type { Medium, Plan, PlanStep, SpanKind, StopShown, TapeSpan } from '../api/types.gen';

/** What a piece of tape stands for. */
export type PieceKind = Medium | Extract<SpanKind, 'changeover' | 'drying'> | 'face' | 'turnaround';

export type PieceState = 'done' | 'current' | 'ahead' | 'skipped';

/** A piece of tape, from `start` on, in milliseconds on the tape's own axis. */
export interface Piece {
  id: string;
  kind: PieceKind;
  start: number;
  length: number;
  label?: string;
  /** Fill of a face. */
  tone?: string;
  state?: PieceState;
  /** How much later than its end it is still being painted, twice of ten. */
  soft?: number;
  /** For a step: its id, so that a press on the piece finds it. */
  step?: string;
}

/** One minute is one inch, and an inch is 96 CSS pixels. */
export const INCH = 96;

/** Pixels above the pieces, where their words stand in two rows. */
export const HEADROOM = 50;

/** A design's spans as pieces; each painted one bears its step's name and number. */
export function piecesOf(
  spans: readonly TapeSpan[],
  steps: readonly (Pick<PlanStep, 'id' | 'name' | 'medium'> & {
    timeMs?: number;
    eightOfTenMs?: number | null;
  })[],
): Piece[] {
  const byId = new Map(steps.map((step, index) => [step.id, { step, number: index + 1 }]));

  return spans.map((span) => {
    const known = byId.get(span.stepId);
    const painting = span.kind === 'painting';

    return {
      id: `${span.stepId} ${span.kind}`,
      kind: span.kind === 'painting' ? (known?.step.medium ?? 'brush') : span.kind,
      start: span.startMs,
      length: span.lengthMs,
      step: span.stepId,
      ...(painting && known !== undefined ? { label: `${known.number} ${known.step.name}` } : {}),
      ...(painting && known !== undefined ? softOf(known.step) : {}),
    };
  });
}

function softOf(step: { timeMs?: number; eightOfTenMs?: number | null }): { soft?: number } {
  const soft = (step.eightOfTenMs ?? 0) - (step.timeMs ?? 0);

  return soft > 0 && step.timeMs !== undefined ? { soft } : {};
}

/** A place where the tape may be torn off: what is painted up to there looks finished. */
export interface Tear {
  at: number;
  text: string;
}

/** Where a design's tape may be torn off, by the ends of the steps. */
export function tearsOf(spans: readonly TapeSpan[], stops: readonly StopShown[]): Tear[] {
  return stops.flatMap((stop) => {
    const span = spans.findLast((one) => one.stepId === stop.stepId && one.kind === 'painting');

    return span === undefined
      ? []
      : [{ at: span.startMs + span.lengthMs, text: `One may stop here, without ${stop.still.join(', ')}` }];
  });
}

const channels = (hex: string): number[] => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));

const vividness = (hex: string): number => Math.max(...channels(hex)) - Math.min(...channels(hex));

/** A quiet tint of a plan's most vivid colour, to tell faces apart on the tape of the day. */
export function toneOf(plan: Plan | undefined): string {
  const colours = plan?.steps.flatMap((step) => step.colours.map((colour) => colour.hex)) ?? [];
  const hex = colours.toSorted((a, b) => vividness(b) - vividness(a))[0] ?? '#8a94a0';

  return `rgb(${channels(hex)
    .map((channel) => Math.round(channel * 0.42 + 252 * 0.58))
    .join(' ')})`;
}

export interface Label {
  text: string;
  x: number;
  row: number;
}

/** Words that a label may shrink to, the whole of it first, its number alone last. */
function shorter(text: string): string[] {
  const words = text.split(' ');

  return words.map((_, at) => words.slice(0, words.length - at).join(' '));
}

/**
 * Places labels over their pieces in two rows, so that none covers another and no lead of the upper row crosses a word of the
 * lower one. The chosen one stands in full; one without room loses its last words, then all but its number, then that.
 *
 * @param letter width of a letter in pixels
 * @param width of the whole tape in pixels
 */
export function placeLabels(
  wanted: readonly { text: string; x: number; isChosen?: boolean }[],
  letter: number,
  width = Infinity,
): Label[] {
  const GAP = 8;
  const long = (text: string) => text.length * letter + GAP;
  const chosen = wanted.find(({ isChosen }) => isChosen === true);
  const upper: { from: number; to: number }[] = [];
  const isFree = (from: number, to: number) =>
    to <= width + GAP && upper.every((one) => to <= one.from || from >= one.to);
  const fitsBelow = (text: string, at: number) =>
    (wanted[at]?.x ?? 0) + long(text) <= (wanted[at + 1]?.x ?? width + GAP);
  const place = ({ text, x }: { text: string; x: number }): Label => {
    upper.push({ from: x, to: x + long(text) });

    return { text, x, row: 1 };
  };
  const first =
    chosen === undefined || fitsBelow(chosen.text, wanted.indexOf(chosen))
      ? undefined
      : place({ text: chosen.text, x: Math.max(0, Math.min(chosen.x, width + GAP - long(chosen.text))) });

  return wanted.flatMap((one, at) => {
    if (one === chosen && first !== undefined) {
      return [first];
    }
    if (fitsBelow(one.text, at)) {
      return [{ text: one.text, x: one.x, row: 0 }];
    }
    if (isFree(one.x, one.x + long(one.text))) {
      return [place(one)];
    }
    const short = shorter(one.text).find((text) => fitsBelow(text, at));

    return short === undefined ? [] : [{ text: short, x: one.x, row: 0 }];
  });
}

/** Distance of the printed numbers in minutes, so that they stay well apart. */
export function tickMinutes(pixelsPerMinute: number): number {
  return [1, 2, 5, 10, 15, 30, 60].find((step) => step * pixelsPerMinute >= 72) ?? 120;
}
