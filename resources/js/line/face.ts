import type { StepStatus, ToldPlan, ToldStep } from '../api/types.gen';
import { TapSetAside } from './aside';

/** How one step of a face went. Mirrors Core\Line\StepRun. */
export interface StepRun {
  readonly step: ToldStep;
  readonly status: StepStatus;
  readonly spentMs: number;
}

/** A face being painted: its plan, how far it is, and its clocks. Mirrors Core\Line\Face, proven equal by its stories. */
export interface Face {
  readonly plan: ToldPlan;
  readonly runs: readonly StepRun[];
  readonly seatedAt: number;
  /** When the current step's clock began. */
  readonly tappedAt: number;
  /** Pauses ended since then. */
  readonly pausedInStepMs: number;
  readonly pausedAt: number | null;
  /** When the last step was done or skipped; the turnaround runs from then. */
  readonly paintedAt: number | null;
}

/** What the clocks of a face run from. */
export type Clocks = Pick<Face, 'tappedAt' | 'pausedInStepMs' | 'pausedAt' | 'paintedAt'>;

const pending = (step: ToldStep): StepRun => ({ step, status: 'pending', spentMs: 0 });

export function begin(plan: ToldPlan, at: number): Face {
  return {
    plan,
    runs: plan.steps.map(pending),
    seatedAt: at,
    tappedAt: at,
    pausedInStepMs: 0,
    pausedAt: null,
    paintedAt: plan.steps.length === 0 ? at : null,
  };
}

export function stepDone(face: Face, step: string, at: number): Face {
  return {
    ...advanced(face, step, 'done', stepTime(face, at), at),
    tappedAt: at,
    pausedInStepMs: 0,
  };
}

/** The skipped step takes no time; what was spent on it so far counts to the next one. */
export function stepSkipped(face: Face, step: string, at: number): Face {
  return {
    ...advanced(face, step, 'skipped', 0, at),
    pausedInStepMs: face.pausedInStepMs + (face.pausedAt === null ? 0 : Math.max(0, at - face.pausedAt)),
  };
}

/** What is not painted yet is painted by another plan from now on; what that leaves out is skipped. */
export function trimmedTo(face: Face, plan: ToldPlan): Face {
  if (currentIndex(face) < 0) {
    throw new TapSetAside('Every step is painted: there is nothing to make quicker.');
  }
  const past = face.runs.filter((run) => run.status !== 'pending');
  const gone = new Set(past.map((run) => run.step.id));
  const coming = plan.steps.filter((step) => !gone.has(step.id));
  const ids = new Set(coming.map((step) => step.id));
  const dropped = face.runs.filter((run) => run.status === 'pending' && !ids.has(run.step.id));
  if (coming.length === 0) {
    throw new TapSetAside('Nothing is left to paint that way: finish the face instead.');
  }
  const skipped = dropped.map((run): StepRun => ({ step: run.step, status: 'skipped', spentMs: 0 }));

  return { ...face, plan, runs: [...past, ...skipped, ...coming.map(pending)], paintedAt: null };
}

export function paused(face: Face, at: number): Face {
  if (face.pausedAt !== null) {
    throw new TapSetAside('The clocks are paused already.');
  }
  if (face.paintedAt !== null) {
    throw new TapSetAside('Every step is painted: there is nothing to pause.');
  }

  return { ...face, pausedAt: at, paintedAt: null };
}

export function resumed(face: Face, at: number): Face {
  if (face.pausedAt === null) {
    throw new TapSetAside('The clocks are running already.');
  }
  const pausedInStepMs = face.pausedInStepMs + Math.max(0, at - face.pausedAt);

  return { ...face, pausedInStepMs, pausedAt: null, paintedAt: null };
}

/** Painting time of the step under the hand, pauses taken off. */
export function stepTime(face: Clocks, at: number): number {
  return Math.max(0, Math.min(face.pausedAt ?? at, at) - face.tappedAt - face.pausedInStepMs);
}

/** Painting time of the whole face; stands still once everything is painted. */
export function faceTime(face: Clocks & { steps: readonly { spentMs: number }[] }, at: number): number {
  const done = face.steps.reduce((sum, step) => sum + step.spentMs, 0);

  return face.paintedAt === null ? done + stepTime(face, at) : done;
}

/** What the plan still asks for: the rest of the current step, if any is left of it, and all steps after it. */
export function leftToPaint(
  face: Clocks & { steps: readonly { status: StepStatus; plannedMs: number }[] },
  at: number,
): number {
  const current = face.steps.findIndex((step) => step.status === 'pending');
  if (current < 0) {
    return 0;
  }
  const rest = Math.max(0, (face.steps[current]?.plannedMs ?? 0) - stepTime(face, at));

  return face.steps.slice(current + 1).reduce((sum, step) => sum + step.plannedMs, rest);
}

/** The runs as the board shows them. */
export function progress(face: Face) {
  return face.runs.map((run) => ({
    stepId: run.step.id,
    status: run.status,
    plannedMs: run.step.plannedMs,
    spentMs: run.spentMs,
  }));
}

function currentIndex(face: Face): number {
  return face.runs.findIndex((run) => run.status === 'pending');
}

function advanced(face: Face, step: string, status: 'done' | 'skipped', spentMs: number, at: number): Face {
  const current = currentIndex(face);
  const run = face.runs[current];
  if (run?.step.id !== step) {
    throw new TapSetAside(whyNotCurrent(face, step));
  }

  return {
    ...face,
    runs: face.runs.with(current, { step: run.step, status, spentMs }),
    pausedAt: null,
    paintedAt: current === face.runs.length - 1 ? at : null,
  };
}

function whyNotCurrent(face: Face, step: string): string {
  const run = face.runs.find((one) => one.step.id === step && one.status !== 'pending');

  return run === undefined
    ? 'That step is not the one being painted.'
    : `“${run.step.name}” was ${run.status} already.`;
}
