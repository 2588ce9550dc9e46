import type { Caution, PauseReason, StepStatus, ToldPlan, ToldStep, AfterFace } from '../api/types.gen';
import { afterFaceNames } from '../api/tables.gen';
import { TapSetAside } from './aside';

/** How one step of a face went. Mirrors Core\Line\StepRun. */
export interface StepRun {
  readonly step: ToldStep;
  readonly status: StepStatus;
  readonly spentMs: number;
  /** How often it was wiped off. */
  readonly wiped: number;
}

/** A part of the turnaround, and when it was over. */
export interface PartDone {
  readonly part: AfterFace;
  readonly at: number;
}

/** A face being painted: its plan, how far it is, and its clocks. Mirrors Core\Line\Face, proven equal by its stories. */
export interface Face {
  readonly plan: ToldPlan;
  readonly runs: readonly StepRun[];
  readonly seatedAt: number;
  /** When painting began: greeting and asking before it are none. */
  readonly begunAt: number;
  /** When the current step's clock began. */
  readonly tappedAt: number;
  /** Pauses ended since then. */
  readonly pausedInStepMs: number;
  readonly pausedAt: number | null;
  /** When the last step was done or skipped; the turnaround runs from then. */
  readonly paintedAt: number | null;
  /** What was answered before painting; null while nobody has said that it was asked. */
  readonly cautions: readonly Caution[] | null;
  readonly parts: readonly PartDone[];
  readonly pausedFor: PauseReason | null;
}

/** What the clocks of a face run from. */
export type Clocks = Pick<Face, 'tappedAt' | 'pausedInStepMs' | 'pausedAt' | 'paintedAt'>;

const pending = (step: ToldStep): StepRun => ({ step, status: 'pending', spentMs: 0, wiped: 0 });

export function begin(plan: ToldPlan, at: number): Face {
  return {
    plan,
    runs: plan.steps.map(pending),
    seatedAt: at,
    begunAt: at,
    tappedAt: at,
    pausedInStepMs: 0,
    pausedAt: null,
    paintedAt: plan.steps.length === 0 ? at : null,
    cautions: null,
    parts: [],
    pausedFor: null,
  };
}

export function stepDone(face: Face, step: string, at: number): Face {
  return advanced(face, step, 'done', stepTime(face, at), at);
}

/** Two steps painted as one: what they took is shared out as it was planned. */
export function bothDone(face: Face, step: string, at: number): Face {
  const current = refuseUnlessCurrent(face, step);
  const next = nextAfter(face, current);
  const [one, other] = [face.runs[current], face.runs[next]];
  if (one === undefined || other === undefined) {
    throw new TapSetAside('It is the last step: there is no other to be done with it.');
  }
  const spentMs = stepTime(face, at);
  const planned = one.step.plannedMs + other.step.plannedMs;
  const share = Math.floor(spentMs * (planned === 0 ? 0.5 : one.step.plannedMs / planned));
  const done = (run: StepRun, took: number): StepRun => ({
    ...run,
    status: 'done',
    spentMs: run.spentMs + took,
  });

  return goneOn(face, face.runs.with(current, done(one, share)).with(next, done(other, spentMs - share)), at);
}

/** The step under the hand is painted on, or at all, after the next one. */
export function leftForLater(face: Face, step: string, at: number): Face {
  const current = refuseUnlessCurrent(face, step);
  const next = nextAfter(face, current);
  const run = face.runs[current];
  if (run === undefined || next < 0) {
    throw new TapSetAside('It is the last step: there is nothing to paint before it.');
  }
  const later = { ...run, spentMs: run.spentMs + stepTime(face, at) };

  return goneOn(face, face.runs.toSpliced(next + 1, 0, later).toSpliced(current, 1), at);
}

