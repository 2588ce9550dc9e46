import type { Tap } from '../api/kept';
import type { ChairState, LineBoard, Plan, SeatedChild, StepProgress, WaitingChild } from '../api/types.gen';

/**
 * Lays taps that the server has not answered yet over the line it last told of, so that a tap shows at once. This only
 * moves what is on the screen; what a tap means is the server's to say, and its answer takes this picture's place. A tap
 * that the line has heard of already, because it was read while the tap was under way, is left out.
 */
export function withPending(
  board: LineBoard,
  taps: readonly Tap[],
  plans: ReadonlyMap<string, Plan>,
): LineBoard {
  const heard = new Set(board.heard);
  const unheard = taps.filter((tap) => !heard.has(tap.id));
  const known = new Set(unheard.map((tap) => tap.id));
  const takenBack = new Set(unheard.map((tap) => tap.target));
  const standing = unheard.filter(
    (tap) => !takenBack.has(tap.id) && !(tap.target !== undefined && known.has(tap.target)),
  );

  return standing.reduce((shown, tap) => after(shown, tap, plans), board);
}

function after(board: LineBoard, tap: Tap, plans: ReadonlyMap<string, Plan>): LineBoard {
  switch (tap.kind) {
    case 'opened':
    case 'closed':
      return { ...board, isOpen: tap.kind === 'opened' };
    case 'joined':
      return { ...board, waiting: [...board.waiting, joined(board, tap, plans)] };
    case 'changed':
      return { ...board, waiting: board.waiting.map((child) => changed(board, child, tap, plans)) };
    case 'moved':
      return { ...board, waiting: moved(board.waiting, tap) };
    case 'called':
      return {
        ...board,
        waiting: board.waiting.map((child) => (child.id === tap.ticket ? { ...child, called: true } : child)),
      };
    case 'seated':
      return seated(board, tap, plans);
    case 'finished':
    case 'left':
    case 'no_show':
    case 'removed':
      return gone(board, tap);
    case 'undone':
      return { ...board, chairs: board.chairs.map((chair) => takenBackOn(chair, tap)) };
    default:
      return {
        ...board,
        chairs: board.chairs.map((chair) =>
          chair.child?.id === tap.ticket && chair.child !== null
            ? { ...chair, child: painted(chair.child, tap, plans), undoable: [tap.id] }
            : chair,
        ),
      };
  }
}

function joined(board: LineBoard, tap: Tap, plans: ReadonlyMap<string, Plan>): WaitingChild {
  const offer = board.menu.find((one) => one.designId === tap.design);
  const planned = plans.get(offer?.planId ?? '')?.totalMs ?? offer?.plannedMs ?? 0;

  return {
    id: tap.ticket ?? '',
    number: 0,
    firstName: tap.firstName ?? null,
    designId: tap.design ?? '',
    design: offer?.name ?? '',
    planId: offer?.planId ?? null,
    plannedMs: planned,
    called: false,
    joinedAt: tap.at,
    callAt: board.nextNameCalledAt,
    callChair: 1,
    finishedAt: board.nextNameCalledAt + planned,
    beforeClosing: true,
  };
}

function changed(
  board: LineBoard,
  child: WaitingChild,
  tap: Tap,
  plans: ReadonlyMap<string, Plan>,
): WaitingChild {
  if (child.id !== tap.ticket) {
    return child;
  }
  const asked = joined(board, tap, plans);

  return {
    ...child,
    firstName: asked.firstName,
    designId: asked.designId,
    design: asked.design,
    planId: asked.planId,
    plannedMs: asked.plannedMs,
  };
}

function moved(waiting: WaitingChild[], tap: Tap): WaitingChild[] {
  const child = waiting.find((one) => one.id === tap.ticket);
  if (child === undefined) {
    return waiting;
  }
  const others = waiting.filter((one) => one !== child);
  const place = tap.before === undefined ? -1 : others.findIndex((one) => one.id === tap.before);

  return place < 0 ? [...others, child] : others.toSpliced(place, 0, child);
}

function seated(board: LineBoard, tap: Tap, plans: ReadonlyMap<string, Plan>): LineBoard {
  const child = board.waiting.find((one) => one.id === tap.ticket);
  const plan = plans.get(tap.plan ?? '');
  if (child === undefined || plan === undefined) {
    return board;
  }
  const face: SeatedChild = {
    id: child.id,
    number: child.number,
    firstName: child.firstName,
    designId: child.designId,
    design: plan.name,
    planId: plan.id,
    promiseMs: board.menu.find((offer) => offer.designId === child.designId)?.promiseMs ?? null,
    seatedAt: tap.at,
    tappedAt: tap.at,
    pausedInStepMs: 0,
    pausedAt: null,
    paintedAt: null,
    steps: plan.steps.map((step) => ({
      stepId: step.id,
      status: 'pending',
      plannedMs: step.plannedMs,
      spentMs: 0,
    })),
  };

  return {
    ...board,
    waiting: board.waiting.filter((one) => one !== child),
    chairs: board.chairs.map((chair) =>
      chair.chair === tap.chair ? { ...chair, child: face, undoable: [tap.id] } : chair,
    ),
  };
}

