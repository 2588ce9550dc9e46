/** What a card reader says. */
export type CardAnswer = 'approved' | 'declined' | 'timed out';

/** A card reader as the chair needs it; a real one takes the stand-in's place. */
export interface CardReader {
  /** @param cents in the smallest unit of the currency */
  take(cents: number, signal: AbortSignal): Promise<CardAnswer>;
}

/** Ships with the app: answers as it is told to beforehand, after a moment. */
export class ScriptedCardReader implements CardReader {
  constructor(
    private readonly answer: () => CardAnswer,
    private readonly momentMs = 900,
  ) {}

  take(_cents: number, signal: AbortSignal): Promise<CardAnswer> {
    return new Promise((resolve) => {
      const waiting = setTimeout(() => resolve(this.answer()), this.momentMs);
      signal.addEventListener('abort', () => {
        clearTimeout(waiting);
        resolve('timed out');
      });
    });
  }
}

/**
 * What is handed back, largest first, of what a purse holds.
 *
 * @param change in the smallest unit
 * @param coins notes and coins, in the smallest unit
 */
export function changeIn(change: number, coins: readonly number[]): { coin: number; many: number }[] {
  let left = change;

  return coins
    .toSorted((one, other) => other - one)
    .map((coin) => {
      const many = Math.floor(left / coin);
      left -= many * coin;

      return { coin, many };
    })
    .filter(({ many }) => many > 0);
}

/** Notes a parent is likely to hand over for an amount: the next round ones above it. */
export function likelyNotes(cents: number, unit: number): number[] {
  const notes = [5, 10, 20, 50, 100].map((note) => note * unit);

  return notes.filter((note) => note > cents).slice(0, 3);
}