/** The skipped step takes no time; what was spent on it so far counts to the next one. */
export function stepSkipped(face: Face, step: string, at: number): Face {
  return {
    ...advanced(face, step, 'skipped', 0, at),
    tappedAt: face.tappedAt,
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
  const pendingRuns = face.runs.filter((run) => run.status === 'pending');
  if (coming.length === 0) {
    throw new TapSetAside('Nothing is left to paint that way: finish the face instead.');
  }
  const skipped = pendingRuns
    .filter((run) => !ids.has(run.step.id))
    .map((run): StepRun => ({ ...run, status: 'skipped' }));
  const known = new Map(pendingRuns.map((run) => [run.step.id, run]));

  return {
    ...face,
    plan,
    runs: [
      ...past,
      ...skipped,
      ...coming.map((step) => ({ ...(known.get(step.id) ?? pending(step)), step })),
    ],
    paintedAt: null,
  };
}

/** Before painting it was asked what has to be asked; what must not be painted then is left out. */
export function asked(
  face: Face,
  cautions: readonly Caution[],
  without: readonly string[],
  at: number,
): Face {
  if (face.paintedAt !== null) {
    throw new TapSetAside('Every step is painted: it is late to ask.');
  }
  const isBegun = face.runs.some((run) => run.status === 'done');
  const runs = face.runs.map((run): StepRun =>
    run.status === 'pending' && without.includes(run.step.id) ? { ...run, status: 'skipped' } : run,
  );
  const answered: Face = { ...face, runs, cautions, paintedAt: isPainted(runs) ? at : null };

  return isBegun
    ? answered
    : { ...answered, begunAt: at, tappedAt: at, pausedInStepMs: 0, pausedAt: null, pausedFor: null };
}

/** Wiped off, to be painted once more: the step under the hand, or one that was done. What it took stays with it. */
export function wipedOff(face: Face, step: string, at: number): Face {
  const current = currentIndex(face);
  const index = face.runs.findIndex(
    (run, index) => run.step.id === step && (run.status === 'done' || index === current),
  );
  const run = face.runs[index];
  if (run === undefined) {
    throw new TapSetAside('That step is not painted yet: there is nothing to wipe off.');
  }
  const spentMs = run.spentMs + (face.paintedAt === null ? stepTime(face, at) : 0);

  return {
    ...face,
    runs: face.runs.with(index, { step: run.step, status: 'pending', spentMs, wiped: run.wiped + 1 }),
    tappedAt: at,
    pausedInStepMs: 0,
    pausedAt: null,
    pausedFor: null,
    paintedAt: null,
    parts: [],
  };
}

export function partDone(face: Face, part: AfterFace, at: number): Face {
  if (face.paintedAt === null) {
    throw new TapSetAside('The face is not painted yet.');
  }
  if (face.parts.some((done) => done.part === part)) {
    throw new TapSetAside(`${afterFaceNames[part]} was done already.`);
  }

  return { ...face, parts: [...face.parts, { part, at }] };
}

/** A tap was forgotten, and the log says more or less than it took. */
export function mended(face: Face, step: string, spentMs: number): Face {
  const index = face.runs.findIndex((run) => run.step.id === step && run.status === 'done');
  const run = face.runs[index];
  if (run === undefined) {
    throw new TapSetAside('That step was not painted: there is no time to mend.');
  }

  return { ...face, runs: face.runs.with(index, { ...run, spentMs }) };
}

export function paused(face: Face, at: number, reason: PauseReason | null): Face {
  if (face.pausedAt !== null && reason !== null && reason !== face.pausedFor) {
    return { ...face, pausedFor: reason };
  }
  if (face.pausedAt !== null) {
    throw new TapSetAside('The clocks are paused already.');
  }
  if (face.paintedAt !== null) {
    throw new TapSetAside('Every step is painted: there is nothing to pause.');
  }

  return { ...face, pausedAt: at, pausedFor: reason };
}

export function resumed(face: Face, at: number): Face {
  if (face.pausedAt === null) {
    throw new TapSetAside('The clocks are running already.');
  }
  const pausedInStepMs = face.pausedInStepMs + Math.max(0, at - face.pausedAt);

  return { ...face, pausedInStepMs, pausedAt: null, pausedFor: null };
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

const isPainted = (runs: readonly StepRun[]) => runs.every((run) => run.status !== 'pending');

function currentIndex(face: Face): number {
  return face.runs.findIndex((run) => run.status === 'pending');
}

function nextAfter(face: Face, current: number): number {
  return face.runs.findIndex((run, at) => at > current && run.status === 'pending');
}

function advanced(face: Face, step: string, status: 'done' | 'skipped', spentMs: number, at: number): Face {
  const current = refuseUnlessCurrent(face, step);
  const runs = face.runs.map((run, index) =>
    index === current ? { ...run, status, spentMs: run.spentMs + spentMs } : run,
  );

  return goneOn(face, runs, at);
}

/** The clock of the step that is under the hand now begins. */
function goneOn(face: Face, runs: readonly StepRun[], at: number): Face {
  return {
    ...face,
    runs,
    tappedAt: at,
    pausedInStepMs: 0,
    pausedAt: null,
    pausedFor: null,
    paintedAt: isPainted(runs) ? at : null,
  };
}

function refuseUnlessCurrent(face: Face, step: string): number {
  const current = currentIndex(face);
  if (face.runs[current]?.step.id === step) {
    return current;
  }
  const run = face.runs.find((one) => one.step.id === step && one.status !== 'pending');

  throw new TapSetAside(
    run === undefined
      ? 'That step is not the one being painted.'
      : `“${run.step.name}” was ${run.status} already.`,
  );
}
