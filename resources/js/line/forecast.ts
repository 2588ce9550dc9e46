import { leftToPaint, progress } from './face';
import type { FoldedLine, Ticket } from './line';

/** When a waiting child is likely to be called, to which chair, and finished. */
export interface CallTime {
  readonly ticket: Ticket;
  readonly chair: number;
  readonly callAt: number;
  readonly finishedAt: number;
}

/**
 * Every chair paints on as planned, and whoever is first in line goes to the chair that is free first (list scheduling).
 * Mirrors Core\Line\Forecast.
 */
export class Forecast {
  readonly calls: readonly CallTime[];
  /** When each chair is free for one more child after all of them. */
  private readonly freeAt: number[];

  /** @param plannedMs painting time of a design */
  constructor(
    line: FoldedLine,
    plannedMs: (design: string) => number,
    private readonly turnaroundMs: number,
    chairs: number,
    now: number,
  ) {
    this.freeAt = Array.from({ length: chairs }, (_, at) =>
      chairFreeAt(line.seatedOn(at + 1), turnaroundMs, now),
    );
    this.calls = line.queue().map((ticket) => {
      const chair = this.firstFree();
      const callAt = this.freeAt[chair] ?? now;
      const finishedAt = callAt + plannedMs(ticket.design);
      this.freeAt[chair] = finishedAt + turnaroundMs;

      return { ticket, chair: chair + 1, callAt, finishedAt };
    });
  }

  /** When a child whose name is taken now would be called. */
  nextNameCalledAt(): number {
    return this.freeAt[this.firstFree()] ?? 0;
  }

  /** When the last face of those in the line and the chairs is finished and turned around. */
  clearAt(): number {
    return Math.max(...this.freeAt);
  }

  /** How many more faces of that length are finished by the end, each chair painting one after another. */
  facesUntil(end: number, faceMs: number): number {
    const each = Math.max(1, faceMs + this.turnaroundMs);

    return this.freeAt.reduce(
      (faces, free) => faces + Math.floor(Math.max(0, end + this.turnaroundMs - free) / each),
      0,
    );
  }

  private firstFree(): number {
    return this.freeAt.indexOf(Math.min(...this.freeAt));
  }
}

function chairFreeAt(seated: Ticket | undefined, turnaroundMs: number, now: number): number {
  const face = seated?.face ?? null;
  if (face === null) {
    return now;
  }
  const painted = face.paintedAt ?? now + leftToPaint({ ...face, steps: progress(face) }, now);

  return Math.max(painted + turnaroundMs, now);
}
