import type { ShiftShown, ToldTap } from '../api/types.gen';
import { NEVER } from '../api/tables.gen';
import { TapSetAside } from './aside';

/** Who sits at a chair to paint, as was tapped there. Mirrors Core\Line\Seating\Seat. */
export interface Seat {
  readonly painter: string | null;
  /** null while nobody has said. */
  readonly since: number | null;
  readonly awayUntil: number | null;
}

/** By chair, of those of which something is known. Mirrors Core\Line\Seating\Seats. */
export type Seats = ReadonlyMap<number, Seat>;

/** The seats after a tap of the roster. */
export function seatsAfter(seats: Seats, tap: ToldTap): Seats {
  const chair = tap.chair ?? 0;
  const seat = seats.get(chair);
  switch (tap.kind) {
    case 'chair_taken':
      if (seat?.painter != null && seat.painter !== tap.painter) {
        throw new TapSetAside(`Somebody else sits at chair ${chair}. Let them hand over.`);
      }

      return sitting(seats, chair, tap);
    case 'handed_over':
      return sitting(seats, chair, tap);
    case 'break_began':
      if (seat?.awayUntil != null) {
        throw new TapSetAside(`Chair ${chair} is on a break already.`);
      }

      return changed(seats, chair, {
        ...(seat ?? { painter: null, since: null }),
        awayUntil: tap.until ?? tap.at,
      });
    default:
      if (seat?.awayUntil == null) {
        throw new TapSetAside(`Chair ${chair} is not on a break.`);
      }

      return changed(seats, chair, { ...seat, awayUntil: null });
  }
}

function sitting(seats: Seats, chair: number, tap: ToldTap): Seats {
  const painter = tap.painter ?? '';

  const sat = (by: string | null): Seat => ({ painter: by, since: tap.at, awayUntil: null });
  const others = [...seats].map(([at, seat]): [number, Seat] => [
    at,
    seat.painter === painter ? sat(null) : seat,
  ]);

  return changed(new Map(others), chair, sat(painter));
}

function changed(seats: Seats, chair: number, seat: Seat): Seats {
  return new Map([...seats, [chair, seat]]);
}

/**
 * Who is meant to sit at which chair from when. What was tapped at a chair goes before what was meant, until the next shift.
 * Mirrors Core\Line\Seating\Roster.
 */
export class Roster {
  private readonly shifts: readonly ShiftShown[];

  constructor(shifts: readonly ShiftShown[]) {
    this.shifts = shifts.toSorted((one, other) => one.from - other.from);
  }

  /** Who sits there at that moment; null where nobody does, or nothing is known. */
  painterAt(chair: number, at: number, seats: Seats): string | null {
    const shift = this.shiftAt(chair, at);
    const seat = seats.get(chair);
    if (seat?.since != null && (shift === undefined || shift.from <= seat.since)) {
      return seat.painter;
    }

    return shift === undefined || hasElsewhere(seats, shift) ? null : shift.painterId;
  }

  /** From when on somebody paints there, not before that moment; null where nobody comes any more. */
  staffedFrom(chair: number, at: number, seats: Seats): number | null {
    const seat = seats.get(chair);
    const from = Math.max(at, seat?.awayUntil ?? at);
    const isUnknown = seat?.since == null && this.shiftAt(chair, from) === undefined;
    if (isUnknown || this.painterAt(chair, from, seats) !== null) {
      return from;
    }

    return (
      this.shifts.find((shift) => shift.chair === chair && shift.painterId !== null && shift.from > from)
        ?.from ?? null
    );
  }

  /** When nobody is meant to paint there, later on: from and until, in milliseconds from that moment. */
  gaps(chair: number, from: number, seats: Seats): [number, number][] {
    return this.shifts
      .filter(
        (shift) =>
          shift.chair === chair && shift.from > from && this.painterAt(chair, shift.from, seats) === null,
      )
      .map((shift) => {
        const back = this.staffedFrom(chair, shift.from, seats);

        return [shift.from - from, back === null ? NEVER : back - from];
      });
  }

  private shiftAt(chair: number, at: number): ShiftShown | undefined {
    return this.shifts.findLast((shift) => shift.chair === chair && shift.from <= at);
  }
}

/** Whether whoever is meant to sit there sits at another chair since then or later. */
function hasElsewhere(seats: Seats, { chair, painterId, from }: ShiftShown): boolean {
  return [...seats].some(
    ([other, seat]) =>
      other !== chair && seat.painter === painterId && seat.since !== null && from <= seat.since,
  );
}
