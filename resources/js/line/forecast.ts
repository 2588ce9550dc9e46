import { leftToPaint, progress } from './face';
import type { FoldedLine, Ticket } from './line';
import type { Roster } from './seats';

/** When a waiting child is likely to be called, to which chair, and finished. */
export interface CallTime {
  readonly ticket: Ticket;
  readonly chair: number;
  readonly callAt: number;
  readonly finishedAt: number;
}

/** How long a design takes, by who paints it; the team's time where a painter's own is not known. */
export type PlannedMs = (design: string, painter: string | null) => number;

/**
 * Every chair paints on as planned for whoever sits there, and whoever is first in line goes to the chair that is free first
 * (list scheduling). Mirrors Core\Line\Forecast.
 */
export class Forecast {
  readonly calls: readonly CallTime[];
  /** When each chair is free for one more child after all of them, without those to which nobody comes any more. */
  private readonly freeAt: Map<number, number>;

  constructor(
    private readonly line: FoldedLine,
    plannedMs: PlannedMs,
    private readonly roster: Roster,
    private readonly turnaroundMs: number,
    chairs: number,
    now: number,
  ) {
    const free = Array.from({ length: chairs }, (_, at): [number, number] => [
      at + 1,
      chairFreeAt(line.seatedOn(at + 1), turnaroundMs, now),
    ]);
    const staffed = this.staffed(free);
    // Where nobody is meant to come any more, somebody will have to.
    this.freeAt = new Map(staffed.length === 0 ? free : staffed);
    this.calls = line.queue().map((ticket) => {
      const [chair, callAt] = this.firstFree();
      const finishedAt = callAt + plannedMs(ticket.design, this.painterAt(chair, callAt));
      const free = finishedAt + turnaroundMs;
      const next = staffed.length === 0 ? free : this.staffedFrom(chair, free);
      if (next === null && this.freeAt.size > 1) {
        this.freeAt.delete(chair);
      } else {
        this.freeAt.set(chair, next ?? free);
      }

      return { ticket, chair, callAt, finishedAt };
    });
  }

  /** When a child whose name is taken now would be called. */
  nextNameCalledAt(): number {
    return this.firstFree()[1];
  }

  /** When the last face of those in the line and the chairs is finished and turned around. */
  clearAt(): number {
    return Math.max(...this.freeAt.values());
  }

  /**
   * How many more faces are finished by the end, each chair painting one after another.
   *
   * @param faceMs how long one takes, by who paints it
   */
  facesUntil(end: number, faceMs: (painter: string | null) => number): number {
    return [...this.freeAt].reduce((faces, [chair, free]) => {
      const each = Math.max(1, faceMs(this.painterAt(chair, free)) + this.turnaroundMs);

      return faces + Math.floor(Math.max(0, end + this.turnaroundMs - free) / each);
    }, 0);
  }

  /** From when on somebody paints there, without chairs to which nobody comes. */
  private staffed(free: readonly [number, number][]): [number, number][] {
    return free.flatMap(([chair, at]): [number, number][] => {
      const from = this.staffedFrom(chair, at);

      return from === null ? [] : [[chair, from]];
    });
  }

  private staffedFrom(chair: number, at: number): number | null {
    return this.roster.staffedFrom(chair, at, this.line.seats);
  }

  private painterAt(chair: number, at: number): string | null {
    return this.roster.painterAt(chair, at, this.line.seats);
  }

  private firstFree(): [number, number] {
    return [...this.freeAt].reduce((first, one) => (one[1] < first[1] ? one : first));
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