function gone(board: LineBoard, tap: Tap): LineBoard {
  return {
    ...board,
    finishedCount: board.finishedCount + (tap.kind === 'finished' ? 1 : 0),
    waiting: board.waiting.filter((child) => child.id !== tap.ticket),
    chairs: board.chairs.map((chair) =>
      chair.child?.id === tap.ticket ? { ...chair, child: null, undoable: [tap.id] } : chair,
    ),
  };
}

function painted(child: SeatedChild, tap: Tap, plans: ReadonlyMap<string, Plan>): SeatedChild {
  switch (tap.kind) {
    case 'paused':
      return { ...child, pausedAt: tap.at };
    case 'resumed':
      return {
        ...child,
        pausedAt: null,
        pausedInStepMs: child.pausedInStepMs + tap.at - (child.pausedAt ?? tap.at),
      };
    case 'trimmed':
      return trimmed(child, plans.get(tap.plan ?? ''));
    case 'step_done':
      return stepped(
        { ...child, tappedAt: tap.at, pausedInStepMs: 0, pausedAt: null },
        tap,
        'done',
        stepTime(child, tap.at),
      );
    default:
      return stepped(child, tap, 'skipped', 0);
  }
}

/** What is not painted yet goes on by another plan; what that leaves out is skipped. */
function trimmed(child: SeatedChild, plan: Plan | undefined): SeatedChild {
  if (plan === undefined) {
    return child;
  }
  const past = child.steps.filter((step) => step.status !== 'pending');
  const gone = new Set(past.map((step) => step.stepId));
  const coming = plan.steps.filter((step) => !gone.has(step.id));
  const ids = new Set(coming.map((step) => step.id));
  const dropped = child.steps.filter((step) => step.status === 'pending' && !ids.has(step.stepId));

  return {
    ...child,
    planId: plan.id,
    steps: [
      ...past,
      ...dropped.map((step): StepProgress => ({ ...step, status: 'skipped', spentMs: 0 })),
      ...coming.map((step): StepProgress => ({
        stepId: step.id,
        status: 'pending',
        plannedMs: step.plannedMs,
        spentMs: 0,
      })),
    ],
  };
}

function stepped(child: SeatedChild, tap: Tap, status: StepProgress['status'], spentMs: number): SeatedChild {
  const steps = child.steps.map((step) => (step.stepId === tap.step ? { ...step, status, spentMs } : step));

  return { ...child, steps, paintedAt: steps.some((step) => step.status === 'pending') ? null : tap.at };
}

/** Shows a tap that the server already has as taken back: the newest step of the face is open again. */
function takenBackOn(chair: ChairState, tap: Tap): ChairState {
  const child = chair.child;
  if (child === null || chair.undoable[0] !== tap.target) {
    return chair;
  }
  if (child.pausedAt !== null) {
    return { ...chair, child: { ...child, pausedAt: null }, undoable: [] };
  }
  const newest = child.steps.findLastIndex((step) => step.status !== 'pending');
  const step = child.steps[newest];
  if (step === undefined) {
    return { ...chair, child: null, undoable: [] };
  }
  const reopened: SeatedChild = {
    ...child,
    tappedAt: child.tappedAt - step.spentMs,
    paintedAt: null,
    steps: child.steps.with(newest, { ...step, status: 'pending', spentMs: 0 }),
  };

  return { ...chair, child: reopened, undoable: [] };
}

/** Painting time of the step under the hand, pauses taken off. */
export function stepTime(child: SeatedChild, now: number): number {
  return Math.max(0, Math.min(child.pausedAt ?? now, now) - child.tappedAt - child.pausedInStepMs);
}

/** Painting time of the whole face; stands still once everything is painted. */
export function faceTime(child: SeatedChild, now: number): number {
  const done = child.steps.reduce((sum, step) => sum + step.spentMs, 0);

  return child.paintedAt === null ? done + stepTime(child, now) : done;
}

/** What the plan still asks for. */
export function leftToPaint(child: SeatedChild, now: number): number {
  const open = child.steps.filter((step) => step.status === 'pending');
  const current = open[0];
  if (current === undefined) {
    return 0;
  }
  const later = open.slice(1).reduce((sum, step) => sum + step.plannedMs, 0);

  return Math.max(0, current.plannedMs - stepTime(child, now)) + later;
}
