import { describe, expect, it } from 'vitest';
import type { DesignSheet } from '../../../resources/js/api/types.gen';
import type { DraftStep } from '../../../resources/js/rooms/bench/draft';
import { echoOf, knownMs } from '../../../resources/js/rooms/bench/advice/local-timeline';
import { planStep } from '../steps';

const step = (id: string, timeMs: number) => ({
  ...planStep({ id }),
  time: '',
  dryFor: '',
  line: '',
  timeMs,
});
const steps = [step('a', 30_000), step('b', 20_000)];
const sheet = {
  steps,
  spans: [
    { kind: 'painting', stepId: 'a', startMs: 0, lengthMs: 30_000 },
    { kind: 'changeover', stepId: 'b', startMs: 30_000, lengthMs: 6000 },
    { kind: 'painting', stepId: 'b', startMs: 36_000, lengthMs: 20_000 },
  ],
} as unknown as DesignSheet;
const draft = (...changed: object[]) => changed as DraftStep[];
const laid = (...changed: object[]) =>
  echoOf(sheet, draft(...changed)).map(({ kind, stepId, startMs, lengthMs }) => [
    kind,
    stepId,
    startMs,
    startMs + lengthMs,
  ]);

describe('the echo of an edit', () => {
  it('is the server’s own tape while nothing is changed', () => {
    expect(echoOf(sheet, sheet.steps as DraftStep[])).toBe(sheet.spans);
  });

  it('grows with a step, and what follows moves', () => {
    expect(laid({ ...steps[0], time: '45s' }, steps[1] ?? {})).toEqual([
      ['painting', 'a', 0, 45_000],
      ['changeover', 'b', 45_000, 51_000],
      ['painting', 'b', 51_000, 71_000],
    ]);
  });

  it('closes the gap that a step leaves, and follows a new order', () => {
    expect(laid(steps[1] ?? {})).toEqual([
      ['changeover', 'b', 0, 6000],
      ['painting', 'b', 6000, 26_000],
    ]);
    expect(laid(steps[1] ?? {}, steps[0] ?? {}).at(-1)).toEqual(['painting', 'a', 26_000, 56_000]);
  });

  it('leaves to the server what it cannot read, and shows nothing of a step never timed', () => {
    expect(knownMs({ ...steps[0], time: '4m30' } as unknown as DraftStep, sheet)).toBe(30_000);
    expect(laid({ ...steps[0], id: 'new' })).toEqual([]);
  });
});
