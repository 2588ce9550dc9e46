import { ENDED_SHOWN } from '../api/tables.gen';
import type {
  AskedDesign,
  ChairState,
  EndedChild,
  LineBoard,
  SeatedChild,
  WaitingChild,
} from '../api/types.gen';
import { progress } from './face';
import { type CallTime, Forecast } from './forecast';
import { Outlook } from './outlook';
import { nextFor } from './who-takes-whom';
import type { FoldedLine, Ticket } from './line';
import { Roster } from './seats';

/** What the time to come of a line hangs on, as the server told of its day. */
export function outlookOf(told: LineBoard, line: FoldedLine, now: number): Outlook {
  const designs = new Map(told.designs.map((design) => [design.id, design]));

  return new Outlook(
    line,
    (design, painter) => planFor(designs.get(design), painter).plannedMs,
    new Roster(told.roster.shifts),
    told.day.turnaroundMs,
    Math.max(1, told.day.chairs, ...line.chairs.keys()),
    now,
    told.notThere,
  );
}

/** What the screens show of a line at a moment. Mirrors App\Line\Told\LineBoard. */
export function boardOf(told: LineBoard, line: FoldedLine, now: number): LineBoard {
  const { day, menu } = told;
  const outlook = outlookOf(told, line, now);
  const forecast = new Forecast(outlook);
  const meanMs = (painter: string | null) =>
    Math.floor(
      menu.reduce((sum, offer) => sum + outlook.plannedMs(offer.designId, painter), 0) /
        Math.max(1, menu.length),
    );

  return {
    day,
    roster: told.roster,
    now,
    isOpen: line.isOpen,
    // A number that was given stays given, though its name was taken back: the server knows of it.
    nextNumber: Math.max(told.nextNumber, 1 + line.highestNumber()),
    menu,
    waiting: forecast.calls.map((call) => waiting(call, told, outlook)),
    chairs: Array.from({ length: outlook.chairs }, (_, at) => chairState(at + 1, told, outlook)),
    ended: line
      .ended()
      .slice(0, ENDED_SHOWN)
      .map((ticket) => ended(ticket, told, line)),
    finishedCount: line.finishedCount(),
    nextNameCalledAt: forecast.nextNameCalledAt(),
    clearAt: forecast.clearAt(),
    moreFaces: forecast.facesUntil(day.closesAt, meanMs),
    soldOut: [...line.soldOut],
    learning: told.learning,
    designs: told.designs,
    notThere: told.notThere,
    story: told.story,
    version: told.version,
    channel: told.channel,
  };
}

const designOf = (told: LineBoard, id: string) => told.designs.find((design) => design.id === id);

function waiting(
  { ticket, chair, callAt, finishedAt }: CallTime,
  told: LineBoard,
  outlook: Outlook,
): WaitingChild {
  const design = designOf(told, ticket.design);
  const plan = planFor(design, outlook.painterAt(chair, callAt));

  return {
    id: ticket.id,
    number: ticket.number,
    firstName: ticket.firstName,
    designId: ticket.design,
    design: design?.name ?? '',
    planId: plan.planId,
    plannedMs: plan.plannedMs,
    called: ticket.status === 'called',
    joinedAt: ticket.joinedAt,
    callAt,
    callChair: chair,
    finishedAt,
    beforeClosing: finishedAt <= told.day.closesAt,
    party: ticket.party,
    wishId: ticket.wish,
    note: ticket.note,
    calls: ticket.calls,
    overdue: outlook.isOverdue(ticket),
  };
}

function chairState(chair: number, told: LineBoard, outlook: Outlook): ChairState {
  const { line, now } = outlook;
  const ticket = line.seatedOn(chair);
  const next = nextFor(outlook, chair);

  return {
    chair,
    painterId: outlook.painterAt(chair, now),
    awayUntil: line.seats.get(chair)?.awayUntil ?? null,
    child: ticket === undefined ? null : seated(ticket, told),
    undoable: line.undoable(chair),
    next: next === null ? null : { ticketId: next.ticket, savesMs: next.saves },
  };
}

function ended(ticket: Ticket, told: LineBoard, line: FoldedLine): EndedChild {
  return {
    id: ticket.id,
    number: ticket.number,
    firstName: ticket.firstName,
    design: designOf(told, ticket.design)?.name ?? '',
    outcome: ticket.status,
    chair: ticket.chair,
    seatedAt: ticket.face?.seatedAt ?? null,
    endedAt: ticket.endedAt ?? 0,
    lastEventId: line.newestEventOf(ticket.id) ?? '',
    isPaid: ticket.paid !== null,
    freshWater: ticket.face?.parts.some(({ part }) => part === 'water') === true,
  };
}

/** What a design is painted by, for whoever paints it: the team's plan where a painter's own is not another. */
export function planFor(
  design: AskedDesign | undefined,
  painter: string | null,
): { planId: string | null; plannedMs: number } {
  return (
    design?.own.find((plan) => plan.painterId === painter) ?? {
      planId: design?.planId ?? null,
      plannedMs: design?.plannedMs ?? 0,
    }
  );
}

/** Whether one who went without a finished face can be brought back: not onto a chair that somebody else has by now. */
export function canComeBack(board: LineBoard, child: EndedChild): boolean {
  const chair = child.seatedAt === null ? undefined : board.chairs.find(({ chair }) => chair === child.chair);

  return child.outcome !== 'finished' && (chair?.child ?? null) === null;
}

function seated(ticket: Ticket, told: LineBoard): SeatedChild | null {
  const face = ticket.face;

  return face === null
    ? null
    : {
        id: ticket.id,
        number: ticket.number,
        firstName: ticket.firstName,
        designId: ticket.design,
        design: face.plan.design,
        planId: face.plan.id,
        promiseMs: told.menu.find((offer) => offer.designId === ticket.design)?.promiseMs ?? null,
        seatedAt: face.seatedAt,
        begunAt: face.begunAt,
        tappedAt: face.tappedAt,
        pausedInStepMs: face.pausedInStepMs,
        pausedAt: face.pausedAt,
        paintedAt: face.paintedAt,
        steps: progress(face),
        cautions: face.cautions === null ? null : [...face.cautions],
        pausedFor: face.pausedFor,
        parts: face.parts.map(({ part }) => part),
        isPaid: ticket.paid !== null,
      };
}
