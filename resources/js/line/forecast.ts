import { leftToPaint, progress } from './face';
import type { Ticket } from './line';
import type { Outlook } from './outlook';

/** When a waiting child is likely to be called, to which chair, and finished. */
export interface CallTime {
  readonly ticket: Ticket;
  readonly chair: number;
  readonly callAt: number;
  readonly finishedAt: number;
}

/**
 * Every chair paints on as planned for whoever sits there, and whoever is first in line goes to the chair that is free first
 * (list scheduling). Mirrors Core\Line\Ahead\Forecast.
 */
export class Forecast {
  readonly calls: readonly CallTime[];
  /** When each chair is free for one more child after all of them, without those to which nobody comes any more. */
  private readonly freeAt: Map<number, number>;

  /** @param first taken before all others, where that is to be tried */
  constructor(
    private readonly outlook: Outlook,
    first?: { readonly ticket: string; readonly chair: number },
  ) {
    const { line, turnaroundMs, now } = outlook;
    const free = Array.from({ length: outlook.chairs }, (_, at): [number, number] => [
      at + 1,
      chairFreeAt(line.seatedOn(at + 1), turnaroundMs, now),
    ]);
    const staffed = this.staffed(free);
    // Where nobody is meant to come any more, somebody will have to.
    this.freeAt = new Map(staffed.length === 0 ? free : staffed);
    const queue = line
      .queue()
      .sort((one, other) => Number(other.id === first?.ticket) - Number(one.id === first?.ticket));
    this.calls = queue.map((ticket) => {
      const tried = ticket.id === first?.ticket ? this.freeAt.get(first.chair) : undefined;
      const [chair, callAt] =
        tried === undefined || first === undefined ? this.soonest(ticket.wish) : [first.chair, tried];
      if (outlook.isOverdue(ticket)) {
        return { ticket, chair, callAt, finishedAt: callAt };
      }
      const finishedAt = callAt + outlook.plannedMs(ticket.design, outlook.painterAt(chair, callAt));
      const free = finishedAt + turnaroundMs;
      const next = staffed.length === 0 ? free : outlook.staffedFrom(chair, free);
      if (next === null && this.freeAt.size > 1) {
        this.freeAt.delete(chair);
      } else {
        this.freeAt.set(chair, next ?? free);
      }

      return { ticket, chair, callAt, finishedAt };
    });
  }

  /** When a child whose name is taken now would be called, by whoever is free first or by that painter. */
  nextNameCalledAt(painter: string | null = null): number {
    return this.soonest(painter)[1];
  }

  /** When the last face of those in the line and the chairs is finished and turned around. */
  clearAt(): number {
    return Math.max(...this.freeAt.values());
  }

  /** Until when all of them have waited for their last stroke, added up. */
  waitedFor(): number {
    return this.calls.reduce((sum, call) => sum + call.finishedAt, 0);
  }

  /**
   * How many more faces are finished by the end, each chair painting one after another.
   *
   * @param faceMs how long one takes, by who paints it
   */
  facesUntil(end: number, faceMs: (painter: string | null) => number): number {
    const { turnaroundMs } = this.outlook;

    return [...this.freeAt].reduce((faces, [chair, free]) => {
      const each = Math.max(1, faceMs(this.outlook.painterAt(chair, free)) + turnaroundMs);

      return faces + Math.floor(Math.max(0, end + turnaroundMs - free) / each);
    }, 0);
  }

  /** From when on somebody paints there, without chairs to which nobody comes. */
  private staffed(free: readonly [number, number][]): [number, number][] {
    return free.flatMap(([chair, at]): [number, number][] => {
      const from = this.outlook.staffedFrom(chair, at);

      return from === null ? [] : [[chair, from]];
    });
  }

  private soonest(painter: string | null): [number, number] {
    const free = [...this.freeAt];
    const wished =
      painter === null ? [] : free.filter(([chair, at]) => this.outlook.painterAt(chair, at) === painter);

    return firstFree(wished.length === 0 ? free : wished);
  }
}

function firstFree(free: readonly [number, number][]): [number, number] {
  return free.reduce((first, one) => (one[1] < first[1] ? one : first));
}

function chairFreeAt(seated: Ticket | undefined, turnaroundMs: number, now: number): number {
  const face = seated?.face ?? null;
  if (face === null) {
    return now;
  }
  const painted = face.paintedAt ?? now + leftToPaint({ ...face, steps: progress(face) }, now);

  return Math.max(painted + turnaroundMs, now);
}
