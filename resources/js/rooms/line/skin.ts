import type { FilmUnder, PlanStep, SeatedChild, StepProgress } from '../../api/types.gen';
import { minutes } from '../../lib/minutes';

/** A film below a step, as it stands at a moment. */
export interface FilmNow {
  stepId: string;
  /** Until one may go on over it; 0 once one may. */
  dryInMs: number;
  /** As long as it is wet enough for what comes; null where it may be dry. */
  wetForMs: number | null;
}

type Painted = Pick<SeatedChild, 'tappedAt'> & {
  steps: readonly Pick<StepProgress, 'stepId' | 'status' | 'spentMs'>[];
};

/** Films that are laid on this face, by when their last strokes were. Pauses before the last tap are not counted: it dries in them too. */
export function filmsNow(child: Painted, films: readonly FilmUnder[], now: number): FilmNow[] {
  return films.flatMap(({ stepId, leastMs, mostMs }) => {
    const at = child.steps.findIndex((step) => step.stepId === stepId && step.status === 'done');
    if (at < 0) {
      return [];
    }
    const since = child.steps
      .slice(at + 1)
      .reduce((sum, { spentMs }) => sum + spentMs, Math.max(0, now - child.tappedAt));

    return {
      stepId,
      dryInMs: Math.max(0, leastMs - since),
      wetForMs: mostMs === null ? null : Math.max(0, mostMs - since),
    };
  });
}

/** A film that stays wet for so long is nothing to hurry for. Team's estimate. */
const HURRY_MS = 30_000;

/**
 * One word on what lies below: what is not dry yet first, else what will not be wet for long.
 *
 * @param isWaiting whether a wait is under way
 */
export function skinSays(
  films: readonly FilmNow[],
  nameOf: (stepId: string) => string,
  isWaiting: boolean,
): string {
  const [wettest] = [...films].sort((one, other) => other.dryInMs - one.dryInMs);
  const [driest] = films
    .filter(({ wetForMs }) => wetForMs !== null && wetForMs > 0 && wetForMs <= HURRY_MS)
    .sort((one, other) => (one.wetForMs ?? 0) - (other.wetForMs ?? 0));

  return wettest !== undefined && wettest.dryInMs > 0
    ? `${nameOf(wettest.stepId)} dry in ${minutes(wettest.dryInMs)}`
    : driest !== undefined
      ? `${nameOf(driest.stepId)} wet for ${minutes(driest.wetForMs ?? 0)} more`
      : wettest !== undefined && isWaiting
        ? 'Dry by now, go on'
        : '';
}

/**
 * How long a child must hold still, from the step under the hand on, as planned.
 *
 * @param steps planned, from the one under the hand on
 * @param runs how they stand: what is skipped asks for nothing
 * @param spentMs on the first of them
 */
export function stillFor(
  steps: readonly Pick<PlanStep, 'id' | 'still' | 'plannedMs'>[],
  runs: readonly Pick<StepProgress, 'stepId' | 'status'>[],
  spentMs: number,
): number {
  const out = new Set(runs.filter(({ status }) => status !== 'pending').map(({ stepId }) => stepId));
  const coming = steps.filter(({ id }) => !out.has(id));
  const end = coming.findIndex(({ still }) => !still);
  const stretch = end < 0 ? coming : coming.slice(0, end);
  const [first, ...rest] = stretch;

  return first === undefined
    ? 0
    : rest.reduce((sum, { plannedMs }) => sum + plannedMs, Math.max(1000, first.plannedMs - spentMs));
}
