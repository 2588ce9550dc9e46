import { takingWhom } from '../api/tables.gen';
import { Forecast } from './forecast';
import type { Ticket } from './line';
import type { Outlook } from './outlook';

/** Which child a chair takes next, and what all who wait gain together by it. Mirrors Core\Line\Ahead\NextChild. */
export interface NextChild {
  readonly ticket: string;
  readonly chair: number;
  readonly saves: number;
}

/** Whom a chair takes next: mostly whoever stands in front. Mirrors Core\Line\Ahead\WhoTakesWhom. */
export function nextFor(outlook: Outlook, chair: number): NextChild | null {
  const eligible = eligibleFor(outlook, chair).slice(0, takingWhom.lookedAt);
  const front = eligible[0];
  if (front === undefined) {
    return null;
  }
  let taken: NextChild = { ticket: front.id, chair, saves: 0 };
  const face = outlook.line.seatedOn(chair)?.face ?? null;
  if (outlook.chairs === 1 || (face !== null && face.paintedAt === null)) {
    return taken;
  }
  const usual = new Forecast(outlook, taken);
  for (const ticket of eligible.slice(1)) {
    const other = new Forecast(outlook, { ticket: ticket.id, chair });
    const saves = usual.waitedFor() - other.waitedFor();
    if (
      saves >= Math.max(takingWhom.worthMs, taken.saves + 1) &&
      passed(usual, other) <= takingWhom.mostPassedMs
    ) {
      taken = { ticket: ticket.id, chair, saves };
    }
  }

  return taken;
}

function eligibleFor(outlook: Outlook, chair: number): Ticket[] {
  const queue = outlook.line.queue();
  const here = queue.filter((ticket) => !outlook.isOverdue(ticket) && mayTake(outlook, ticket, chair));

  return here.length === 0 ? queue.slice(0, 1) : here;
}

function mayTake(outlook: Outlook, { wish }: Ticket, chair: number): boolean {
  const painter = (at: number) => outlook.painterAt(at, outlook.now);

  return (
    wish === null ||
    painter(chair) === wish ||
    !Array.from({ length: outlook.chairs }, (_, at) => painter(at + 1)).includes(wish)
  );
}

/** How much later than otherwise anybody is called. */
function passed(usual: Forecast, other: Forecast): number {
  const calls = new Map(other.calls.map((call) => [call.ticket.id, call.callAt]));

  return Math.max(0, ...usual.calls.map((call) => (calls.get(call.ticket.id) ?? 0) - call.callAt));
}
