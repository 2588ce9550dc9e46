import { ENDED_SHOWN, linesPlayed, spread } from '../api/tables.gen';
import { type Face, stepTime } from './face';
import type { Ticket } from './line';
import type { Outlook } from './outlook';

/** Between when and when a child is called, 8 times of 10. Mirrors Core\Line\Ahead\Window. */
export interface Window {
  readonly from: number;
  readonly about: number;
  readonly until: number;
}

interface SeatAhead {
  readonly toPaint: number;
  readonly isShort: boolean;
  readonly elapsed: number;
  readonly turned: number;
  readonly painter: string | null;
  readonly from: number;
  readonly gaps: readonly [number, number][];
}

interface Waiting {
  readonly planned: readonly number[];
  readonly eligible: readonly number[];
  readonly isOverdue: boolean;
  /** Thousandths of such children who are not there when they are called. */
  readonly notThere: number;
}

const part = (value: number, thousandths: number) => Math.trunc((value * thousandths) / 1000);

/** Plays the line many times over. Mirrors Core\Line\Ahead\Windows, proven equal by the stories. */
export function windowsOf(outlook: Outlook): Map<string, Window> {
  const queue = outlook.line.queue();
  const pace = paceOfDay(outlook);
  const seats = seatsAhead(outlook);
  const waiting = queue.map((ticket): Waiting => {
    const wished = seats.flatMap(({ painter }, at) =>
      ticket.wish !== null && painter === ticket.wish ? [at] : [],
    );

    return {
      planned: seats.map(({ painter }) => outlook.plannedMs(ticket.design, painter)),
      eligible: wished.length === 0 ? seats.map((_, at) => at) : wished,
      isOverdue: outlook.isOverdue(ticket),
      notThere: ticket.status === 'called' ? 0 : outlook.notThere,
    };
  });
  const { most, fewest, calls: mostCalls, seed: first } = linesPlayed;
  const runs = Math.max(fewest, Math.min(most, Math.trunc(mostCalls / Math.max(1, queue.length))));
  const calls = queue.map((): number[] => []);
  let seed = first;
  for (let run = 0; run < runs && queue.length > 0; run++) {
    seed = play(seats, waiting, pace, outlook.turnaroundMs, seed, calls);
  }
  const tenth = Math.trunc(runs / 10);

  return new Map(
    queue.map(({ id }, at) => {
      const sorted = (calls[at] ?? []).sort((one, other) => one - other);
      const moment = (place: number) => outlook.now + (sorted[place] ?? 0);

      return [
        id,
        { from: moment(tenth), about: moment(Math.trunc(runs / 2)), until: moment(runs - 1 - tenth) },
      ];
    }),
  );
}

function play(
  seats: readonly SeatAhead[],
  waiting: readonly Waiting[],
  [known, unknown]: readonly [number, number],
  turnaroundMs: number,
  seed: number,
  calls: number[][],
): number {
  const draw = (below: number) => {
    seed = (seed * linesPlayed.multiplier) % linesPlayed.modulus;

    return seed % below;
  };
  const from = (table: readonly number[]) => table[draw(table.length)] ?? 1000;
  const day = known + part(from(spread.day) - 1000, unknown);
  const paces: number[] = [];
  const free = seats.map((seat) => {
    const pace = part(day, 1000 + part(from(spread.painter) - 1000, unknown));
    paces.push(pace);
    const table = seat.isShort ? spread.short : spread.face;
    const rest = seat.toPaint === 0 ? 0 : restOf(table, part(seat.toPaint, pace), seat.elapsed, draw(65_536));
    const turn = seat.turned < 0 ? 0 : restOf(spread.short, turnaroundMs, seat.turned, draw(65_536));

    return Math.max(seat.from, rest + turn);
  });
  waiting.forEach(({ planned, eligible, isOverdue, notThere }, place) => {
    const first = soonest(eligible, free);
    const now = free[first] ?? 0;
    calls[place]?.push(now);
    const isThere = draw(1000) >= notThere;
    if (isOverdue || !isThere) {
      free[first] = now + (isOverdue ? 0 : spread.lostMs);

      return;
    }
    const plan = planned[first] ?? 0;
    let face = part(part(plan, paces[first] ?? 1000), from(spread.face));
    face += draw(1000) < spread.upset ? Math.trunc(plan / 2) : 0;
    const turn = part(turnaroundMs, from(spread.short));
    free[first] = (seats[first]?.gaps ?? []).reduce(
      (at, [begins, ends]) => (at >= begins && at < ends ? ends : at),
      now + face + turn,
    );
  });

  return seed;
}

