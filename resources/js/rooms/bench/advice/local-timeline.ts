import type { DesignSheet, TapeSpan } from '../../../api/types.gen';
import type { DraftStep } from '../draft';

/** A time as the bench itself writes it: 45s. Whatever else was typed is the server's to read. */
const WRITTEN = /^(\d+(?:\.\d+)?)s$/;

/** How long a step takes as far as this screen can know: what it wrote itself, else what the server last said. */
export function knownMs(step: DraftStep, sheet: DesignSheet): number {
  const written = WRITTEN.exec(step.time)?.[1];

  return written === undefined
    ? (sheet.steps.find((one) => one.id === step.id)?.timeMs ?? 0)
    : Number(written) * 1000;
}

/**
 * The tape as it will about be, until the server has timed a change: the known pieces of each step, laid end to end in the
 * new order. Steps that the server has not seen yet have none.
 */
export function echoOf(sheet: DesignSheet, steps: readonly DraftStep[]): TapeSpan[] {
  if (steps === sheet.steps) {
    return sheet.spans;
  }
  let at = 0;

  return steps.flatMap((step) =>
    sheet.spans
      .filter((span) => span.stepId === step.id)
      .map((span) => {
        const lengthMs = span.kind === 'painting' ? knownMs(step, sheet) : span.lengthMs;
        const startMs = at;
        at += lengthMs;

        return { ...span, startMs, lengthMs };
      }),
  );
}
