import type { ToldPlan } from '../api/types.gen';
import { type Face, trimmedTo } from './face';
import { Forecast } from './forecast';
import type { Ticket } from './line';
import { Outlook } from './outlook';

/** Less than this nobody in a line notices. Team's estimate. */
const NOTICED_MS = 30_000;

/** What painting the face in hand in another way does to those who wait, at all chairs. */
export interface Effect {
  /** How many are called at another time that they would notice. */
  readonly children: number;
  /** How much sooner each of them, on average; less than nothing for later. */
  readonly soonerMs: number;
  /** How many more of those who wait are finished before closing. */
  readonly beforeClosing: number;
}

/**
 * A face as it would be from now on by another plan; painted, where that leaves nothing to paint.
 *
 * @param plan null to stop here
 */
export function goneOnBy(face: Face, plan: ToldPlan | null, now: number): Face {
  const gone = new Set(face.runs.filter(({ status }) => status !== 'pending').map(({ step }) => step.id));
  const isLeft = face.paintedAt === null && plan?.steps.some(({ id }) => !gone.has(id)) === true;

  return plan !== null && isLeft ? trimmedTo(face, plan) : { ...face, paintedAt: face.paintedAt ?? now };
}

/** @param face of the child on the chair, as it would be from now on */
export function effectOf(outlook: Outlook, seated: Ticket, face: Face, closesAt: number): Effect {
  const before = new Forecast(outlook).calls;
  const line = outlook.line.withTicket({ ...seated, face });
  const { plannedMs, roster, turnaroundMs, chairs, now } = outlook;
  const after = new Map(
    new Forecast(new Outlook(line, plannedMs, roster, turnaroundMs, chairs, now)).calls.map((call) => [
      call.ticket.id,
      call,
    ]),
  );
  const moved = before
    .map((call) => call.callAt - (after.get(call.ticket.id)?.callAt ?? call.callAt))
    .filter((ms) => Math.abs(ms) >= NOTICED_MS);
  const inTime = (calls: Iterable<{ finishedAt: number }>) =>
    [...calls].filter(({ finishedAt }) => finishedAt <= closesAt).length;

  return {
    children: moved.length,
    soonerMs: moved.length === 0 ? 0 : Math.round(moved.reduce((sum, ms) => sum + ms, 0) / moved.length),
    beforeClosing: inTime(after.values()) - inTime(before),
  };
}