/** Of the seats that would do the one that is free first. */
function soonest(eligible: readonly number[], free: readonly number[]): number {
  return eligible.reduce(
    (first, at) => ((free[at] ?? 0) < (free[first] ?? 0) ? at : first),
    eligible[0] ?? 0,
  );
}

/** What is left of something planned, given how long it is at work. Mirrors Core\Line\Ahead\Spread::rest. */
function restOf(table: readonly number[], planned: number, elapsed: number, chance: number): number {
  const first = table.findIndex((share) => part(planned, share) > elapsed);
  if (first < 0) {
    return Math.trunc((planned * (chance % 100)) / 500);
  }
  const share = table[table.length - 1 - (chance % (table.length - first))] ?? 1000;

  return part(planned, share) - elapsed;
}

/** How the day runs, from the newest of those who went. Mirrors Core\Line\Ahead\Spread::ofDay. */
function paceOfDay({ line, turnaroundMs }: Outlook): [number, number] {
  let planned = 0;
  let taken = 0;
  let faces = 0;
  for (const { face, status, endedAt } of line.ended().slice(0, ENDED_SHOWN)) {
    if (face === null || status !== 'finished' || endedAt === null) {
      continue;
    }
    faces++;
    planned += turnaroundMs + sum(face.runs.filter((run) => run.status === 'done').map(plannedMs));
    const most = 3 * sum(face.plan.steps.map((step) => step.plannedMs)) + 600_000;
    taken += Math.min(most, Math.max(0, endedAt - face.seatedAt));
  }
  const ratio = planned === 0 ? 1000 : Math.max(500, Math.min(2000, Math.trunc((1000 * taken) / planned)));
  const known = (faces + spread.knownBefore) * 1000;

  return [
    Math.trunc((1000 * (spread.knownBefore * 1000 + faces * ratio)) / known),
    Math.max(spread.left, Math.floor(Math.sqrt(Math.trunc((spread.knownBefore * 1_000_000_000) / known)))),
  ];
}

const sum = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0);

const plannedMs = (run: Face['runs'][number]) => run.step.plannedMs;

/** The chairs that somebody paints at, or all if nobody does any more. */
function seatsAhead(outlook: Outlook): SeatAhead[] {
  const all = Array.from({ length: outlook.chairs }, (_, at) => {
    const from = outlook.staffedFrom(at + 1, outlook.now);
    const seat: SeatAhead = {
      ...faceOn(outlook.line.seatedOn(at + 1), outlook.now),
      painter: outlook.painterAt(at + 1, from ?? outlook.now),
      from: (from ?? outlook.now) - outlook.now,
      gaps: outlook.roster.gaps(at + 1, outlook.now, outlook.line.seats),
    };

    return { seat, isStaffed: from !== null };
  });
  const staffed = all.filter(({ isStaffed }) => isStaffed);

  return (staffed.length === 0 ? all : staffed).map(({ seat }) => seat);
}

function faceOn(
  ticket: Ticket | undefined,
  now: number,
): Pick<SeatAhead, 'toPaint' | 'isShort' | 'elapsed' | 'turned'> {
  const face = ticket?.face ?? null;
  if (face === null) {
    return { toPaint: 0, isShort: false, elapsed: 0, turned: -1 };
  }
  if (face.paintedAt !== null) {
    return { toPaint: 0, isShort: false, elapsed: 0, turned: Math.max(0, now - face.paintedAt) };
  }
  const pending = face.runs.filter((run) => run.status === 'pending');

  return {
    toPaint: Math.max(1, sum(pending.map(plannedMs))),
    isShort: pending.length <= 2,
    elapsed: stepTime(face, now),
    turned: 0,
  };
}
