import { NO_SHOW_MS, spread } from '../api/tables.gen';
import type { FoldedLine, Ticket } from './line';
import type { Roster } from './seats';

/** How long a design takes, by who paints it; the team's time where a painter's own is not known. */
export type PlannedMs = (design: string, painter: string | null) => number;

/** All that the time to come of a line hangs on at a moment. Mirrors Core\Line\Ahead\Outlook. */
export class Outlook {
  constructor(
    readonly line: FoldedLine,
    readonly plannedMs: PlannedMs,
    readonly roster: Roster,
    readonly turnaroundMs: number,
    readonly chairs: number,
    readonly now: number,
    /** Thousandths of the children who are not there when they are called. */
    readonly notThere: number = spread.notThere,
  ) {}

  painterAt(chair: number, at: number): string | null {
    return this.roster.painterAt(chair, at, this.line.seats);
  }

  staffedFrom(chair: number, at: number): number | null {
    return this.roster.staffedFrom(chair, at, this.line.seats);
  }

  /** Called, and not there for so long that somebody else is taken meanwhile. */
  isOverdue(ticket: Ticket): boolean {
    return ticket.status === 'called' && ticket.calledAt !== null && this.now - ticket.calledAt >= NO_SHOW_MS;
  }
}
