import type { Piece } from './tape';

/** How far a press must wander, in pixels, before it is a drag and not a tap. */
const WANDER = 5;

/** What the hand does to a piece of tape: carries it to another place, or pulls its end. */
export type Grip = 'carry' | 'pull';

export interface Held {
  step: string;
  grip: Grip;
  /** Pixels from where it was taken. */
  by: number;
  /** Whether it wandered far enough to count. */
  isDrag: boolean;
}

export interface TapeWork {
  /** Painted pieces in their order. */
  pieces: () => readonly Piece[];
  pixelsPerMinute: () => number;
  /** @param to place among the steps, the first being 0 */
  carry: (step: string, to: number) => void;
  /** @param milliseconds of the step's own */
  pull: (step: string, milliseconds: number) => void;
}

/** A piece of tape in the hand: where it would be dropped, how long it would get. */
export class TapeHandling {
  held = $state.raw<Held | null>(null);
  private from = 0;

  constructor(private readonly work: TapeWork) {}

  /** The place among the steps where the carried piece would lie. */
  readonly dropAt: number | null = $derived.by(() => {
    const { held } = this;
    if (held === null || held.grip !== 'carry' || !held.isDrag) {
      return null;
    }
    const middle = (piece: Piece) => piece.start + piece.length / 2;
    const carried = this.work.pieces().find((piece) => piece.step === held.step);
    if (carried === undefined) {
      return null;
    }
    const at = middle(carried) + this.asTime(held.by);

    return this.work.pieces().filter((piece) => piece.step !== held.step && middle(piece) < at).length;
  });

  /** How long the pulled piece would get, in whole seconds, one at least. */
  readonly pulledMs: number | null = $derived.by(() => {
    const { held } = this;
    const piece = this.work.pieces().find((one) => one.step === held?.step);
    if (held === null || held.grip !== 'pull' || !held.isDrag || piece === undefined) {
      return null;
    }

    return Math.max(1, Math.round((piece.length + this.asTime(held.by)) / 1000)) * 1000;
  });

  take(step: string, grip: Grip, x: number): void {
    this.from = x;
    this.held = { step, grip, by: 0, isDrag: false };
  }

  move(x: number): void {
    const { held } = this;
    if (held !== null) {
      const by = x - this.from;
      this.held = { ...held, by, isDrag: held.isDrag || Math.abs(by) > WANDER };
    }
  }

  /** True when it was a drag, and has been carried out. */
  drop(): boolean {
    const { held, dropAt, pulledMs } = this;
    this.held = null;
    if (held !== null && dropAt !== null) {
      this.work.carry(held.step, dropAt);
    }
    if (held !== null && pulledMs !== null) {
      this.work.pull(held.step, pulledMs);
    }

    return held?.isDrag ?? false;
  }

  letGo(): void {
    this.held = null;
  }

  private asTime(pixels: number): number {
    return (pixels * 60_000) / this.work.pixelsPerMinute();
  }
}
